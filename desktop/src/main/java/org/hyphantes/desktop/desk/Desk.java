package org.hyphantes.desktop.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.History;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Ended;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Reading;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Braid;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Knot;
import org.hyphantes.treatment.Taper;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;

/**
 * The one place that knows the design in hand. Controls send it edits and views, and are told of changes; they own nothing.
 * All calls on the interface thread.
 */
public final class Desk {
    private final Loom loom = new Loom();
    private final Selection selection = new Selection(this);
    private final ReadOnlyObjectWrapper<History> history =
            new ReadOnlyObjectWrapper<>(History.of(Design.empty("New design")));
    private final ReadOnlyObjectWrapper<View> view = new ReadOnlyObjectWrapper<>(View.STARTING);
    private final ReadOnlyObjectWrapper<Resolved> resolved = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Message> message = new ReadOnlyObjectWrapper<>(Message.NONE);
    private final ReadOnlyObjectWrapper<Hover> hover = new ReadOnlyObjectWrapper<>(Hover.NONE);
    private final ReadOnlyObjectWrapper<Optional<StrandKey>> lifted = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Artwork>> ghost = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper settled = new ReadOnlyBooleanWrapper(false);
    private final ReadOnlyBooleanWrapper dragging = new ReadOnlyBooleanWrapper(false);
    private final List<Runnable> closers = new ArrayList<>();
    private final Map<String, Form> styles = new HashMap<>();
    private Consumer<Form> remembering = form -> {};
    private String noun = "circle";
    private boolean needleSet;

    /** Work that takes long says so, and how to be rid of it; the window stays free meanwhile. */
    private final PauseTransition slow = new PauseTransition(Duration.seconds(1.5));

    private Design saved = history.get().design();

    public Desk() {
        slow.setOnFinished(e -> warn("Still resolving: this design has come to very many lines or crossings."
                + " The last sound drawing stays; Ctrl+Z takes the change back at once."));
    }

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
    public ReadOnlyObjectProperty<Optional<Artwork>> ghostProperty() {
        return ghost.getReadOnlyProperty();
    }

    /** Shows what an edit would make of the design, without doing it; null shows nothing. */
    public void ghost(Edit edit) {
        ghost.set(Optional.empty());
        if (edit != null) {
            loom.ghost(design(), edit, made -> ghost.set(Optional.of(made)));
        } else {
            loom.ghostless();
        }
    }

    /** How far acts on crossings are carried: as the last interlacing says. */
    public Reach reach() {
        return root().last(Interlace.class)
                .map(i -> ((Interlace) root().recipe().get(i).treatment()).reach())
                .orElse(view().reach());
    }

    /** Has acts carried further, or less far. */
    public void reach(Reach reach) {
        Optional<Integer> step = root().last(Interlace.class);
        String words = "Acts reach " + ReachWords.of(reach) + ".";
        look(view().reaching(reach));
        if (step.isPresent()) {
            edit(new Edit(
                    words,
                    d -> d.change(
                            root().id(),
                            g -> g.withStep(
                                    step.get(),
                                    g.recipe()
                                            .get(step.get())
                                            .with(((Interlace) g.recipe()
                                                            .get(step.get())
                                                            .treatment())
                                                    .withReach(reach))))));
        }
        say(words);
    }

    /** Whether {@link #resolvedProperty} belongs to the design and shuttle as they are. */
    public ReadOnlyBooleanProperty settledProperty() {
        return settled.getReadOnlyProperty();
    }

    /** Whether one edit is being made of many small changes, which the hand wants to see at once. */
    public ReadOnlyBooleanProperty draggingProperty() {
        return dragging.getReadOnlyProperty();
    }

    /** The members that are selected, and what can be done with them. */
    public Selection selection() {
        return selection;
    }

    public Design design() {
        return history.get().design();
    }

    /** The group in hand: the whole design, or one within it. */
    public Group root() {
        return design().group(view().group()).orElse(design().root());
    }

    /** Takes a group in hand, which then is all that is set out and worked on. */
    public void into(Group group) {
        int steps = view().stage() == Stage.SET_OUT
                ? Resolved.afterSettingOut(group)
                : group.recipe().size();
        look(view().within(group.id(), steps));
        say("In " + group.name() + ". Alt+Up leads out of it.");
    }

    /** Takes the group in hand that holds this one, or says that this is the whole. */
    public void out() {
        Group here = root();
        Group outer = holder(design().root(), here.id());
        if (outer == null) {
            say("This is the whole design.");
        } else {
            into(outer);
            look(view().choosing(outer.id(), Set.of(here.id())));
        }
    }

