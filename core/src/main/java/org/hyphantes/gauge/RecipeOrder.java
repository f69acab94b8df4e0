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
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Surroundings;
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
            }
        }
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
        } else if (treatment instanceof Band && interlace >= 0 && interlace < i) {
            if (!banded(group, interlace)) {
                return;
            }
            snags.add(Snag.of(Gauge.CROSSINGS, State.BROKEN, null, "Band comes after Interlace and finds no line left.")
                    .mended("Move Band before Interlace", Recipes.moveStep(group.id(), i, interlace, "Band")));
        } else if (treatment instanceof Turn turn) {
            turnStep(group, i, interlace, turn, snags);
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

    private static void turnStep(Group group, int i, int interlace, Turn turn, List<Snag> snags) {
        if (interlace >= 0 && interlace < i && turn.count() > 1) {
            snags.add(Snag.of(
                            Gauge.CROSSINGS,
                            State.CHIPPED,
                            null,
                            "Turn comes after Interlace: its copies lie on one another and are not woven together.")
                    .mended("Move Turn before Interlace", Recipes.moveStep(group.id(), i, interlace, "Turn")));
        }
        if (copies(group, i) > Turn.MOST_LINES) {
            snags.add(Snag.of(
                            Gauge.STRANDS,
                            State.BROKEN,
                            null,
                            "Turn would lay more than " + Turn.MOST_LINES + " lines, so it is left out.")
                    .mended(
                            "Turn 12 times",
                            new Edit(
                                    "Turned 12 times.",
                                    d -> d.change(
                                            group.id(),
                                            g -> g.withStep(i, g.recipe().get(i).with(turn.withTimes(12)))))));
        }
        boolean known = turn.about().equals(Surroundings.THE_CENTRE)
                || group.members().stream()
                        .anyMatch(m -> m instanceof Figure && m.name().equals(turn.about()));
        if (!known) {
            Turn about = new Turn(turn.times(), Surroundings.THE_CENTRE, turn.over(), turn.start(), turn.facing());
            snags.add(Snag.of(
                            Gauge.STRANDS,
                            State.CHIPPED,
                            null,
                            "Turn is about \"" + turn.about()
                                    + "\", which is not in the group; it turns about the centre.")
                    .mended(
                            "Turn about the centre",
                            new Edit(
                                    "Turned about the centre.",
                                    d -> d.change(
                                            group.id(),
                                            g -> g.withStep(i, g.recipe().get(i).with(about))))));
        }
    }

    private static long copies(Group group, int upTo) {
        long copies = group.members().size();
        for (int i = 0; i <= upTo; i++) {
            Step step = group.recipe().get(i);
            if (step.over() && step.treatment() instanceof Turn turn) {
                copies *= turn.count();
            }
        }
        return copies;
    }

    private static boolean banded(Group group, int before) {
        for (int i = 0; i < before; i++) {
            if (group.recipe().get(i).over() && group.recipe().get(i).treatment() instanceof Band) {
                return true;
            }
        }
        return false;
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
