package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.Drawn;
import org.hyphantes.paint.Fill;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Phase;

/**
 * Casts a copy: a plain path for each line that is set out in the group in hand, all of them in a group of their own, so that each can
 * be cut, moved and deleted; the live figures are kept, hidden.
 */
public final class Casting {
    private final Desk desk;

    public Casting(Desk desk) {
        this.desk = desk;
    }

    public void cast() {
        if (desk.resolved() == null || desk.resolved().setOut().spread().lines().isEmpty()) {
            desk.warn("There is nothing set out to cast.");
            return;
        }
        List<Laid> lines = desk.resolved().setOut().spread().lines();
        String group = desk.root().id();
        String id = desk.design().freshId("cast");
        Map<String, List<String>> of = new LinkedHashMap<>();
        List<Member> paths = paths(lines, id, of);
        desk.edit(new Edit(
                "Cast: " + Numerals.counted(paths.size(), "plain path") + "; the live figures are kept, hidden.",
                d -> d.change(group, g -> cast(g, id, paths, of))));
        desk.look(desk.view().choosing(group, Set.of(id)));
    }

    /** A path for each line, named after its figure. */
    private List<Member> paths(List<Laid> lines, String group, Map<String, List<String>> of) {
        Set<String> taken = new HashSet<>(desk.design().figures());
        Map<String, String> names = desk.root().names();
        Map<String, Integer> counts = new LinkedHashMap<>();
        List<Member> paths = new ArrayList<>();
        for (Laid line : lines) {
            String figure = line.key().figure();
            String id = group + "-" + (paths.size() + 1);
            while (!taken.add(id)) {
                id += "x";
            }
            String name = names.getOrDefault(figure, "Path") + " " + counts.merge(figure, 1, Integer::sum);
            of.computeIfAbsent(figure, f -> new ArrayList<>()).add(id);
            paths.add(new Figure(
                    id,
                    name,
                    Drawn.of(List.of(line.path())),
                    Standing.PLAIN,
                    Optional.empty(),
                    line.colour().map(Fill::colour)));
        }
        return paths;
    }

    /** A group with its figures hidden behind paths, and the steps that set them out passed under: the paths have been through those. */
    private static Group cast(Group group, String id, List<Member> paths, Map<String, List<String>> of) {
        List<Member> members = new ArrayList<>();
        group.members().forEach(m -> members.add(m.standing(m.standing().withHidden(true))));
        members.add(new Group(id, Arranging.freshName(group, "Cast"), paths, List.of()));
        List<Step> recipe = new ArrayList<>();
        int settingOut = group.settingOut();
        for (int i = 0; i < group.recipe().size(); i++) {
            Step step = group.recipe().get(i);
            boolean done = i < settingOut && step.treatment().phase().compareTo(Phase.REPEAT) <= 0;
            recipe.add(done ? step.passed(false) : step.referring(of));
        }
        return group.withMembers(members).withRecipe(recipe);
    }
}
