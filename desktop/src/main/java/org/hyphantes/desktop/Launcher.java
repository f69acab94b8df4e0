package org.hyphantes.desktop;

import javafx.application.Application;

/** The entry point. It is no Application itself, so that JavaFX may stand on the class path. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] files) {
        Application.launch(HyphantesApp.class, files);
    }
}
