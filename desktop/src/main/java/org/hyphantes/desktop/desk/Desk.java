package org.hyphantes.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.History;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Reading;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Treatment;

/**
 * The one place that knows the design in hand. Controls send it edits and views, and are told of changes; they own nothing.
 * All calls on the interface thread.
 */
public final class Desk {
    private final Loom loom = new Loom();
    private final ReadOnlyObjectWrapper<History> history =
            new ReadOnlyObjectWrapper<>(History.of(Design.empty("New design")));
    private final ReadOnlyObjectWrapper<View> view = new ReadOnlyObjectWrapper<>(View.STARTING);
    private final ReadOnlyObjectWrapper<Resolved> resolved = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Message> message = new ReadOnlyObjectWrapper<>(Message.NONE);
    private final ReadOnlyObjectWrapper<Hover> hover = new ReadOnlyObjectWrapper<>(Hover.NONE);
    private final ReadOnlyBooleanWrapper settled = new ReadOnlyBooleanWrapper(false);
    private final ReadOnlyBooleanWrapper dragging = new ReadOnlyBooleanWrapper(false);
    private final List<Runnable> closers = new ArrayList<>();
    private Design saved = history.get().design();

    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    /** What resolving made of the newest design that has been resolved; null before the first. */
    public ReadOnlyObjectProperty<Resolved> resolvedProperty() {
        return resolved.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Message> messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** What the pointer or the needle is at. */
    public ReadOnlyObjectProperty<Hover> hoverProperty() {
        return hover.getReadOnlyProperty();
    }

    /** Whether {@link #resolvedProperty} belongs to the design and shuttle as they are. */
    public ReadOnlyBooleanProperty settledProperty() {
        return settled.getReadOnlyProperty();
    }

    /** Whether one edit is being made of many small changes, which the hand wants to see at once. */
    public ReadOnlyBooleanProperty draggingProperty() {
        return dragging.getReadOnlyProperty();
    }

    public Design design() {
        return history.get().design();
    }

    public Group root() {
        return design().root();
    }

    public View view() {
        return view.get();
    }

    public Resolved resolved() {
        return resolved.get();
    }

    /** Puts another design on the desk, with a new history. */
    public void lay(Design design) {
        saved = design;
        history.set(History.of(design));
        hover.set(Hover.NONE);
        View fresh = view().seen(0, Point.ORIGIN).about(null);
        view.set(fresh.withShuttle(design.root().recipe().size()));
        openStage(view().stage());
        resolve();
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

    /** Does an edit and says so. */
    public void edit(Edit edit) {
        dragging.set(false);
        int before = root().recipe().size();
        boolean atEnd = view().shuttle() >= before;
        history.set(history.get().after(edit));
        say(edit.words());
        adoptRecipe(atEnd);
    }

    /** One of the many small changes of a drag, which together are one edit; {@link #dropped} ends them. */
    public void drag(Edit edit) {
        if (!dragging.get()) {
            history.set(history.get().after(edit));
            dragging.set(history.get().canUndo());
        } else {
            history.set(history.get().amended(edit.change().apply(design())));
        }
        adoptRecipe(view().shuttle() >= root().recipe().size());
    }

    public void dropped() {
        dragging.set(false);
    }

    /**
     * Sets what was typed into a slot; a text that cannot be read changes nothing and says why.
     *
     * @return whether it was set
     */
    public boolean set(Subject subject, String key, String text, boolean inDrag) {
        try {
            Reading<Design> reading = subject.set(design(), key, text);
            Edit edit = new Edit(key + " is now " + text.strip() + ".", d -> reading.value());
            if (inDrag) {
                drag(edit);
            } else {
                edit(edit);
            }
            if (!reading.note().isEmpty()) {
                warn(reading.note());
            }
            return true;
        } catch (CannotRead e) {
            warn(e.getMessage());
            return false;
        }
    }

    private void adoptRecipe(boolean atEnd) {
        int steps = root().recipe().size();
        if (view().subject().isPresent() && view().subject().get().in(design()).isEmpty()) {
            view.set(view().about(null));
        }
        if (atEnd || view().shuttle() > steps) {
            view.set(view().withShuttle(view().stage() == Stage.SET_OUT ? Resolved.afterSettingOut(root()) : steps));
        }
        resolve();
    }

    public void undo() {
        String words = history.get().undoWords();
        if (history.get().canUndo()) {
            history.set(history.get().undone());
            say("Taken back: " + words);
            adoptRecipe(true);
        } else {
            say("Nothing to take back.");
        }
        dragging.set(false);
    }

    public void redo() {
        String words = history.get().redoWords();
        if (history.get().canRedo()) {
            history.set(history.get().redone());
            say("Done again: " + words);
            adoptRecipe(true);
        } else {
            say("Nothing to do again.");
        }
        dragging.set(false);
    }

    public void look(View changed) {
        boolean moved = changed.shuttle() != view().shuttle();
        view.set(changed);
        if (moved) {
            resolve();
        }
    }

    /** Brings a picture into the field; the shuttle goes to the last step that it needs, and the sentence to its own. */
    public void openStage(Stage stage) {
        if (!stage.isHere()) {
            say(stage.title() + " is not in this version yet.");
            return;
        }
        Group root = root();
        if (stage == Stage.SET_OUT) {
            boolean figure =
                    view().subject().filter(Subject.OfFigure.class::isInstance).isPresent();
            View there = view().withStage(stage, Resolved.afterSettingOut(root));
            look(figure ? there : there.about(firstFigure()));
        } else {
            Optional<Integer> interlace = root.last(Interlace.class);
            int shuttle = interlace.map(i -> i + 1).orElse(root.recipe().size());
            Subject step = interlace.map(i -> new Subject.OfStep(root.id(), i)).orElse(null);
            look(view().withStage(stage, shuttle).about(step));
        }
    }

    private Subject firstFigure() {
        return root().members().stream()
                .filter(Figure.class::isInstance)
                .findFirst()
                .map(f -> (Subject) new Subject.OfFigure(root().id(), f.id()))
                .orElse(null);
    }

    /** The step the sentence is about, when it is about one of the root's. */
    public Optional<Integer> chosenStep() {
        return view().subject()
                .filter(s -> s instanceof Subject.OfStep step && step.group().equals(root().id()))
                .map(s -> ((Subject.OfStep) s).step());
    }

    /** Adds a step where the shuttle is and makes it the subject of the sentence. */
    public void addStep(Treatment treatment) {
        int at = view().shuttle();
        edit(Recipes.addStep(root().id(), at, treatment));
        look(view().withShuttle(Math.min(at + 1, root().recipe().size())).about(new Subject.OfStep(root().id(), at)));
    }

    public void hover(Hover at) {
        if (!at.equals(hover.get())) {
            hover.set(at);
        }
    }

    public void say(String words) {
        message.set(new Message(words, false));
    }

    public void warn(String words) {
        message.set(new Message(words, true));
    }

    /** Runs when the window has closed for good. */
    public void onClosed(Runnable closer) {
        closers.add(closer);
    }

    public void closed() {
        closers.forEach(Runnable::run);
    }

    private void resolve() {
        settled.set(false);
        Design design = design();
        int shuttle = view().shuttle();
        loom.resolve(
                design,
                shuttle,
                made -> {
                    resolved.set(made);
                    if (made.design() == design() && made.shuttle() == view().shuttle()) {
                        settled.set(true);
                    }
                },
                failure -> {
                    settled.set(true);
                    warn("This could not be resolved; the last sound drawing stays. Undo takes the change back.");
                });
    }
}
