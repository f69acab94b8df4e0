package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes what is handed over on a thread of its own; a newer wish to write breaks off an older one. */
final class Writing {
    private static final Logger LOG = LoggerFactory.getLogger(Writing.class);

    /** What makes a file. */
    @FunctionalInterface
    interface Work {
        void write() throws IOException, CannotHandOver;
    }

    private final Desk desk;
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService writer = OwnThread.named("writer");

    Writing(Desk desk) {
        this.desk = desk;
    }

    /** Writes a file, and says how it ended; {@code what} is said of it when it is written. */
    void write(Path path, Work work, String what) {
        long number = newest.incrementAndGet();
        Watch watch = () -> {
            if (number != newest.get()) {
                throw new BrokenOff();
            }
        };
        String name = String.valueOf(path.getFileName());
        desk.say("Writing " + name + " ...");
        writer.execute(() -> {
            try {
                String refused = Watch.over(watch, () -> refusal(work));
                say(refused.isEmpty(), refused.isEmpty() ? "Written: " + name + what + "." : refused);
            } catch (BrokenOff e) {
                LOG.trace("broken off for a newer wish");
            } catch (RuntimeException | Error e) {
                LOG.error("not written", e);
                say(false, "Not written: it needs more than this computer has. The design is safe.");
            }
        });
    }

    /** Waits for what is being written, ten seconds at most. */
    void finish() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(10, TimeUnit.SECONDS)) {
                LOG.warn("closed before a file was written");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String refusal(Work work) {
        try {
            work.write();
            return "";
        } catch (IOException e) {
            LOG.warn("not written", e);
            return "Not written: " + Refusal.words(e) + " Choose another folder.";
        } catch (CannotHandOver e) {
            return "Not written: " + e.getMessage();
        }
    }

    private void say(boolean done, String words) {
        Platform.runLater(() -> {
            if (done) {
                desk.say(words);
            } else {
                desk.warn(words);
            }
        });
    }
}
