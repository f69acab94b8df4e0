package org.hyphantes.desktop.files;

import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.application.Platform;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reads files on a thread of its own, and hands over what the newest wish came to on the interface thread. */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private final LongConsumer waiting;
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService reader = OwnThread.named("reader");

    /** @param waiting is told of every second that reading takes */
    Opening(LongConsumer waiting) {
        this.waiting = waiting;
    }

    /** Reads a design; a newer wish breaks an older one off. */
    void read(Path file, Consumer<Design> done, Consumer<CannotOpen> refused) {
        long number = newest.incrementAndGet();
        long begun = System.nanoTime();
        AtomicLong said = new AtomicLong();
        Watch watch = () -> {
            if (number != newest.get()) {
                throw new BrokenOff();
            }
            long seconds = (System.nanoTime() - begun) / 1_000_000_000L;
            if (seconds > said.getAndSet(seconds)) {
                hand(number, () -> waiting.accept(seconds));
            }
        };
        reader.execute(() -> {
            try {
                Design design = Watch.over(watch, () -> open(file));
                hand(number, () -> done.accept(design));
            } catch (BrokenOff e) {
                LOG.trace("broken off for a newer wish");
            } catch (Refused e) {
                hand(number, () -> refused.accept(e.why));
            } catch (RuntimeException | Error e) {
                // Memory or stack may run out over a file that was made to use them up.
                LOG.error("could not read {}", file.getFileName(), e);
                hand(
                        number,
                        () -> refused.accept(new CannotOpen(
                                file.getFileName() + " cannot be opened: it needs more than this computer has.")));
            }
        });
    }

    /** Breaks off what is being read. */
    void leave() {
        newest.incrementAndGet();
    }

    private void hand(long number, Runnable outcome) {
        Platform.runLater(() -> {
            if (number == newest.get()) {
                outcome.run();
            }
        });
    }

    private static Design open(Path file) {
        try {
            return ProjectFile.open(file);
        } catch (CannotOpen e) {
            throw new Refused(e);
        }
    }

    /** Carries a refusal out of watched work. */
    private static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient CannotOpen why;

        Refused(CannotOpen why) {
            super(why);
            this.why = why;
        }
    }
}
