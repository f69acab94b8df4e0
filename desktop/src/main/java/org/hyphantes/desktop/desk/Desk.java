package org.hyphantes.desktop.desk;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Group;
import org.hyphantes.design.History;
import org.hyphantes.design.Subject;
import org.hyphantes.gauge.Mend;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Reading;
import org.hyphantes.setting.Scope;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Phase;
import org.hyphantes.weave.StrandKey;

/**
 * The one place that knows the design in hand. Controls send it edits and views, and are told of changes; they own nothing.
 * All calls on the interface thread.
 */
public final class Desk {
    private final ReadOnlyObjectWrapper<History> history =
            new ReadOnlyObjectWrapper<>(History.of(Design.empty("New design")));
    private final ReadOnlyObjectWrapper<View> view = new Told<>(View.STARTING);
    private final ReadOnlyObjectWrapper<Message> message = new ReadOnlyObjectWrapper<>(Message.NONE);
    private final ReadOnlyObjectWrapper<Hover> hover = new Told<>(Hover.NONE);
    private final ReadOnlyObjectWrapper<Optional<StrandKey>> lifted = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper dragging = new ReadOnlyBooleanWrapper(false);
    private final List<Consumer<Subject>> setters = new ArrayList<>();
    private Gallery gallery = Gallery.bare();
    private boolean needleSet;
    private final Tracing tracing = new Tracing();
    private final Answers answers = new Answers(wishOf(design()), message);
    private final Pictured pictured = new Pictured(answers);
    private Design saved = history.get().design();

    /** Gives it the stages that it opens. */
    public void hang(Gallery stages) {
        gallery = stages;
    }

    /** The picture under the design. */
    public Tracing tracing() {
        return tracing;
    }

    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    /** What resolving made of the newest design that has been resolved; null before the first. */
    public ReadOnlyObjectProperty<Resolved> resolvedProperty() {
        return answers.resolvedProperty();
    }

    public ReadOnlyObjectProperty<Message> messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** What the pointer or the needle is at. */
    public ReadOnlyObjectProperty<Hover> hoverProperty() {
        return hover.getReadOnlyProperty();
    }

    /** The strand that is lifted, while all others fade. */
    public ReadOnlyObjectProperty<Optional<StrandKey>> liftedProperty() {
        return lifted.getReadOnlyProperty();
    }

    /** Lifts a strand, or lays it down again when it is lifted; null lays down whichever is. */
    public void lift(StrandKey strand) {
        boolean down = strand == null || lifted.get().filter(strand::equals).isPresent();
        lifted.set(down ? Optional.empty() : Optional.of(strand));
    }

    /** What the mend that is looked at would make of the design. */
    public ReadOnlyObjectProperty<Optional<Scene>> ghostProperty() {
        return answers.ghostProperty();
    }

    /** Shows what a mend would make of the design, without doing it; null shows nothing. */
    public void ghost(Mend mend) {
        answers.ghost(design(), mend);
    }

    /** Mends off the interface thread, and does it when it is found; any other change of the design breaks it off. */
    public void mend(Mend mend) {
        answers.mend(design(), mend, mended -> edit(new Edit(mend.done(), d -> mended)));
    }

    /** Whether {@link #resolvedProperty} answers the present wish. */
    public ReadOnlyBooleanProperty settledProperty() {
        return answers.settledProperty();
    }

    /** The weaves in the field, to act on: empty while what is seen does not answer the present wish, which is then said. */
    public List<Laying> weavesToActOn() {
        if (!answers.isPresent()) {
            say("Still resolving the last change; once more, please.");
            return List.of();
        }
        return resolved().weaves();
    }

    public Pictured pictured() {
        return pictured;
    }

    /** Resolves a state of the design that the next act may well bring about, while nothing else is asked for. */
    public void foresee(Design likely) {
        answers.foresee(wishOf(likely));
    }

    /** Whether one edit is being made of many small changes, which the hand wants to see at once. */
    public ReadOnlyBooleanProperty draggingProperty() {
        return dragging.getReadOnlyProperty();
    }

    public Design design() {
        return history.get().design();
    }

    /** The group in hand: the whole design, or one within it. */
    public Group root() {
        return design().group(view().group()).orElse(design().root());
    }

    /** What settings of the group in hand may refer to. */
    public Scope scope() {
        return design().scope(root().id());
    }

    public View view() {
        return view.get();
    }

    public Resolved resolved() {
        return answers.resolvedProperty().get();
    }

    /** Puts another design on the desk, with a new history. */
    public void lay(Design design) {
        saved = design;
        history.set(History.of(design));
        hover.set(Hover.NONE);
        View fresh = view().within(View.OUTERMOST, 0).seen(0, Point.ORIGIN);
        view.set(fresh.withShuttle(design.root().recipe().size()));
        open(view().stage());
        answers.lay(wishOf(design()));
    }

    /** Puts a design on the desk as work that has not been saved. */
    public void layUnsaved(Design design) {
        lay(design);
        saved = null;
    }

