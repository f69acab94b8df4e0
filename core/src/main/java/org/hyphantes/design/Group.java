package org.hyphantes.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hyphantes.setting.Quoted;
import org.hyphantes.treatment.Treatment;

/** Figures and groups taken together, with the recipe of what is done to them, in order. */
public record Group(String id, String name, List<Member> members, List<Step> recipe, Standing standing)
        implements Member {
    public Group(String id, String name, List<Member> members, List<Step> recipe) {
        this(id, name, members, recipe, Standing.PLAIN);
    }

    public Group {
        name = Quoted.name(name);
        members = List.copyOf(members);
        recipe = named(recipe);
    }

    /** Every step with an id of its own: those that have none yet get the word of their treatment and a number. */
    private static List<Step> named(List<Step> recipe) {
        Set<String> taken = new HashSet<>();
        boolean sound = true;
        for (Step step : recipe) {
            sound &= !step.id().isEmpty() && taken.add(step.id());
        }
        if (sound) {
            return List.copyOf(recipe);
        }
        Set<String> given = new HashSet<>();
        List<Step> named = new ArrayList<>();
        for (Step step : recipe) {
            String id = step.id();
            for (int n = 1; id.isEmpty() || given.contains(id); n++) {
                String fresh = step.treatment().schema().word() + "-" + n;
                id = taken.contains(fresh) || given.contains(fresh) ? id : fresh;
            }
            given.add(id);
            named.add(step.withId(id));
        }
        return List.copyOf(named);
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

    /** This group with one step changed, which is found by its id. */
    public Group withStep(Step changed) {
        return withRecipe(recipe.stream()
                .map(s -> s.id().equals(changed.id()) ? changed : s)
                .toList());
    }

    /** The step of an id. */
    public Optional<Step> step(String stepId) {
        return recipe.stream().filter(s -> s.id().equals(stepId)).findFirst();
    }

    /** The place in the recipe of the step of an id; -1 when it is not there. */
    public int indexOf(String stepId) {
        for (int i = 0; i < recipe.size(); i++) {
            if (recipe.get(i).id().equals(stepId)) {
                return i;
            }
        }
        return -1;
    }

    /** The last step of a type that works; empty without one. */
    public Optional<Step> last(Class<? extends Treatment> type) {
        for (int i = recipe.size() - 1; i >= 0; i--) {
            if (recipe.get(i).over() && type.isInstance(recipe.get(i).treatment())) {
                return Optional.of(recipe.get(i));
            }
        }
        return Optional.empty();
    }

    /** The treatment of the last step of a type that works; empty without one. */
    public <T extends Treatment> Optional<T> lastOf(Class<T> type) {
        return last(type).map(s -> type.cast(s.treatment()));
    }

    /** How many steps of the recipe belong to setting out: those before the first that makes strands, bands or a weave. */
    public int settingOut() {
        for (int i = 0; i < recipe.size(); i++) {
            if (recipe.get(i).over() && recipe.get(i).treatment().phase().endsSettingOut()) {
                return i;
            }
        }
        return recipe.size();
    }

    /** This group without what it, and groups in it, weave or divide: its bands, in their colours. */
    public Group unwoven() {
        return with(Group::unwoven, recipe.stream().filter(s -> !s.weaves()).toList());
    }

    /** This group as far as before it, and groups in it, weave or divide anything. */
    public Group untilWoven() {
        return with(
                Group::untilWoven, recipe.stream().takeWhile(s -> !s.weaves()).toList());
    }

    private Group with(UnaryOperator<Group> within, List<Step> steps) {
        List<Member> changed = members.stream()
                .map(m -> m instanceof Group group ? within.apply(group) : m)
                .toList();
        return new Group(id, name, changed, steps, standing);
    }

    /** The names of its figures, and of those of groups in it, by their ids. */
    public Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        collect(this, names);
        return names;
    }

    private static void collect(Group group, Map<String, String> names) {
        for (Member member : group.members()) {
            if (member instanceof Figure figure) {
                names.put(figure.id(), figure.name());
            } else {
                collect((Group) member, names);
            }
        }
    }

    public Optional<Figure> figure(String figureId) {
        return members.stream()
                .filter(Figure.class::isInstance)
                .map(Figure.class::cast)
                .filter(f -> f.id().equals(figureId))
                .findFirst();
    }
}
