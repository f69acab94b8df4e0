package org.hyphantes.geometry;

import java.util.function.Supplier;

/**
 * Called now and then from within long work, which it breaks off by throwing a {@link BrokenOff}. Work done {@link #over}
 * a watch is watched however deep it goes: whatever loops there asks the watch by {@link #ask}.
 */
@FunctionalInterface
public interface Watch {
    /** Lets the work run to its end. */
    Watch NONE = () -> {};

    void step();

    /** Told how much of the work is done, from 0 to 1, where that is known. */
    default void done(double share) {}

    /** Does work under a watch, on this thread; a watch that is set already watches as well. */
    static <T> T over(Watch watch, Supplier<T> work) {
        return Watched.over(watch, work);
    }

    /** Asks the watch over the work on this thread; without one nothing happens. */
    static void ask() {
        Watched.ask();
    }

    /** Tells the watch over the work on this thread how much of it is done, from 0 to 1. */
    static void tell(double share) {
        Watched.tell(share);
    }
}
