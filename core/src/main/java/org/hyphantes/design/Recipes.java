package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.figure.Form;
import org.hyphantes.treatment.Treatment;

/** The edits of what a group contains and of its recipe. */
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

    public static Edit addStep(String group, int index, Treatment treatment) {
        return new Edit(
                treatment.schema().title() + " added.",
                d -> d.change(group, g -> {
                    List<Step> steps = new ArrayList<>(g.recipe());
                    steps.add(Math.min(index, steps.size()), new Step(true, treatment));
                    return g.withRecipe(steps);
                }));
    }

    public static Edit removeStep(String group, int index, String title) {
        return new Edit(
                title + " removed.",
                d -> d.change(group, g -> {
                    List<Step> steps = new ArrayList<>(g.recipe());
                    steps.remove(index);
                    return g.withRecipe(steps);
                }));
    }

    /** Passes a step under when it is over, and over when it is under. */
    public static Edit pass(Design design, String group, int index) {
        Step step = design.group(group).orElseThrow().recipe().get(index);
        return new Edit(
                step.treatment().schema().title() + (step.over() ? " passes under." : " passes over."),
                d -> d.change(group, g -> g.withStep(index, new Step(!step.over(), step.treatment()))));
    }

    public static Edit moveStep(String group, int from, int to, String title) {
        return new Edit(
                title + (to < from ? " moved earlier." : " moved later."),
                d -> d.change(group, g -> {
                    List<Step> steps = new ArrayList<>(g.recipe());
                    if (to < 0 || to >= steps.size()) {
                        return g;
                    }
                    steps.add(to, steps.remove(from));
                    return g.withRecipe(steps);
                }));
    }
}
