package org.hyphantes.desktop.background;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/**
 * Drawing in turn: what a pulse has no time left for waits for the next, so that neither the interface thread nor the
 * rendering is held up by all pictures of a new design together. For the interface thread only.
 */
public final class Turn {
    /** What is spent within a pulse (ns) before the rest waits. */
    private static final long MOST = 6_000_000L;

    /** From one pulse to the next (ns). */
    private static final long PULSE = 16_000_000L;

    private static final Deque<Runnable> WAITING = new ArrayDeque<>();
    private static long begun;
    private static long spent = MOST;

    private static final AnimationTimer PULSES = new AnimationTimer() {
        @Override
        public void handle(long now) {
            begin();
            while (!WAITING.isEmpty() && spent < MOST) {
                atOnce(WAITING.removeFirst());
            }
            if (WAITING.isEmpty()) {
                stop();
            }
        }
    };

    private Turn() {}

    private static void begin() {
        begun = System.nanoTime();
        spent = 0;
    }

    /** Draws now, if there is time, or else at one of the next pulses. */
    static void take(Runnable drawing) {
        if (WAITING.isEmpty() && System.nanoTime() - begun > PULSE) {
            begin();
        }
        if (WAITING.isEmpty() && spent < MOST) {
            atOnce(drawing);
        } else {
            WAITING.addLast(drawing);
            PULSES.start();
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
