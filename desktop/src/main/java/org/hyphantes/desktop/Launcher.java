package org.hyphantes.desktop;

import java.io.IOException;
import java.nio.file.Path;
import javafx.application.Application;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.files.PrivateFolder;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.exchange.project.Demo;
import org.slf4j.LoggerFactory;

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
        ahead();
        Application.launch(HyphantesApp.class, files);
    }

    /** While the toolkit starts: the log is opened, and what every design needs is loaded by resolving the demo. */
    private static void ahead() {
        Thread ahead = new Thread(
                () -> {
                    LoggerFactory.getILoggerFactory();
                    new Resolver().resolve(Demo.TIDE_RING.design());
                },
                "ahead");
        ahead.setDaemon(true);
        ahead.start();
    }
}
