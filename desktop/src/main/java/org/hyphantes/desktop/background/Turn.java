package org.hyphantes.desktop.background;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/**
 * Drawing in turn: what a pulse has no time left for waits for the next, so that neither the interface thread nor the
 * rendering is held up by all pictures of a new design together. What cannot wait, the field, goes to the rendering by itself, before all
 * others. For the interface thread only.
 */
public final class Turn {
    /** What is spent within a pulse (ns) before the rest waits for the next. */
    private static final long MOST = 6_000_000L;

    private static final Deque<Runnable> WAITING = new ArrayDeque<>();
    private static long spent;

    /** So many pulses the others let pass: by then what was drawn has been rendered, and the interface thread, which puts it on the screen, was free to. */
    private static final int PASSED = 3;

    /** How many they have let pass; while something is drawn for every pulse they take every fourth. */
    private static int passed;

    private static final AnimationTimer PULSES = new AnimationTimer() {
        @Override
        public void handle(long now) {
            boolean waits = passed < PASSED && (spent > 0 || passed > 0);
            passed = waits ? passed + 1 : 0;
            spent = 0;
            while (!waits && !WAITING.isEmpty() && spent < MOST) {
                atOnce(WAITING.removeFirst());
            }
            spent = 0;
            if (WAITING.isEmpty()) {
                stop();
            }
        }
    };

    private Turn() {}

    /**
     * Draws at the next pulse, or at one after it.
     *
     * @param before whether before the pictures that wait, as words are
     */
    static void take(Runnable drawing, boolean before) {
        if (WAITING.isEmpty()) {
            spent = 0;
            PULSES.start();
        }
        if (before) {
            WAITING.addFirst(drawing);
        } else {
            WAITING.addLast(drawing);
        }
    }

    /** Draws what cannot wait; it takes its time from the rest. */
    public static void atOnce(Runnable drawing) {
        long from = System.nanoTime();
        try {
            drawing.run();
        } finally {
            spent += System.nanoTime() - from;
        }
    }
}
