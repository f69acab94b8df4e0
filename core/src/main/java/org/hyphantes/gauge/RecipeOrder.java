package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Lettering;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.setting.Schema;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Between;
import org.hyphantes.treatment.Braid;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Knot;
import org.hyphantes.treatment.Taper;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;

/** Snags of a recipe whose order cannot work, or whose step refers to what is gone. */
public final class RecipeOrder {
    private RecipeOrder() {}

    static List<Snag> snags(Design design) {
        List<Snag> snags = new ArrayList<>();
        collect(design.root(), snags);
        return snags;
    }

    private static void collect(Group group, List<Snag> snags) {
        for (int i = 0; i < group.recipe().size(); i++) {
            if (group.recipe().get(i).over()) {
                step(group, i, snags);
            }
        }
        for (Member member : group.members()) {
            if (member instanceof Group inner) {
                collect(inner, snags);
            } else if (((Figure) member).form() instanceof Lettering lettering && !lettering.isAtHand()) {
                typeface(group, (Figure) member, lettering, snags);
            }
        }
    }

    private static void typeface(Group group, Figure figure, Lettering lettering, List<Snag> snags) {
        String first = Typesetter.installed().typefaces().stream().findFirst().orElse("");
        Snag snag = Snag.of(
                Gauge.STRANDS,
                State.CHIPPED,
                lettering.centre(),
                "Letters use the typeface " + lettering.typeface() + ", which this computer lacks.");
        snags.add(
                first.isEmpty()
                        ? snag
                        : snag.mended(
                                "Set them in " + first,
                                new Edit("Letters set in " + first + ".", d -> new Subject.OfFigure(
                                                group.id(), figure.id())
                                        .put(d, lettering.schema().put(lettering, "typeface", first)))));
    }

    /** Whether a step of a recipe cannot do its work where it stands. */
    public static boolean cannotWork(Group group, int index) {
        List<Snag> snags = new ArrayList<>();
        if (group.recipe().get(index).over()) {
            step(group, index, snags);
        }
        return snags.stream().anyMatch(s -> s.state() == State.BROKEN);
    }

    private static void step(Group group, int i, List<Snag> snags) {
        Treatment treatment = group.recipe().get(i).treatment();
        int interlace = first(group, Interlace.class);
        if (treatment instanceof Interlace) {
            interlaceStep(group, i, snags);
        } else if (takesLines(treatment) && interlace >= 0 && interlace < i) {
            if (!banded(group, interlace)) {
                return;
            }
            String title = treatment.schema().title();
            snags.add(Snag.of(
                            Gauge.CROSSINGS,
                            State.BROKEN,
                            null,
                            title + " comes after Interlace and finds no line left.")
                    .mended("Move " + title + " before Interlace", Recipes.moveStep(group.id(), i, interlace, title)));
        } else if (interlace >= 0 && interlace < i && treatment.laid(1) > 1) {
            String title = treatment.schema().title();
            snags.add(Snag.of(
                            Gauge.CROSSINGS,
                            State.CHIPPED,
                            null,
                            title + " comes after Interlace: its copies lie on one another and are not woven together.")
                    .mended("Move " + title + " before Interlace", Recipes.moveStep(group.id(), i, interlace, title)));
        }
        if (treatment instanceof Between between) {
            between(group, between, snags);
        }
        tooMuch(group, i, treatment, snags);
        references(group, i, treatment, snags);
    }

    private static void between(Group group, Between between, List<Snag> snags) {
        long figures = group.members().stream().filter(Figure.class::isInstance).count();
        if (figures < 2 || between.from().equals(between.to())) {
            snags.add(Snag.of(
                    Gauge.STRANDS,
                    State.CHIPPED,
                    null,
                    "Between needs two figures to lay its steps between: "
                            + (figures < 2 ? "add another." : "name two different ones.")));
        }
    }