    public boolean isSaved() {
        return design().equals(saved);
    }

    public void markSaved() {
        saved = design();
    }

    /** Brings a stage into the field, by its id. */
    public void open(String stage) {
        look(gallery.opened(view(), root(), stage));
    }

    /** Brings the stage into the field in which what a step of a phase makes is seen. */
    public void openFor(Phase phase) {
        gallery.showing(phase, root()).filter(s -> !s.equals(view().stage())).ifPresent(this::open);
    }

    /** Does an edit and says so. */
    public void edit(Edit edit) {
        dragging.set(false);
        boolean atEnd = view().shuttle() >= root().recipe().size();
        History after = history.get().after(edit);
        if (after.design().nesting() > Limits.NESTING) {
            warn("Groups lie up to " + Limits.NESTING + " deep within one another; nothing was changed.");
            return;
        }
        history.set(after);
        say(edit.words());
        adoptRecipe(atEnd);
    }

    /** One of the many small changes of a drag, which together are one edit; {@link #dropped} ends them. */
    public void drag(Edit edit) {
        if (!dragging.get()) {
            History after = history.get().after(edit);
            // A first change that changes nothing leaves no trace, and must not be amended to.
            dragging.set(after != history.get());
            history.set(after);
            if (dragging.get() && message.get().warning()) {
                say(edit.words());
            }
        } else {
            history.set(history.get().amended(edit.change().apply(design())));
        }
        adoptRecipe(view().shuttle() >= root().recipe().size());
    }

    /** Ends a drag; true when something was dragged. */
    public boolean dropped() {
        boolean was = dragging.get();
        dragging.set(false);
        if (was) {
            view().subject().ifPresent(s -> setters.forEach(l -> l.accept(s)));
            resolve();
        }
        return was;
    }

    /**
     * Sets what was typed into a slot; a text that cannot be read changes nothing and says why.
     *
     * @return whether it was set
     */
    public boolean set(Subject subject, String key, String text, boolean inDrag) {
        try {
            Reading<Design> reading = subject.set(design(), key, text);
            // A figure is typed, and kept, by its id.
            String called = design().scope(subject.group()).names().getOrDefault(text.strip(), text.strip());
            Edit edit = new Edit(key + " is now " + called + ".", d -> reading.value());
            if (inDrag) {
                drag(edit);
            } else {
                edit(edit);
            }
            if (!reading.note().isEmpty()) {
                warn(reading.note());
            }
            if (!inDrag) {
                setters.forEach(l -> l.accept(subject));
            }
            return true;
        } catch (CannotRead e) {
            warn(e.getMessage());
            return false;
        }
    }

    /** Is told of every thing of which something has been set. */
    public void onSet(Consumer<Subject> listener) {
        setters.add(listener);
    }

    private void adoptRecipe(boolean atEnd) {
        int steps = root().recipe().size();
        if (view().subject().isPresent() && view().subject().get().in(design()).isEmpty()) {
            view.set(view().about(null));
        }
        Set<String> there = new LinkedHashSet<>(view().chosen());
        if (there.removeIf(id -> root().members().stream().noneMatch(m -> m.id().equals(id)))) {
            view.set(view().choosing(root().id(), there));
        }
        if (atEnd || view().shuttle() > steps) {
            view.set(view().withShuttle(steps));
        }
        resolve();
    }

    public void undo() {
        History now = history.get();
        if (now.canUndo()) {
            go(now.undone(), "Taken back: " + now.undoWords());
        } else {
            go(now, "Nothing to take back.");
        }
    }

    public void redo() {
        History now = history.get();
        if (now.canRedo()) {
            go(now.redone(), "Done again: " + now.redoWords());
        } else {
            go(now, "Nothing to do again.");
        }
    }

    private void go(History to, String words) {
        say(words);
        if (to != history.get()) {
            boolean atEnd = view().shuttle() >= root().recipe().size();
            history.set(to);
            adoptRecipe(atEnd);
        }
        dragging.set(false);
    }

    public void look(View changed) {
        view.set(changed);
        if (!answers.isWished(wishOf(design()))) {
            resolve();
        }
    }

    /** Whether the needle was set by hand, so that acts about a point mean its place. */
    public boolean isNeedleSet() {
        return needleSet;
    }

    /** Sets the needle on a place, by key. */
    public void needle(Hover at) {
        hover(at);
        needleSet = at.place().isPresent();
    }

    public void hover(Hover at) {
        needleSet = false;
        hover.set(at);
    }

    public void say(String words) {
        message.set(new Message(words, false));
    }

    public void warn(String words) {
        message.set(new Message(words, true));
    }

    private Wish wishOf(Design design) {
        boolean knowing = view().stage().equals(Gallery.SET_OUT) && !dragging.get();
        return new Wish(design, view().group(), view().shuttle(), knowing, !dragging.get());
    }

    private void resolve() {
        answers.wish(wishOf(design()));
    }
}
