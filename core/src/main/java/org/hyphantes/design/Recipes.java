package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.hyphantes.figure.Form;
import org.hyphantes.treatment.Treatment;

/** The edits of what a group contains and of its recipe; steps are named by their ids. */
public final class Recipes {
    private Recipes() {}

    public static Edit addFigure(String group, Form form) {
        return new Edit(
                form.schema().title() + " added.",
                d -> d.change(group, g -> {
                    List<Member> more = new ArrayList<>(g.members());
                    String word = form.schema().word();
                    more.add(new Figure(
                            d.freshId(word),
                            Arranging.freshName(g, form.schema().title()),
                            form));
                    return g.withMembers(more);
                }));
    }

    /** Adds a step at a place in the recipe, or at its end when it is shorter. */
    public static Edit addStep(String group, int index, Treatment treatment) {
        return recipe(group, treatment.schema().title() + " added.", steps -> {
            steps.add(Math.max(0, Math.min(index, steps.size())), new Step(true, treatment));
            return steps;
        });
    }

    /** Adds a step right before another one; at the end when that is not there (any more). */
    public static Edit addBefore(String group, String step, Treatment treatment) {
        return recipe(group, treatment.schema().title() + " added.", steps -> {
            int at = index(steps, step);
            steps.add(at < 0 ? steps.size() : at, new Step(true, treatment));
            return steps;
        });
    }

    public static Edit removeStep(Design design, String group, String step) {
        return recipe(group, title(design, group, step) + " removed.", steps -> {
            steps.removeIf(s -> s.id().equals(step));
            return steps;
        });
    }

    /** Passes a step under when it is over, and over when it is under. */
    public static Edit pass(Design design, String group, String step) {
        boolean over =
                design.group(group).flatMap(g -> g.step(step)).map(Step::over).orElse(false);
        return new Edit(
                title(design, group, step) + (over ? " passes under." : " passes over."),
                d -> d.change(
                        group,
                        g -> g.step(step).map(s -> g.withStep(s.passed(!over))).orElse(g)));
    }

    /** Moves a step to a place in the recipe. */
    public static Edit moveStep(Design design, String group, String step, int to) {
        int from = design.group(group).map(g -> g.indexOf(step)).orElse(-1);
        return recipe(group, title(design, group, step) + (to < from ? " moved earlier." : " moved later."), steps -> {
            int at = index(steps, step);
            if (at >= 0 && to >= 0 && to < steps.size()) {
                steps.add(to, steps.remove(at));
            }
            return steps;
        });
    }

    /** Moves a step to where another one stands, which then follows it. */
    public static Edit moveBefore(Design design, String group, String step, String other) {
        return recipe(group, title(design, group, step) + " moved earlier.", steps -> {
            int at = index(steps, step);
            if (at >= 0 && index(steps, other) >= 0 && !step.equals(other)) {
                Step moved = steps.remove(at);
                steps.add(index(steps, other), moved);
            }
            return steps;
        });
    }

    /** Puts another treatment of its kind in the place of a step's. */
    public static Edit set(String group, String step, Treatment treatment, String words) {
        return new Edit(words, d -> new Subject.OfStep(group, step).put(d, treatment));
    }

    private static Edit recipe(String group, String words, UnaryOperator<List<Step>> change) {
        return new Edit(words, d -> d.change(group, g -> g.withRecipe(change.apply(new ArrayList<>(g.recipe())))));
    }

    private static int index(List<Step> steps, String step) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id().equals(step)) {
                return i;
            }
        }
        return -1;
    }

    private static String title(Design design, String group, String step) {
        return design.group(group).flatMap(g -> g.step(step)).map(Step::title).orElse("The step");
    }
}
