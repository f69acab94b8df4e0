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
        WATCH.set(
                before == null
                        ? watch
                        : () -> {
                            before.step();
                            watch.step();
                        });
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

    static void ask() {
        Watch watch = WATCH.get();
        if (watch != null) {
            watch.step();
        }
    }
}
