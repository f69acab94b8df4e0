package org.hyphantes.desktop.act;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Treatment;

/** What is done with the steps of the recipe in hand: added, chosen, moved, passed under, removed; and the shuttle taken along them. */
public final class RecipeActs {
    private final Desk desk;

    public RecipeActs(Desk desk) {
        this.desk = desk;
    }

    private String group() {
        return desk.root().id();
    }

    private List<Step> steps() {
        return desk.root().recipe();
    }

    /** The step of the recipe in hand that the sentence is about. */
    public Optional<Step> chosen() {
        return desk.view()
                .subject()
                .filter(s -> s instanceof Subject.OfStep step && step.group().equals(group()))
                .flatMap(s -> desk.root().step(((Subject.OfStep) s).step()));
    }

    /** The place in the recipe of the step that the sentence is about; -1 when it is about none. */
    public int chosenIndex() {
        return chosen().map(s -> desk.root().indexOf(s.id())).orElse(-1);
    }

    public void choose(int index) {
        if (index >= 0 && index < steps().size()) {
            choose(steps().get(index));
        }
    }

    private void choose(Step step) {
        desk.look(desk.view().about(new Subject.OfStep(group(), step.id())));
    }

    /** Adds a step that takes what is selected, shows what it makes and makes it the subject of the sentence. */
    public void add(Treatment wanted) {
        Treatment treatment = new Taking(desk).selected(new Beginning(desk).fitted(wanted));
        int at = placeFor(treatment);
        int shuttle = desk.view().shuttle();
        desk.edit(Recipes.addStep(group(), at, treatment));
        Step added = steps().get(Math.min(at, steps().size() - 1));
        desk.look(desk.view().withShuttle(Math.min(Math.max(shuttle, at) + 1, steps().size())));
        desk.openFor(treatment.phase());
        choose(added);
        if (at < steps().size() - 1) {
            desk.say(treatment.schema().title() + " added "
                    + (at > 0 ? "after " + steps().get(at - 1).title() + ", " : "") + "before "
                    + steps().get(at + 1).title() + ".");
        }
    }

    /** Where the shuttle is; with all steps before it, after those of its own phase or an earlier one. */
    private int placeFor(Treatment treatment) {
        int at = desk.view().shuttle();
        boolean end = at >= steps().size();
        while (end && at > 0 && isLater(steps().get(at - 1), treatment)) {
            at--;
        }
        if (treatment.phase() != Phase.SETTING_OUT) {
            // Nothing that follows on setting out comes between its steps.
            for (int i = at; i < steps().size(); i++) {
                at = isLater(steps().get(i), treatment) ? at : i + 1;
            }
        }
        return at;
    }

    private static boolean isLater(Step step, Treatment treatment) {
        return step.treatment().phase().compareTo(treatment.phase()) > 0;
    }

    /** Weaves what is set out, with bands first if there are none. */
    public void interlace() {
        desk.look(desk.view().withShuttle(steps().size()));
        if (steps().stream().noneMatch(s -> s.over() && s.treatment().phase() == Phase.BANDS) && !isBanded()) {
            add(Band.STARTING);
        }
        add(Interlace.STARTING);
    }

    /** Whether all that can be woven has a band already, by a group or as it was brought in. */
    private boolean isBanded() {
        if (desk.resolved() == null) {
            return false;
        }
        List<Laid> lines = desk.resolved().finished().work().strandlike();
        return !lines.isEmpty() && lines.stream().allMatch(l -> l.band().isPresent());
    }

    private Optional<Step> chosenOrSay() {
        Optional<Step> step = chosen();
        if (step.isEmpty()) {
            desk.warn("Choose a step of the recipe first: click its station on the cord.");
        }
        return step;
    }

    /** Passes the chosen step under, or over again. */
    public void pass() {
        chosenOrSay().ifPresent(s -> desk.edit(Recipes.pass(desk.design(), group(), s.id())));
    }

    public void pass(int index) {
        desk.edit(Recipes.pass(desk.design(), group(), steps().get(index).id()));
    }

    /** Removes the chosen step. */
    public void remove() {
        chosenOrSay().ifPresent(s -> desk.edit(Recipes.removeStep(desk.design(), group(), s.id())));
    }

    public void remove(int index) {
        desk.edit(Recipes.removeStep(desk.design(), group(), steps().get(index).id()));
    }

    /** Moves the chosen step earlier or later. */
    public void moveBy(int by) {
        chosenOrSay().ifPresent(s -> move(s, desk.root().indexOf(s.id()) + by));
    }

    public void move(int from, int to) {
        move(steps().get(from), to);
    }

    private void move(Step step, int to) {
        if (to >= 0 && to < steps().size() && to != desk.root().indexOf(step.id())) {
            desk.edit(Recipes.moveStep(desk.design(), group(), step.id(), to));
            choose(step);
        }
    }

    /** Takes the shuttle to after so many steps, and says where it is. */
    public void shuttle(int to) {
        int kept = Math.max(0, Math.min(steps().size(), to));
        desk.look(desk.view().withShuttle(kept));
        desk.say(
                kept == 0
                        ? "Before the first step."
                        : "After " + steps().get(kept - 1).title() + ", step " + kept + " of " + steps().size() + ".");
    }
}
