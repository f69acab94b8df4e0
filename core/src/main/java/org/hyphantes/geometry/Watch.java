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

    /** Does work under a watch, on this thread; a watch that is set already watches as well. */
    static <T> T over(Watch watch, Supplier<T> work) {
        return Watched.over(watch, work);
    }

    /** Asks the watch over the work on this thread; without one nothing happens. */
    static void ask() {
        Watched.ask();
    }
}
