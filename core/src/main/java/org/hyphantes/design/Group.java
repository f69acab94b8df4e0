package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Figures and groups taken together, with the recipe of what is done to them, in order. */
public record Group(String id, String name, List<Member> members, List<Step> recipe, Standing standing)
        implements Member {
    public Group(String id, String name, List<Member> members, List<Step> recipe) {
        this(id, name, members, recipe, Standing.PLAIN);
    }

    public Group {
        members = List.copyOf(members);
        recipe = List.copyOf(recipe);
    }

    public Group withMembers(List<? extends Member> changed) {
        return new Group(id, name, List.copyOf(changed), recipe, standing);
    }

    public Group withRecipe(List<Step> changed) {
        return new Group(id, name, members, changed, standing);
    }

    @Override
    public Group named(String changed) {
        return new Group(id, changed, members, recipe, standing);
    }

    @Override
    public Group standing(Standing changed) {
        return new Group(id, name, members, recipe, changed);
    }

    /** This group with only the first steps of its recipe. */
    public Group upTo(int steps) {
        return steps >= recipe.size() ? this : withRecipe(recipe.subList(0, Math.max(0, steps)));
    }

    public Group withStep(int index, Step step) {
        List<Step> changed = new ArrayList<>(recipe);
        changed.set(index, step);
        return withRecipe(changed);
    }

    /** The index of the last step of a type that works; empty without one. */
    public Optional<Integer> last(Class<?> type) {
        for (int i = recipe.size() - 1; i >= 0; i--) {
            if (recipe.get(i).over() && type.isInstance(recipe.get(i).treatment())) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    public Optional<Figure> figure(String figureId) {
        return members.stream()
                .filter(Figure.class::isInstance)
                .map(Figure.class::cast)
                .filter(f -> f.id().equals(figureId))
                .findFirst();
    }
}