    private static void tooMuch(Group group, int i, Treatment treatment, List<Snag> snags) {
        long before = laid(group, i);
        if (treatment.laid(before) <= Treatment.MOST_LINES || treatment.laid(1) <= 1) {
            return;
        }
        String title = treatment.schema().title();
        Snag snag = Snag.of(
                Gauge.STRANDS,
                State.BROKEN,
                null,
                title + " would lay more than " + Treatment.MOST_LINES + " lines, so it is left out.");
        snags.add(
                treatment instanceof Turn turn
                        ? snag.mended("Turn 12 times", changed(group, i, turn.withTimes(12), "Turned 12 times."))
                        : snag.mended("Pass " + title + " under", passedUnder(group, i, title)));
    }

    private static Edit passedUnder(Group group, int i, String title) {
        return new Edit(
                title + " passes under.",
                d -> d.change(
                        group.id(),
                        g -> g.withStep(i, new Step(false, g.recipe().get(i).treatment()))));
    }

    private static Edit changed(Group group, int i, Treatment treatment, String words) {
        return new Edit(
                words,
                d -> d.change(group.id(), g -> g.withStep(i, g.recipe().get(i).with(treatment))));
    }

    /** Names of figures that are not in the group (any more). */
    private static void references(Group group, int i, Treatment treatment, List<Snag> snags) {
        Schema<?> schema = treatment.schema();
        Treatment starting = Treatment.each().stream()
                .filter(t -> t.getClass() == treatment.getClass())
                .findFirst()
                .orElseThrow();
        for (String key : schema.references()) {
            String name = (String) schema.value(treatment, key);
            String safe = (String) schema.value(starting, key);
            boolean known = treatment instanceof Interlace
                    || name.equals(safe)
                    || group.members().stream()
                            .anyMatch(m -> m instanceof Figure && m.name().equals(name));
            if (!known) {
                String title = schema.title();
                snags.add(Snag.of(
                                Gauge.STRANDS,
                                State.CHIPPED,
                                null,
                                title + " names \"" + name + "\", which is not in the group; it takes " + safe + ".")
                        .mended(
                                "Take " + safe,
                                changed(
                                        group,
                                        i,
                                        (Treatment) schema.put(treatment, key, safe),
                                        title + " takes " + safe + ".")));
            }
        }
    }

    private static void interlaceStep(Group group, int i, List<Snag> snags) {
        boolean nested = group.members().stream().anyMatch(Group.class::isInstance);
        if (banded(group, i) || nested || first(group, Interlace.class) < i) {
            return;
        }
        int band = first(group, Band.class);
        Snag snag = Snag.of(Gauge.CROSSINGS, State.BROKEN, null, "Interlace finds no bands, so nothing is woven.");
        snags.add(
                band > i
                        ? snag.mended("Move Band before Interlace", Recipes.moveStep(group.id(), band, i, "Band"))
                        : snag.mended("Add Band before Interlace", Recipes.addStep(group.id(), i, Band.STARTING)));
    }

    /** About how many lines there are before a step. */
    private static long laid(Group group, int before) {
        long laid = group.members().size();
        for (int i = 0; i < before; i++) {
            Step step = group.recipe().get(i);
            if (step.over()) {
                laid = step.treatment().laid(laid);
            }
        }
        return laid;
    }

    private static boolean banded(Group group, int before) {
        for (int i = 0; i < before; i++) {
            if (group.recipe().get(i).over() && isBanding(group.recipe().get(i).treatment())) {
                return true;
            }
        }
        return false;
    }

    private static boolean takesLines(Treatment treatment) {
        return isBanding(treatment) || treatment instanceof Knot || treatment instanceof Braid;
    }

    private static boolean isBanding(Treatment treatment) {
        return treatment instanceof Band || treatment instanceof Taper;
    }

    private static int first(Group group, Class<? extends Treatment> type) {
        for (int i = 0; i < group.recipe().size(); i++) {
            if (group.recipe().get(i).over()
                    && type.isInstance(group.recipe().get(i).treatment())) {
                return i;
            }
        }
        return -1;
    }
}
