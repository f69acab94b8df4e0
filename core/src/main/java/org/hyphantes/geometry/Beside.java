package org.hyphantes.geometry;

import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.FutureTask;
import java.util.function.Supplier;

/**
 * Work that another thread may do meanwhile, under the watch over the thread that begins it, which is then asked on both. Whoever asks
 * for its result does it himself where the other has not come to it. Closed, it goes on no longer: whatever it works on may be used again.
 */
public final class Beside<T> implements AutoCloseable {
    private final FutureTask<T> task;
    private volatile boolean isClosed;

    private Beside(Supplier<T> work) {
        Watch outer = Watched.current();
        Watch own = () -> {
            if (isClosed) {
                throw new BrokenOff();
            }
        };
        task = new FutureTask<>(() -> {
            own.step();
            return Watch.over(outer, () -> Watch.over(own, work));
        });
    }

    /**
     * Begins work that need not be done at once.
     *
     * @param other does it on another thread, or, as {@code Runnable::run}, on this one
     */
    public static <T> Beside<T> begin(Executor other, Supplier<T> work) {
        Beside<T> beside = new Beside<>(work);
        other.execute(beside.task);
        return beside;
    }

    /**
     * What came of the work.
     *
     * @throws BrokenOff if the watch broke it off; whatever else the work threw
     */
    public T get() {
        Outcome<T> outcome = outcome();
        if (outcome.thrown() instanceof Error error) {
            throw error;
        }
        if (outcome.thrown() instanceof RuntimeException exception) {
            throw exception;
        }
        return outcome.made();
    }

    /** Breaks the work off, and waits till it is. */
    @Override
    public void close() {
        isClosed = true;
        outcome();
    }

    private record Outcome<T>(T made, Throwable thrown) {}

    private Outcome<T> outcome() {
        task.run();
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    return new Outcome<>(task.get(), null);
                } catch (ExecutionException e) {
                    return new Outcome<>(null, e.getCause());
                } catch (InterruptedException e) {
                    interrupted = true;
                }
            }
        } finally {
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
