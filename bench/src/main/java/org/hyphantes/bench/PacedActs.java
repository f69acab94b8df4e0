package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import org.hyphantes.design.Artwork;
import org.hyphantes.desktop.desk.Desk;

/**
 * Acts one after another in the real window, each when the hand has rested on what came of the one before; between pulses, as acts by
 * hand come. Measures how long it takes until something of each is handed to be drawn, and until it is resolved and measured.
 */
final class PacedActs extends AnimationTimer {
    private final Desk desk;
    private final Scene scene;
    private final double rest;
    private final int count;
    private final IntConsumer act;
    private final Runnable done;
    private final Runnable laidOut = this::laidOut;
    private final List<Double> seen = new ArrayList<>();
    private final List<Double> answered = new ArrayList<>();
    private int acts;
    private Artwork before;
    private long began;
    private long settled = System.nanoTime();
    private boolean isSeen = true;

    /**
     * @param rest how long (ns) the hand rests
     * @param act does the act of a number, from 1 on
     */
    PacedActs(Desk desk, Scene scene, double rest, int count, IntConsumer act, Runnable done) {
        this.desk = desk;
        this.scene = scene;
        this.rest = rest;
        this.count = count;
        this.act = act;
        this.done = done;
        scene.addPostLayoutPulseListener(laidOut);
    }

    /** The median, and the longest, in ms, of the last acts until something was seen. */
    String seen(int last) {
        return spread(seen, last);
    }

    /** The same until all was resolved and measured. */
    String answered(int last) {
        return spread(answered, last);
    }

    private static String spread(List<Double> times, int last) {
        List<Double> sorted = times.subList(times.size() - last, times.size()).stream()
                .sorted()
                .toList();
        return String.format(Locale.ROOT, "%.0f (at most %.0f)", sorted.get(last / 2), sorted.get(last - 1));
    }

    /** A pulse hands over to be drawn all that has been laid out. */
    private void laidOut() {
        if (!isSeen && desk.pictured().artwork() != before) {
            isSeen = true;
            seen.add((System.nanoTime() - began) / 1e6);
        }
    }

    @Override
    public void handle(long now) {
        long time = System.nanoTime();
        boolean isAnswered = isSeen && desk.settledProperty().get();
        if (settled == 0 && isAnswered) {
            settled = time;
            answered.add((time - began) / 1e6);
        }
        if (!isAnswered || time - settled <= rest) {
            return;
        }
        if (acts == count) {
            stop();
            scene.removePostLayoutPulseListener(laidOut);
            done.run();
            return;
        }
        acts++;
        isSeen = false;
        settled = 0;
        before = desk.pictured().artwork();
        Platform.runLater(() -> {
            began = System.nanoTime();
            act.accept(acts);
        });
    }
}
