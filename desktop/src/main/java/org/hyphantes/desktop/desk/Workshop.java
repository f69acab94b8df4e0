package org.hyphantes.desktop.desk;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.machine.CannotRun;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The simulated machine beside the desk: what is on the desk is written in the format in hand, read again and replayed. It works on a thread
 * of its own, and only while it is asked for; the clock runs only while the replay does.
 */
public final class Workshop {
    private static final Logger LOG = LoggerFactory.getLogger(Workshop.class);

    /** A replay is over in so many seconds, however long the work takes. */
    private static final double WHOLE = 20;

    private final ExecutorService thread = OwnThread.named("workshop");
    private final AtomicLong newest = new AtomicLong();
    private final ReadOnlyObjectWrapper<Optional<Replay>> replay = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<String> trouble = new ReadOnlyObjectWrapper<>("");
    private final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper();
    private final DoubleProperty seconds = new SimpleDoubleProperty();
    private final ObjectProperty<Format> format =
            new SimpleObjectProperty<>(Formats.forMachines().get(0));
    private double rate;
    private Wanted wanted;

    private final AnimationTimer clock = new AnimationTimer() {
        private long last;

        @Override
        public void start() {
            last = 0;
            super.start();
        }

        @Override
        public void handle(long now) {
            if (last > 0) {
                seek(seconds.get() + (now - last) * 1e-9 * rate());
                if (seconds.get() >= total()) {
                    pause();
                }
            }
            last = now;
        }
    };

    /** What a replay is made of: while that is the same, so is the replay. */
    private record Wanted(Resolved resolved, Format format) {}

    public ReadOnlyObjectProperty<Optional<Replay>> replayProperty() {
        return replay.getReadOnlyProperty();
    }

    /** Why there is no replay, in words; empty where there is one, or none is made yet. */
    public ReadOnlyObjectProperty<String> troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty runningProperty() {
        return running.getReadOnlyProperty();
    }

    /** The moment (s) of the replay that is seen. */
    public DoubleProperty secondsProperty() {
        return seconds;
    }

    /** The format that is written and replayed. */
    public ObjectProperty<Format> formatProperty() {
        return format;
    }

    /** Makes the replay of what is resolved, unless it is made already. */
    public void show(Resolved resolved) {
        Wanted now = new Wanted(resolved, format.get());
        if (now.equals(wanted)) {
            return;
        }
        wanted = now;
        long number = newest.incrementAndGet();
        Watch watch = () -> {
            if (number != newest.get()) {
                throw new BrokenOff();
            }
        };
        thread.execute(() -> make(now, watch, number));
    }

    private void make(Wanted now, Watch watch, long number) {
        Optional<Replay> made = Optional.empty();
        String words = "";
        try {
            made = Optional.of(Watch.over(watch, () -> replayed(now)));
        } catch (BrokenOff e) {
            return;
        } catch (Refused e) {
            words = e.getMessage();
        } catch (RuntimeException | Error e) {
            LOG.error("no replay", e);
            words = "This cannot be cut on the simulated machine: it needs more than this computer has.";
        }
        Optional<Replay> result = made;
        String why = words;
        Platform.runLater(() -> {
            if (number == newest.get()) {
                boolean atEnd = seconds.get() >= total();
                trouble.set(why);
                replay.set(result);
                seek(atEnd ? total() : seconds.get());
            }
        });
    }

    /** Why something cannot be replayed. */
    private static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refused(Exception cause) {
            super(cause.getMessage(), cause);
        }
    }

    private static Replay replayed(Wanted now) {
        try {
            return Replay.of(Handout.of(now.resolved().design(), now.resolved().finished()), now.format());
        } catch (CannotHandOver | CannotRun | IOException e) {
            throw new Refused(e);
        }
    }

    /** How long (s) the work takes; 0 while there is none. */
    public double total() {
        return replay.get().map(r -> r.timeline().total()).orElse(0.0);
    }

    /** How many times as fast as the machine the replay runs. */
    public double rate() {
        return rate > 0 ? rate : Math.max(1, total() / WHOLE);
    }

    /** @param times as fast as the machine; 0 for as fast as suits it */
    public void pace(double times) {
        rate = times;
    }

    public void seek(double moment) {
        seconds.set(Math.max(0, Math.min(total(), moment)));
    }

    /** Runs from the moment that is seen, or from the start when that is the end. */
    public void run() {
        if (replay.get().isPresent() && !running.get()) {
            if (seconds.get() >= total()) {
                seek(0);
            }
            running.set(true);
            clock.start();
        }
    }

    public void pause() {
        running.set(false);
        clock.stop();
    }
}
