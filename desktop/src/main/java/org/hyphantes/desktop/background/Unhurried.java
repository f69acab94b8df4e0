package org.hyphantes.desktop.background;

import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/**
 * Redraws words at most four times a second, and whole pictures twice, so that a drag leaves the time to the field. The first wish after a rest is
 * met at the next {@link Turn}, for a picture a moment later, while the field is being rendered on the other core; the last one always.
 */
public final class Unhurried {
    private static final long REST = 250;

    /** So long (ms) a picture waits for the field at least. */
    private static final long AFTER_FIELD = 120;

    private final Runnable draw;
    private final long rest;
    private final PauseTransition later = new PauseTransition();
    private long drawn;
    private boolean queued;

    public Unhurried(Runnable draw) {
        this(draw, REST);
    }

    private Unhurried(Runnable draw, long rest) {
        this.draw = draw;
        this.rest = rest;
        this.drawn = System.nanoTime() - rest * 1_000_000L;
        later.setOnFinished(e -> now());
    }

    /** At the next {@link Turn} after every wish. */
    public static Unhurried soon(Runnable draw) {
        return new Unhurried(draw, 0);
    }

    /** For a picture of the whole design, which takes as long as the field does. */
    public static Unhurried picture(Runnable draw) {
        return new Unhurried(draw, 2 * REST);
    }

    /** Wishes for a redraw. */
    public void wish() {
        long rested = (System.nanoTime() - drawn) / 1_000_000;
        long wait = Math.max(rest - rested, isWord() ? 0 : AFTER_FIELD);
        if (queued) {
            return;
        }
        if (wait <= 0) {
            now();
        } else if (later.getStatus() != Animation.Status.RUNNING) {
            later.setDuration(Duration.millis(wait));
            later.playFromStart();
        }
    }

    private boolean isWord() {
        return rest <= REST;
    }

    private void now() {
        later.stop();
        queued = true;
        Runnable turn = () -> {
            queued = false;
            draw.run();
            drawn = System.nanoTime();
        };
        Turn.take(turn, isWord());
    }
}
