package org.hyphantes.desktop.desk;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.background.Spells;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Resolves wishes one after another on a thread of its own, with another beside it, and tries mends on a third. Only the newest wish counts: an older one
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

    /** What takes longer than this (ns) is woven roughly while it is dragged, and exactly when the hand rests. */
    private static final long SLOW = 40_000_000L;

    /** What takes longer than this even so is not woven at all while it is dragged; its bands follow the hand. */
    private static final long TOO_SLOW = 250_000_000L;

    private final Resolver resolver = new Resolver();
    private final Members members = new Members();
    private final ExecutorService resolving = OwnThread.named("loom");
    private final ExecutorService beside = OwnThread.named("beside the loom");
    private final ExecutorService mending = OwnThread.named("mender");
    private final AtomicLong newest = new AtomicLong();
    private volatile long patience = PATIENCE;

    /** What was answered last, null at first; put on the resolving thread alone, as what follows. */
    private volatile Wish last;

    /** How long (ns) it took last to resolve exactly, and since then roughly. */
    private volatile long exactly;

    private long roughly;

    private final Ahead ahead = new Ahead();
    /** What is being resolved ahead, if anything, and the number of the wish that asks for the same. */
    private volatile Wish foreseeing;

    private volatile long hoped;

    private final AtomicLong newestMend = new AtomicLong();

    /**
     * Resolves, then hands the result over on the interface thread, at once when it was found ahead; what an older wish made is shown until the newer
     * one is done.
     *
     * @param glimpsed is told there what can be seen of the answer before it is found
     */
    void resolve(Wish wish, Consumer<Glimpse> glimpsed, Consumer<Resolved> done, Consumer<Throwable> failed) {
        hoped = wish.equals(foreseeing) ? newest.get() + 1 : hoped;
        long number = newest.incrementAndGet();
        Optional<Resolved> known = ahead.answer(wish);
        if (known.isPresent()) {
            resolving.execute(() -> last = wish);
            done.accept(known.get());
            return;
        }
        Optional<Glimpse> sight = ahead.glimpse(wish, last);
        sight.ifPresent(glimpsed);
        resolving.execute(() -> {
            if (number != newest.get()) {
                return;
            }
            Optional<Resolved> meanwhile = ahead.answer(wish);
            if (meanwhile.isPresent()) {
                last = wish;
                Platform.runLater(() -> done.accept(meanwhile.get()));
                return;
            }
            Glimpses glimpses = new Glimpses(wish, glimpsed, sight.isPresent());
            boolean rough = !wish.measured() && exactly > SLOW;
            long begun = System.nanoTime();
            // The same for both threads that ask, so that what one breaks off the other does, and it doubles once.
            long enough = patience;
            Watch watch = () -> {
                if (number == newest.get()) {
                    return;
                }
                long took = System.nanoTime() - begun;
                // A hand that drags sees the bands already; it need not wait for their weave. One that types sees what
                // is woven fast enough.
                if (glimpses.isUnwoven && (!wish.measured() || took > SLOW)) {
                    throw new BrokenOff();
                }
                if (took > enough) {
                    patience = Math.min(MOST_PATIENCE, 2 * enough);
                    throw new BrokenOff();
                }
            };
            settle(
                    () -> {
                        Supplier<Resolved> work = () -> {
                            glimpses.unwoven(watch);
                            return Resolved.of(resolver, members, wish, rough, watch, glimpses::woven, beside);
                        };
                        Resolved made =
                                Watch.over(watch, () -> wish.measured() ? work.get() : resolver.inPassing(work));
                        answered(wish, rough, System.nanoTime() - begun);
                        return made;
                    },
                    done,
                    failed);
        });
    }

    private void answered(Wish wish, boolean rough, long took) {
        last = wish;
        exactly = rough ? exactly : took;
        roughly = rough ? took : 0;
        patience = Math.min(MOST_PATIENCE, Math.max(PATIENCE, 2 * took));
    }

    /** Hands over what can be seen of one wish before its answer. */
    private final class Glimpses {
        private final Wish wish;
        private final Consumer<Glimpse> glimpsed;
        private boolean isUnwoven;

        Glimpses(Wish wish, Consumer<Glimpse> glimpsed, boolean isUnwoven) {
            this.wish = wish;
            this.glimpsed = glimpsed;
            this.isUnwoven = isUnwoven;
        }

        /** While something is dragged, only of what takes too long to be woven at every pulse. */
        void unwoven(Watch watch) {
            if (!isUnwoven && (wish.measured() || roughly > TOO_SLOW)) {
                Optional<Glimpse> unwoven = Glimpse.unwoven(resolver, wish, last, watch);
                isUnwoven = unwoven.isPresent();
                unwoven.ifPresent(this::tell);
            }
        }

        void woven(Glimpse woven) {
            if (wish.measured()) {
                tell(woven);
            }
        }

        private void tell(Glimpse glimpse) {
            Platform.runLater(() -> glimpsed.accept(glimpse));
        }
    }

    /** Whether the answer may well be there before anything could be seen of it. */
    boolean isQuick() {
        return exactly < SLOW;
    }

    /**
     * Resolves what may be wished for next, so that it is there at once; any other wish breaks that off.
     *
     * @param found is told on the interface thread what the field would show of it, unwoven and at last
     */
    void foresee(Wish wish, Consumer<Artwork> found) {
        long number = newest.get();
        resolving.execute(() -> {
            Watch watch = () -> {
                long now = newest.get();
                if (number != now && hoped != now) {
                    throw new BrokenOff();
                }
            };
            if (number != newest.get()) {
                return;
            }
            Optional<Resolved> known = ahead.answer(wish);
            if (known.isPresent()) {
                tell(found, known.get().field());
                return;
            }
            try {
                Wish after = last;
                if (ahead.glimpse(wish, after).isEmpty()) {
                    Watch.over(watch, () -> Glimpse.unwoven(resolver, wish, after, watch))
                            .ifPresent(g -> {
                                ahead.keep(after, g);
                                tell(found, g.artwork());
                            });
                }
                // From here on something can be seen of it at once, so what is under way is not lost when it is wished
                // for.
                foreseeing = wish;
                Resolved made = Watch.over(watch, () -> Resolved.of(resolver, members, wish, watch));
                ahead.keep(made);
                tell(found, made.field());
            } catch (BrokenOff e) {
                LOG.trace("not foreseen, for there is a wish");
            } catch (RuntimeException | Error e) {
                // It is found again, and told, if it is wished for.
                LOG.trace("could not be foreseen", e);
            } finally {
                foreseeing = null;
            }
        });
    }

    private static void tell(Consumer<Artwork> found, Artwork artwork) {
        Platform.runLater(() -> found.accept(artwork));
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
