package org.hyphantes.desktop.background;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/** Threads that do one thing after another and never keep the application from ending. */
public final class OwnThread {
    /** Bytes of stack: what goes deep in a design goes deeper in reading and resolving it. */
    private static final long STACK = 16L << 20;

    /** Seconds without work after which the thread ends, and with it whatever it kept of a window that is closed. */
    private static final long REST = 10;

    private OwnThread() {}

    public static ExecutorService named(String name) {
        ThreadPoolExecutor one =
                new ThreadPoolExecutor(1, 1, REST, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), work -> {
                    Thread made = new Thread(null, work, name, STACK);
                    made.setDaemon(true);
                    return made;
                });
        one.allowCoreThreadTimeOut(true);
        return one;
    }
}
