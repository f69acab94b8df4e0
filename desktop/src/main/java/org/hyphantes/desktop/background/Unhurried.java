package org.hyphantes.desktop.background;

import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/**
 * Redraws a picture at most four times a second, so that a drag leaves the time to the field. The first wish after a rest is
 * met at the next {@link Turn}, and the last one always.
 */
public final class Unhurried {
    private static final long REST = 250;

    private final Runnable draw;
    private final PauseTransition later = new PauseTransition();
    private long drawn = System.nanoTime() - REST * 1_000_000L;
    private boolean queued;

    public Unhurried(Runnable draw) {
        this.draw = draw;
        later.setOnFinished(e -> now());
    }

    /** Wishes for a redraw. */
    public void wish() {
        long rested = (System.nanoTime() - drawn) / 1_000_000;
        if (queued) {
            return;
        }
        if (rested >= REST) {
            now();
        } else if (later.getStatus() != Animation.Status.RUNNING) {
            later.setDuration(Duration.millis(REST - rested));
            later.playFromStart();
        }
    }

    private void now() {
        later.stop();
        queued = true;
        Turn.take(() -> {
            queued = false;
            draw.run();
            drawn = System.nanoTime();
        });
    }
}
