package org.hyphantes.desktop.act;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Standing;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Well;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Treatment;

/** Arranges what is selected: moved, turned, scaled, ordered, aligned, grouped, named, coloured, removed. */
public final class Arrange {
    private final Desk desk;
    private final Chosen chosen;

    public Arrange(Desk desk) {
        this.desk = desk;
        this.chosen = new Chosen(desk);
    }

    private void carry(Affine map, String words) {
        if (chosen.isSomething()) {
            Set<String> kept = chosen.ids();
            desk.edit(Arranging.carry(chosen.group(), kept, map, words));
            desk.look(desk.view().keeping(chosen.group(), kept));
        }
    }

    public void move(Point by) {
        carry(Affine.shift(by), "Moved.");
    }

    public void rotate(double degrees, Point about) {
        carry(Affine.turn(degrees, about), "Rotated by " + Numerals.degrees(degrees) + ".");
    }

    public void scale(double factor, Point about) {
        if (!(factor > 0) || !Double.isFinite(factor)) {
            desk.warn("Scale by a number above 0, such as 1.5.");
            return;
        }
        carry(Affine.scale(factor, about), "Scaled by " + Numerals.shown(factor, 3) + ".");
    }

    /** Scales the whole group in hand, its bands, clearances and all other lengths of its recipe too. */
    public void scaleAll(double factor) {
        if (!(factor > 0) || !Double.isFinite(factor)) {
            desk.warn("Scale by a number above 0, such as 1.5.");
            return;
        }
        Set<String> every = new LinkedHashSet<>();
        desk.root().members().forEach(m -> every.add(m.id()));
        Edit figures = Arranging.carry(chosen.group(), every, Affine.scale(factor, Point.ORIGIN), "");
        desk.edit(new Edit(
                "All scaled by " + factor + ", widths too.",
                d -> figures.change()
                        .apply(d)
                        .change(
                                chosen.group(),
                                g -> g.withRecipe(g.recipe().stream()
                                        .map(s -> s.with(scaled(s.treatment(), factor)))
                                        .toList()))));
    }

    private static Treatment scaled(Treatment treatment, double factor) {
        Treatment scaled = treatment;
        for (String key : treatment.schema().keys()) {
            if (treatment.schema().isLength(key)) {
                double value = ((Amount) treatment.schema().value(treatment, key)).value();
                scaled = (Treatment) scaled.schema().put(scaled, key, Amount.of(value * factor));
            }
        }
        return scaled;
    }

    public void order(boolean forward, boolean allTheWay) {
        if (chosen.isSomething()) {
            chosen.keep(Arranging.order(chosen.group(), chosen.ids(), forward, allTheWay));
        }
    }

    /** Aligns to the page, or two and more among themselves by the box round them. */
    public void align(Arranging.Side side, boolean toPage) {
        if (chosen.isSomething()) {
            Box with = toPage || chosen.ids().size() < 2
                    ? desk.design().page().box()
                    : Arranging.box(desk.design(), chosen.group(), chosen.ids());
            chosen.keep(Arranging.align(desk.design(), chosen.group(), chosen.ids(), side, with));
        }
    }

    public void spread(boolean across) {
        if (chosen.ids().size() < 3) {
            desk.warn("Select three figures or more to spread them evenly.");
            return;
        }
        chosen.keep(Arranging.spread(desk.design(), chosen.group(), chosen.ids(), across));
    }

    /** Takes what is selected into a group, or takes groups apart; what came of it is selected then. */
    public void group(boolean together) {
        if (!chosen.isSomething()) {
            return;
        }
        Set<String> kept = new LinkedHashSet<>();
        if (!together) {
            chosen.members()
                    .forEach(m ->
                            (m instanceof Group inner ? inner.members() : List.of(m)).forEach(i -> kept.add(i.id())));
        }
        Set<String> before = ids(desk.root().members());
        desk.edit(
                together
                        ? Arranging.group(chosen.group(), chosen.ids())
                        : Arranging.ungroup(chosen.group(), chosen.ids()));
        if (together) {
            kept.addAll(ids(desk.root().members()));
            kept.removeAll(before);
        }
        desk.look(desk.view().choosing(chosen.group(), kept));
    }

    private static Set<String> ids(List<Member> members) {
        Set<String> ids = new LinkedHashSet<>();
        members.forEach(m -> ids.add(m.id()));
        return ids;
    }

    public void rename(String name) {
        if (chosen.ids().size() != 1 || name.isBlank()) {
            desk.warn("Select one figure and type: name, and what it is to be called.");
            return;
        }
        chosen.keep(Arranging.rename(
                chosen.group(), chosen.ids().iterator().next(), Arranging.freshName(desk.root(), name.strip())));
    }

    /** Gives what is selected a colour: a name of the colourway, hexadecimal digits, or none. */
    public void colour(String words) {
        Optional<Colour> colour = desk.design().colourway().colour(words);
        if (colour.isEmpty() && !words.strip().equals("none")) {
            desk.warn("Colours are "
                    + String.join(
                            ", ",
                            desk.design().colourway().wells().stream()
                                    .map(Well::name)
                                    .toList())
                    + ", numbers of wells, #A4472F, teal and the like, hsl(160 40% 30%), or none.");
        } else if (chosen.isSomething()) {
            chosen.keep(Arranging.colour(chosen.group(), chosen.ids(), colour));
        }
    }

    /** Switches a standing of all that is selected: on, unless all have it already. */
    public void stand(String word) {
        if (!chosen.isSomething()) {
            return;
        }
        boolean on = !chosen.members().stream().allMatch(m -> has(m.standing(), word));
        UnaryOperator<Standing> change = s -> switch (word) {
            case "lock" -> s.withLocked(on);
            case "hide" -> s.withHidden(on);
            default -> s.withHelper(on);
        };
        String done = switch (word) {
            case "lock" -> on ? "Locked: the hand cannot change it." : "Unlocked.";
            case "hide" -> on ? "Hidden." : "Seen again.";
            default -> on ? "A helper: seen here, never in the result." : "No helper any more.";
        };
        chosen.keep(Arranging.stand(chosen.group(), chosen.ids(), change, done));
    }

    private static boolean has(Standing standing, String word) {
        return switch (word) {
            case "lock" -> standing.locked();
            case "hide" -> standing.hidden();
            default -> standing.helper();
        };
    }

    public void remove() {
        if (chosen.isSomething()) {
            if (chosen.members().stream().allMatch(m -> m.standing().locked())) {
                desk.warn("Locked: unlock it first.");
            } else {
                desk.edit(Arranging.remove(chosen.group(), chosen.ids()));
            }
        }
    }
}
