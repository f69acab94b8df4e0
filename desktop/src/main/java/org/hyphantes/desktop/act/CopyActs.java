package org.hyphantes.desktop.act;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Excerpt;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Copies;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;

/** Copies, cuts and pastes members, and recipes. */
public final class CopyActs {
    /** How far aside (mm) a copy is laid of the one before. */
    private static final double ASIDE = 5;

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
            take(
                    Excerpt.of(desk.design(), copied),
                    false,
                    copied.size() == 1 ? copied.get(0).name() + " copied." : copied.size() + " figures copied.");
        }
    }

    public void cut() {
        if (chosen.isSomething() && take(Excerpt.of(desk.design(), chosen.members()), true, "")) {
            desk.edit(Arranging.remove(chosen.group(), chosen.ids()));
        }
    }

    /** Pastes a little aside, further with every time, or in the same place; figures of another window in their place first. */
    public void paste(boolean samePlace) {
        Optional<String> drawn = copies.svg();
        if (drawn.isPresent()) {
            new BringActs(desk).bringSvg(drawn.get());
            return;
        }
        there().ifPresent(copied -> {
            if (copied.members().isEmpty()) {
                desk.warn("What was copied is a recipe: select a group and choose Paste recipe.");
                return;
            }
            int pasted = copies.nextPaste();
            int before = desk.root().members().size();
            desk.edit(
                    copied.into(chosen.group(), samePlace ? Point.ORIGIN : new Point(ASIDE * pasted, ASIDE * pasted)));
            Set<String> ids = new LinkedHashSet<>();
            desk.root().members().stream().skip(before).forEach(m -> ids.add(m.id()));
            desk.look(desk.view().choosing(chosen.group(), ids));
        });
    }

    /** Copies the recipe of the group in hand. */
    public void copyRecipe() {
        int steps = desk.root().recipe().size();
        if (steps == 0) {
            desk.warn("This recipe has no steps.");
        } else {
            take(
                    Excerpt.ofRecipe(desk.design(), desk.root()),
                    false,
                    "Recipe copied: " + Numerals.counted(steps, "step") + ".");
        }
    }

    /** Puts the copied recipe on the groups that are selected; single figures are grouped first. */
    public void pasteRecipe() {
        there().ifPresent(copied -> {
            if (copied.recipe().isEmpty()) {
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
                chosen.keep(copied.recipeOn(chosen.ids()));
            }
        });
    }

    private boolean take(Excerpt copied, boolean cut, String words) {
        if (!copies.take(copied, cut)) {
            desk.warn("The clipboard of this computer does not take it; try once more.");
            return false;
        }
        desk.say(words);
        return true;
    }

    /** What was copied, here or in another window; says so when there is nothing. */
    private Optional<Excerpt> there() {
        try {
            Optional<Excerpt> there = copies.there();
            if (there.isEmpty()) {
                desk.warn("Nothing is copied yet: select figures, here or in another window, and press Ctrl+C.");
            }
            return there;
        } catch (CannotOpen e) {
            desk.warn(e.getMessage());
            return Optional.empty();
        }
    }
}
