package org.hyphantes.bench;

import java.io.IOException;
import java.nio.file.Files;
import javafx.stage.Stage;
import org.hyphantes.desktop.Frame;
import org.hyphantes.desktop.HyphantesApp;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.Remembered;

/** The application's own window, with nothing remembered. */
final class RealWindow {
    private RealWindow() {}

    static Frame open(Stage window, Desk desk) throws IOException {
        Typefaces.load();
        return HyphantesApp.open(window, desk, new Remembered(Files.createTempDirectory("hyphantes-bench")));
    }
}
