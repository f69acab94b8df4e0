package org.hyphantes.geometry;

import java.util.function.Supplier;

/** The watch over the work of each thread. */
final class Watched {
    private static final ThreadLocal<Watch> WATCH = new ThreadLocal<>();

    private Watched() {}

    static <T> T over(Watch watch, Supplier<T> work) {
        Watch before = WATCH.get();
        if (watch == Watch.NONE || watch == before) {
            return work.get();
        }
        WATCH.set(before == null ? watch : new Both(before, watch));
        try {
            return work.get();
        } finally {
            if (before == null) {
                WATCH.remove();
            } else {
                WATCH.set(before);
            }
        }
    }

    private record Both(Watch outer, Watch inner) implements Watch {
        @Override
        public void step() {
            outer.step();
            inner.step();
        }

        @Override
        public void done(double share) {
            outer.done(share);
            inner.done(share);
        }
    }

    /** The watch over the work on this thread. */
    static Watch current() {
        Watch watch = WATCH.get();
        return watch == null ? Watch.NONE : watch;
    }

    static void tell(double share) {
        Watch watch = WATCH.get();
        if (watch != null) {
            watch.done(share);
        }
    }

    static void ask() {
        Watch watch = WATCH.get();
        if (watch != null) {
            watch.step();
        }
    }
}
