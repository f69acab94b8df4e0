package org.hyphantes.desktop.desk;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.background.Spells;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Resolves wishes one after another on a thread of its own, and tries mends on another. Only the newest wish counts: an older one
 * not yet begun is passed over, and one that has been under way for long is broken off. Whatever goes wrong settles the wish.
 */
final class Loom {
    private static final Logger LOG = LoggerFactory.getLogger(Loom.class);

    /**
     * Work younger than this (ns) is brought to its end though there is a newer wish: a hand that drags wishes at every pulse, and
     * would otherwise see nothing until it rests. For the same reason it doubles with each work that is broken off, and is twice what the last one took.
     */
    private static final long PATIENCE = 150_000_000L;

    private static final long MOST_PATIENCE = 20 * PATIENCE;

    private final Resolver resolver = new Resolver();
    private final Members members = new Members();
    private final ExecutorService resolving = OwnThread.named("loom");
    private final ExecutorService mending = OwnThread.named("mender");
    private final AtomicLong newest = new AtomicLong();
    private volatile long patience = PATIENCE;
    private final AtomicLong newestMend = new AtomicLong();

    /** Resolves, then hands the result over on the interface thread; what an older wish made is shown until the newer one is done. */
    void resolve(Wish wish, Consumer<Resolved> done, Consumer<Throwable> failed) {
        long number = newest.incrementAndGet();
        resolving.execute(() -> {
            long begun = System.nanoTime();
            Watch watch = () -> {
                if (number != newest.get() && System.nanoTime() - begun > patience) {
                    patience = Math.min(MOST_PATIENCE, 2 * patience);
                    throw new BrokenOff();
                }
            };
            if (number == newest.get()) {
                settle(
                        () -> {
                            Resolved made = Watch.over(watch, () -> Resolved.of(resolver, members, wish, watch));
                            patience = Math.min(MOST_PATIENCE, Math.max(PATIENCE, 2 * (System.nanoTime() - begun)));
                            return made;
                        },
                        done,
                        failed);
            }
        });
    }

    /** Tries what a mend, or the ghost of one, comes to; handed over unless it has been broken off. */
    <T> void mend(Function<Watch, T> trying, Consumer<T> done, Consumer<Throwable> failed) {
        long number = newestMend.incrementAndGet();
        mending.execute(() -> {
            Spells spells = new Spells();
            Watch watch = () -> {
                if (number != newestMend.get()) {
                    throw new BrokenOff();
                }
                spells.rest();
            };
            if (number == newestMend.get()) {
                Consumer<T> wanted = made -> {
                    if (number == newestMend.get()) {
                        done.accept(made);
                    }
                };
                settle(() -> Watch.over(watch, () -> trying.apply(watch)), wanted, failed);
            }
        });
    }

    /** Breaks off the mend or ghost that is being tried. */
    void stopMending() {
        newestMend.incrementAndGet();
    }

    private static <T> void settle(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        try {
            T made = work.get();
            Platform.runLater(() -> done.accept(made));
        } catch (BrokenOff e) {
            LOG.trace("broken off for a newer wish");
        } catch (RuntimeException | Error e) {
            // An overflow of stack or memory too must end as a message, never as a wish that stays open.
            LOG.error("could not resolve", e);
            Platform.runLater(() -> failed.accept(e));
        }
    }
}
