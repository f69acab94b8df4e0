package org.hyphantes.design;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Scope;
import org.hyphantes.treatment.Treatment;

/**
 * What was taken from a design to be laid into it again or into another: a small design of its own, with the measures that its sizes
 * name.
 */
public record Excerpt(Design design) {
    /** Members of a design, without a recipe. */
    public static Excerpt of(Design design, List<Member> members) {
        return of(design, members, List.of());
    }

    /** The recipe of a group, without its figures: what took some of them takes all, wherever it is laid. */
    public static Excerpt ofRecipe(Design design, Group group) {
        return of(
                design,
                List.of(),
                group.recipe().stream().map(Excerpt::onEveryFigure).toList());
    }

    private static Excerpt of(Design design, List<Member> members, List<Step> recipe) {
        Group root = new Group(design.root().id(), design.name(), members, recipe);
        return new Excerpt(new Design(
                design.name(),
                design.unit(),
                design.making(),
                used(root, design.measures()),
                design.page(),
                design.net(),
                Sketch.STARTING,
                design.colourway(),
                Handing.STARTING,
                design.material().job(),
                root));
    }

    /** The measures that a group names, with those that they are worked out of, in the order of the design. */
    private static Map<String, Amount> used(Group group, Map<String, Amount> measures) {
        Set<String> names = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(named(group));
        while (!open.isEmpty()) {
            String name = open.pop();
            if (measures.containsKey(name) && names.add(name)) {
                open.addAll(Expression.measures(measures.get(name).expression()));
            }
        }
        Map<String, Amount> used = new LinkedHashMap<>(measures);
        used.keySet().retainAll(names);
        return used;
    }

    private static Set<String> named(Member member) {
        Set<String> names = new LinkedHashSet<>();
        if (member instanceof Figure figure) {
            names.addAll(figure.form().schema().measures(figure.form()));
        } else {
            Group group = (Group) member;
            group.members().forEach(m -> names.addAll(named(m)));
            group.recipe().forEach(s -> names.addAll(s.treatment().schema().measures(s.treatment())));
        }
        return names;
    }

    private static Step onEveryFigure(Step step) {
        Treatment treatment = step.treatment();
        for (Map.Entry<String, String> reference : treatment.schema().figures().entrySet()) {
            treatment = (Treatment) treatment.schema().put(treatment, reference.getKey(), reference.getValue());
        }
        return step.with(treatment);
    }

    public List<Member> members() {
        return design.root().members();
    }

    public List<Step> recipe() {
        return design.root().recipe();
    }

    /**
     * Lays the members in front of all others in a group, moved on the page, with ids and names of their own; what refers to one of
     * them refers to its copy. A size named by a measure that is another one here, or in squares of another net, is laid as a number.
     */
    public Edit into(String group, Point by) {
        List<Member> copied = members();
        return new Edit(copied.size() == 1 ? "Pasted." : copied.size() + " figures pasted.", d -> {
            Design into = d.withMeasuresOf(design);
            NewIds ids = new NewIds(into);
            List<Member> own = copied.stream()
                    .map(m -> m.standing(m.standing().withLocked(false)))
                    .map(m -> Arranging.carried(settled(m, into.scope()), Affine.shift(by)))
                    .map(ids::given)
                    .toList();
            return into.change(group, g -> {
                Group filled = g;
                for (Member member : own) {
                    List<Member> more = new ArrayList<>(filled.members());
                    more.add(ids.followed(member).named(Arranging.freshName(filled, member.name())));
                    filled = filled.withMembers(more);
                }
                return filled;
            });
        });
    }

    /** Lays the recipe on groups, in place of theirs. */
    public Edit recipeOn(Set<String> groups) {
        return new Edit("Recipe pasted.", d -> {
            Design changed = d.withMeasuresOf(design);
            Scope scope = changed.scope();
            List<Step> steps = recipe().stream()
                    .map(s -> s.with(settled(s.treatment(), scope)))
                    .toList();
            for (String id : groups) {
                changed = changed.change(id, g -> g.withRecipe(steps));
            }
            return changed;
        });
    }

    private static Member settled(Member member, Scope scope) {
        if (member instanceof Figure figure) {
            return figure.withForm(settled(figure.form(), scope));
        }
        Group group = (Group) member;
        return group.withMembers(
                        group.members().stream().map(m -> settled(m, scope)).toList())
                .withRecipe(group.recipe().stream()
                        .map(s -> s.with(settled(s.treatment(), scope)))
                        .toList());
    }

    @SuppressWarnings("unchecked")
    private static <T extends Described> T settled(T thing, Scope scope) {
        return (T) thing.schema().settled(thing, scope);
    }
}
