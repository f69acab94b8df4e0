package org.hyphantes.desktop.background;

import java.util.concurrent.locks.LockSupport;

/** Work in spells with rests between, which leave a core to the hand: for what nobody waits for as for the first drawing. */
public final class Spells {
    private static final long SPELL = 4_000_000L;
    private static final long REST = 2_000_000L;

    private long rested = System.nanoTime();

    /** Rests, when a spell of work is over. */
    public void rest() {
        if (System.nanoTime() - rested > SPELL) {
            LockSupport.parkNanos(REST);
            rested = System.nanoTime();
        }
    }
}
