package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import org.hyphantes.design.Handing;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.format.MachineFormat;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Readers;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes what is handed over on a thread of its own; a newer wish to write breaks off an older one. */
final class Writing {
    private static final Logger LOG = LoggerFactory.getLogger(Writing.class);

    /** What makes a file, and tells what is to be said of it when it is written. */
    @FunctionalInterface
    interface Work {
        String write() throws IOException, CannotHandOver;
    }

    /** So many hundredths are told at a time. */
    private static final int STEP = 5;

    private final Desk desk;
    private Optional<Errand> running = Optional.empty();
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService writer = OwnThread.named("writer");

    Writing(Desk desk) {
        this.desk = desk;
    }

    /** The writing of one file. */
    private final class Errand implements Watch {
        private final long number = newest.incrementAndGet();
        private final String name;
        private int told;

        /** Once the file is there nothing is broken off any more. */
        private volatile boolean written;

        Errand(String name) {
            this.name = name;
        }

        @Override
        public void step() {
            if (!written && number != newest.get()) {
                throw new BrokenOff();
            }
        }

        private void tell(int percent) {
            if (running.filter(r -> r == this).isPresent()) {
                desk.say("Writing " + name + ": " + percent + " of 100. Esc breaks it off.");
            }
        }

        @Override
        public void done(double share) {
            written = share >= 1;
            int percent = (int) (100 * share) / STEP * STEP;
            if (percent > told && !written) {
                told = percent;
                Platform.runLater(() -> tell(percent));
            }
        }
    }

    /** Writes a file, and says how it ended. */
    void write(Path path, Work work) {
        Errand errand = new Errand(String.valueOf(path.getFileName()));
        String name = errand.name;
        running = Optional.of(errand);
        desk.say("Writing " + name + " ... Esc breaks it off.");
        writer.execute(() -> {
            try {
                Watch.over(errand, () -> done(work, name)).run();
            } catch (BrokenOff e) {
                LOG.trace("broken off");
            } catch (RuntimeException | Error e) {
                LOG.error("not written", e);
                say(false, "Not written: it needs more than this computer has. The design is safe.");
            }
            Platform.runLater(() -> running = running.filter(r -> r != errand));
        });
    }

    /** Breaks off what is being written, and says so; whether anything was. */
    boolean breakOff() {
        Optional<Errand> now = running.filter(r -> !r.written);
        now.ifPresent(r -> {
            newest.incrementAndGet();
            running = Optional.empty();
            desk.say("Broken off: " + r.name + " is not written, and what was there is as it was.");
        });
        return now.isPresent();
    }

    /** Writes a file; what a machine can read is read again from it, and told. */
    static String written(Handout handout, Path path) throws IOException, CannotHandOver {
        Format format = Formats.of(path).orElse(Formats.EACH.get(0));
        format.write(handout, path);
        Watch.tell(1);
        boolean passes =
                format instanceof MachineFormat || handout.design().handing().painted() == Handing.Painted.AS_PASSES;
        if (!passes || Readers.of(path.toString()).isEmpty()) {
            return ", " + handout.scene().size() + " paths";
        }
        try {
            return ", "
                    + Replay.of(handout, path.toString(), Files.readString(path))
                            .told();
        } catch (CannotRun e) {
            return ", but the simulated machine cannot run it. " + e.getMessage();
        }
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

    /** Writes, and gives what is to be said of it. */
    private Runnable done(Work work, String name) {
        try {
            String what = work.write();
            return () -> say(true, "Written: " + name + what + ".");
        } catch (IOException e) {
            LOG.warn("not written", e);
            return () -> say(false, "Not written: " + Refusal.words(e) + " Choose another folder.");
        } catch (CannotHandOver e) {
            return () -> say(false, "Not written: " + e.getMessage());
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