    private static Group holder(Group in, String id) {
        for (Member member : in.members()) {
            if (member instanceof Group inner) {
                Group found = inner.id().equals(id) ? in : holder(inner, id);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
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
        View fresh = view().within(View.OUTERMOST, 0).seen(0, Point.ORIGIN);
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

    /** The kind of figure that the dividers lay, with the settings it starts with. */
    public Form noun() {
        return starting(noun);
    }

    public void noun(String word) {
        noun = word;
    }

    /** What a new figure of a kind starts with: the settings of the last one. */
    public Form starting(String word) {
        return styles.computeIfAbsent(word, w -> Form.EACH.stream()
                .filter(f -> f.schema().word().equals(w))
                .findFirst()
                .orElseThrow());
    }

    /** Has new figures of a kind start like this one, but in the middle. */
    public void startLike(Form given) {
        Form form = plain(given);
        String word = form.schema().word();
        Form starting = form instanceof Seated seated ? seated.seated(Point.ORIGIN, 0) : form;
        if (form instanceof Seated || form instanceof Ended) {
            styles.put(word, starting);
            remembering.accept(starting);
        }
    }

    /** The figure that the sentence is about, as it has been set, is what the next of its kind starts with. */
    private void startLikeSubject() {
        view().subject()
                .filter(Subject.OfFigure.class::isInstance)
                .flatMap(s -> s.in(design()))
                .ifPresent(form -> startLike((Form) form));
    }

    /** A form with its numbers alone: another design has other measures. */
    private static Form plain(Form form) {
        Form plain = form;
        for (String key : form.schema().keys()) {
            if (form.schema().value(form, key) instanceof Amount amount && amount.isExpression()) {
                plain = (Form) plain.schema().put(plain, key, Amount.of(amount.value()));
            }
        }
        return plain;
    }

    /** Is told of every style that new figures start with from now on. */
    public void onStarting(Consumer<Form> listener) {
        remembering = listener;
    }

    /** Adds a figure and makes the sentence about it. */
    public void addFigure(Form form) {
        edit(Recipes.addFigure(root().id(), form));
        String id = root().members().get(root().members().size() - 1).id();
        noun(form.schema().word());
        Subject subject = new Subject.OfFigure(root().id(), id);
        if (view().stage() != Stage.SET_OUT) {
            openStage(Stage.SET_OUT);
        }
        look(view().about(subject));
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
            History after = history.get().after(edit);
            // A first change that changes nothing leaves no trace, and must not be amended to.
            dragging.set(after != history.get());
            history.set(after);
        } else {
            history.set(history.get().amended(edit.change().apply(design())));
        }
        adoptRecipe(view().shuttle() >= root().recipe().size());
    }

    public void dropped() {
        boolean was = dragging.get();
        dragging.set(false);
        if (was) {
            startLikeSubject();
        }
        if (was) {
            resolve();
        }
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
            if (!inDrag) {
                startLikeSubject();
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
        Set<String> there = new LinkedHashSet<>(view().chosen());
        if (there.removeIf(id -> root().members().stream().noneMatch(m -> m.id().equals(id)))) {
            view.set(view().choosing(root().id(), there));
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
        boolean opened = changed.stage() == Stage.SET_OUT && view().stage() != Stage.SET_OUT
                || !changed.group().equals(view().group());
        view.set(changed);
        if (moved || opened) {
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

    /** Where the shuttle is; but what is added while setting out comes after the steps that go before it. */
    private int placeFor(Treatment treatment) {
        int at = view().shuttle();
        if (view().stage() != Stage.SET_OUT || order(treatment) == 0) {
            return at;
        }
        List<Step> recipe = root().recipe();
        for (int i = at; i < recipe.size(); i++) {
            if (order(recipe.get(i).treatment()) <= order(treatment)) {
                at = i + 1;
            }
        }
        return at;
    }

    /** In what order treatments that follow setting out usually follow on one another; 0 for all before. */
    private static int order(Treatment treatment) {
        if (treatment instanceof Knot || treatment instanceof Braid) {
            return 1;
        }
        if (treatment instanceof Band || treatment instanceof Taper) {
            return 2;
        }
        return treatment instanceof Interlace ? 3 : treatment instanceof Colouring ? 4 : 0;
    }

    /** Adds a step where the shuttle is and makes it the subject of the sentence. */
    public void addStep(Treatment treatment) {
        int at = placeFor(treatment);
        edit(Recipes.addStep(root().id(), at, treatment));
        look(view().withShuttle(Math.min(at + 1, root().recipe().size())).about(new Subject.OfStep(root().id(), at)));
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
        ghost(null);
        settled.set(false);
        slow.playFromStart();
        Design design = design();
        int shuttle = view().shuttle();
        boolean knowing = view().stage() == Stage.SET_OUT && !dragging.get();
        loom.resolve(
                design,
                view().group(),
                shuttle,
                knowing,
                !dragging.get(),
                made -> {
                    resolved.set(made);
                    if (made.design() == design() && made.shuttle() == view().shuttle()) {
                        settled.set(true);
                        slow.stop();
                    }
                },
                failure -> {
                    settled.set(true);
                    slow.stop();
                    warn("This could not be resolved; the last sound drawing stays. Undo takes the change back.");
                });
    }
}
