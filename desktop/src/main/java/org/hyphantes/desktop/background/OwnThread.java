package org.hyphantes.desktop.background;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Threads that do one thing after another and never keep the application from ending. */
public final class OwnThread {
    /** Bytes of stack: what goes deep in a design goes deeper in reading and resolving it. */
    private static final long STACK = 16L << 20;

    private OwnThread() {}

    public static ExecutorService named(String name) {
        return Executors.newSingleThreadExecutor(work -> {
            Thread made = new Thread(null, work, name, STACK);
            made.setDaemon(true);
            return made;
        });
    }
}
