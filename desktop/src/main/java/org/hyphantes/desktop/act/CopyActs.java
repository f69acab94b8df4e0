package org.hyphantes.desktop.act;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Copies;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Point;

/** Copies, cuts and pastes members, and recipes. */
public final class CopyActs {
    private final Desk desk;
    private final Chosen chosen;
    private final Copies copies;

    public CopyActs(Bench bench) {
        this.desk = bench.desk();
        this.copies = bench.copies();
        this.chosen = new Chosen(desk);
    }

    public void copy() {
        if (chosen.isSomething()) {
            List<Member> copied = chosen.members();
            copies.takeMembers(copied, false);
            desk.say(copied.size() == 1 ? copied.get(0).name() + " copied." : copied.size() + " figures copied.");
        }
    }

    public void cut() {
        if (chosen.isSomething()) {
            copies.takeMembers(chosen.members(), true);
            desk.edit(Arranging.remove(chosen.group(), chosen.ids()));
        }
    }

    /** Pastes a little aside, further with every time, or in the same place. */
    public void paste(boolean samePlace) {
        if (copies.members().isEmpty()) {
            desk.warn("Nothing is copied yet.");
            return;
        }
        int pasted = copies.nextPaste();
        int before = desk.root().members().size();
        desk.edit(Arranging.paste(
                chosen.group(), copies.members(), samePlace ? Point.ORIGIN : new Point(5 * pasted, 5 * pasted)));
        Set<String> ids = new LinkedHashSet<>();
        desk.root().members().stream().skip(before).forEach(m -> ids.add(m.id()));
        desk.look(desk.view().choosing(chosen.group(), ids));
    }

    /** Copies the recipe of the group in hand. */
    public void copyRecipe() {
        List<Step> recipe = desk.root().recipe();
        copies.takeRecipe(recipe);
        desk.say(recipe.isEmpty() ? "This recipe has no steps." : "Recipe copied: " + recipe.size() + " steps.");
    }

    /** Puts the copied recipe on the groups that are selected; single figures are grouped first. */
    public void pasteRecipe() {
        if (copies.recipe().isEmpty()) {
            desk.warn("No recipe is copied yet: Copy recipe takes that of the group in hand.");
        } else if (chosen.isSomething()) {
            if (chosen.members().stream().noneMatch(Group.class::isInstance)) {
                desk.edit(Arranging.group(chosen.group(), chosen.ids()));
                String id = desk.root().members().stream()
                        .filter(Group.class::isInstance)
                        .reduce((a, b) -> b)
                        .orElseThrow()
                        .id();
                desk.look(desk.view().choosing(chosen.group(), Set.of(id)));
            }
            List<Step> steps = copies.recipe();
            Set<String> on = chosen.ids();
            chosen.keep(new Edit("Recipe pasted.", d -> {
                Design changed = d;
                for (String id : on) {
                    changed = changed.change(id, g -> g.withRecipe(steps));
                }
                return changed;
            }));
        }
    }
}
