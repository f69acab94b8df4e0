package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Path;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Phase;

/** Casts a copy: plain paths of all that is set out in the group in hand, its live figures kept, hidden. */
public final class Casting {
    private final Desk desk;

    public Casting(Desk desk) {
        this.desk = desk;
    }

    public void cast() {
        if (desk.resolved() == null || desk.resolved().setOut().work().lines().isEmpty()) {
            desk.warn("There is nothing set out to cast.");
            return;
        }
        List<Path> paths =
                desk.resolved().setOut().work().lines().stream().map(Laid::path).toList();
        String group = desk.root().id();
        String id = desk.design().freshId("path");
        Form drawn = Drawn.of(paths);
        desk.edit(new Edit(
                "Cast: " + paths.size() + " plain paths; the live figures are kept, hidden.",
                d -> d.change(group, g -> cast(g, id, drawn))));
        desk.look(desk.view().choosing(group, Set.of(id)));
    }

    /** A group with its figures hidden behind a path, and the steps that set them out passed under: the path has been through those. */
    private static Group cast(Group group, String id, Form path) {
        List<Member> members = new ArrayList<>();
        group.members().forEach(m -> members.add(m.standing(m.standing().withHidden(true))));
        members.add(new Figure(id, Arranging.freshName(group, "Cast"), path));
        List<Step> recipe = new ArrayList<>();
        int settingOut = group.settingOut();
        for (int i = 0; i < group.recipe().size(); i++) {
            Step step = group.recipe().get(i);
            boolean done = i < settingOut && step.treatment().phase() == Phase.SETTING_OUT;
            recipe.add(done ? step.passed(false) : step);
        }
        return group.withMembers(members).withRecipe(recipe);
    }
}
