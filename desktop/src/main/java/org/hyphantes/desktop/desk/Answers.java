package org.hyphantes.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.gauge.Mend;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;

/** What resolving makes of the present wish, and what the mend that is looked at would make of the design; all of it off the interface thread. */
final class Answers {
    private final Loom loom = new Loom();
    private final ReadOnlyObjectWrapper<Resolved> resolved = new ReadOnlyObjectWrapper<>();
    private final List<Runnable> seers = new ArrayList<>();
    private final List<Consumer<Artwork>> foreseers = new ArrayList<>();
    private Optional<Glimpse> glimpse = Optional.empty();
    private final ReadOnlyObjectWrapper<Optional<Scene>> ghost = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper settled = new ReadOnlyBooleanWrapper(false);
    private final ReadOnlyObjectWrapper<Message> message;
    private Wish wish;

    /** Work that takes long says so, and how to be rid of it; the window stays free meanwhile. */
    private final PauseTransition slow = new PauseTransition(Duration.seconds(1.5));

    /** A design that has just been laid does not stand for long under the drawing of the one before. */
    private final PauseTransition stale = new PauseTransition(Duration.seconds(0.3));

    /** What is answered sooner is not seen unwoven before, as a flicker. */
    private final PauseTransition soon = new PauseTransition(Duration.millis(16));

    private Optional<Glimpse> next = Optional.empty();

    private boolean anew;

    /** How many wishes there have been, and of which of them something has been shown: what is found of an older one comes too late. */
    private int wishes;

    private int shown;

    /** How many designs have come onto the desk: what was wished of an earlier one is not shown. */
    private int laid;

    /** What has been said of resolving that takes long. */
    private Message told;

    /** What it took the place of. */
    private Message before = Message.NONE;

    Answers(Wish first, ReadOnlyObjectWrapper<Message> message) {
        this.wish = first;
        this.message = message;
        slow.setOnFinished(e -> {
            before = message.get();
            warn("Still resolving: this design has come to very many lines or crossings. "
                    + (anew
                            ? "Nothing is drawn yet."
                            : glimpse.isPresent()
                                    ? "Its bands are drawn, not yet how they lie; Ctrl+Z takes the change back at once."
                                    : "The last sound drawing stays; Ctrl+Z takes the change back at once."));
            told = message.get();
        });
        stale.setOnFinished(e -> blank());
        soon.setOnFinished(e -> {
            if (next.isPresent()) {
                see(next);
            }
        });
    }

    ReadOnlyObjectProperty<Resolved> resolvedProperty() {
        return resolved.getReadOnlyProperty();
    }

    /** What is seen of the newest wish while it is being answered. */
    Optional<Glimpse> glimpse() {
        return glimpse;
    }

    /** Is told when there is another glimpse, or none, or another answer. */
    void onSeen(Runnable seer) {
        seers.add(seer);
    }

    private void see(Optional<Glimpse> seen) {
        glimpse = seen;
        seers.forEach(Runnable::run);
    }

    ReadOnlyObjectProperty<Optional<Scene>> ghostProperty() {
        return ghost.getReadOnlyProperty();
    }

    ReadOnlyBooleanProperty settledProperty() {
        return settled.getReadOnlyProperty();
    }

    /** Whether what has been resolved answers the present wish. */
    boolean isPresent() {
        return resolved.get() != null && resolved.get().wish().isSame(wish);
    }

    boolean isWished(Wish other) {
        return other.isSame(wish);
    }

    /** Resolves a design that has come onto the desk in the place of another. */
    void lay(Wish wished) {
        anew = true;
        laid++;
        stale.playFromStart();
        wish(wished);
    }

    /** Shows nothing, until what is wished for has been resolved. */
    private void blank() {
        if (anew && resolved.get() != null && resolved.get().design() != wish.design()) {
            Design nothing = Design.empty(wish.design().name());
            Wish empty = new Wish(nothing, nothing.root().id(), 0, false, false);
            resolved.set(Resolved.of(new Resolver(), new Members(), empty, Watch.NONE));
            see(glimpse);
        }
    }

    void wish(Wish wished) {
        noGhost();
        wish = wished;
        int of = laid;
        int number = ++wishes;
        settled.set(false);
        slow.playFromStart();
        next = Optional.empty();
        soon.stop();
        if (loom.isQuick()) {
            soon.playFromStart();
        }
        loom.resolve(
                wished,
                seen -> {
                    if (number >= shown && (of == laid || seen.wish().design() == wish.design())) {
                        shown = number;
                        next = Optional.of(seen);
                        if (soon.getStatus() != Animation.Status.RUNNING) {
                            see(next);
                        }
                    }
                },
                made -> {
                    // Never settled by what is not shown.
                    if (number >= shown && (of == laid || made.design() == wish.design())) {
                        shown = number;
                        anew = false;
                        next = Optional.empty();
                        glimpse = next;
                        resolved.set(made);
                        see(next);
                        if (wished.isSame(wish)) {
                            settle();
                        }
                    }
                },
                failure -> {
                    if (wished.isSame(wish)) {
                        next = Optional.empty();
                        see(next);
                        settle();
                        blank();
                        warn(
                                anew
                                        ? "This design needs more than this computer has, so nothing is drawn. Its figures and"
                                                + " steps are all here: switch steps off, or make their numbers smaller."
                                        : "This could not be resolved; the last sound drawing stays. Undo takes the change"
                                                + " back.");
                    }
                });
    }

    /** Resolves what may be wished for next, while nothing is. */
    void foresee(Wish likely) {
        if (likely.measured()) {
            loom.foresee(likely, found -> foreseers.forEach(f -> f.accept(found)));
        }
    }

    /** Is told what has been made ahead. */
    void onForeseen(Consumer<Artwork> foreseer) {
        foreseers.add(foreseer);
    }

    private void settle() {
        settled.set(true);
        slow.stop();
        // What was said before it comes back; what else has been said meanwhile stays.
        if (told != null && message.get() == told) {
            message.set(before);
        }
        told = null;
    }

    private void warn(String words) {
        message.set(new Message(words, true));
    }

    void noGhost() {
        ghost.set(Optional.empty());
        loom.stopMending();
    }

    /** Finds what a mend would make of a design; null shows nothing. */
    void ghost(Design design, Mend mend) {
        noGhost();
        if (mend != null) {
            loom.mend(
                    watch -> new Resolver()
                            .resolve(mend.change().of(design, watch), watch)
                            .scene(),
                    made -> ghost.set(Optional.of(made)),
                    failure -> {});
        }
    }

    /** Finds a mended design, and hands it over unless another wish has come between. */
    void mend(Design design, Mend mend, Consumer<Design> done) {
        noGhost();
        message.set(new Message("Trying the mend. Any other act breaks it off.", false));
        Consumer<Design> better = mended -> {
            if (mended.equals(design)) {
                warn("That mend finds nothing better here.");
            } else {
                done.accept(mended);
            }
        };
        loom.mend(
                watch -> mend.change().of(design, watch),
                better,
                failure -> warn("That mend could not be done; the design is as it was."));
    }
}
