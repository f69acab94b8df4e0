package org.hyphantes.desktop;

import java.io.IOException;
import java.nio.file.Path;
import javafx.application.Application;
import org.hyphantes.desktop.files.PrivateFolder;
import org.hyphantes.exchange.Refusal;

/** The entry point. It is no Application itself, so that JavaFX may stand on the class path. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] files) {
        Path home = PrivateFolder.usual();
        System.setProperty("hyphantes.home", home.toString());
        try {
            PrivateFolder.make(home);
        } catch (IOException e) {
            System.err.println("hyphantes: nothing can be kept in " + home + ": " + Refusal.words(e));
        }
        // Large pictures are drawn in memory; no other windowing is to be woken for that.
        System.setProperty("java.awt.headless", "true");
        Application.launch(HyphantesApp.class, files);
    }
}
