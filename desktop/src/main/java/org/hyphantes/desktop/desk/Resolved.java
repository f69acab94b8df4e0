package org.hyphantes.desktop.desk;

import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Ground;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Watch;
import org.hyphantes.known.KnownPoints;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Braid;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Knot;
import org.hyphantes.treatment.Taper;

/**
 * What resolving made of a design at one position of the shuttle.
 *
 * @param design the design that was resolved
 * @param shuttle the number of steps in {@code field}
 * @param setOut the lines of the group in hand as set out, before its first band
 * @param field the work of the group in hand as far as the shuttle
 * @param finished the work of the whole recipe
 * @param inspection the gauges of the finished work
 * @param known the known points, where they were asked for
 */
public record Resolved(
        Design design,
        int shuttle,
        Artwork setOut,
        Artwork field,
        Artwork finished,
        Inspection inspection,
        Optional<KnownPoints> known) {
    private static final Set<Class<?>> FOLLOWING =
            Set.of(Knot.class, Braid.class, Band.class, Taper.class, Interlace.class);

    static Resolved of(
            Resolver resolver,
            Design design,
            String group,
            int shuttle,
            boolean knowing,
            boolean measured,
            Watch watch) {
        Group root = design.group(group).orElse(design.root());
        Ground ground = design.page().ground();
        Artwork setOut = resolver.resolve(root.upTo(afterSettingOut(root)), ground, watch);
        Artwork finished = resolver.resolve(design.root(), ground, watch);
        boolean whole = root == design.root() && shuttle >= root.recipe().size();
        Artwork field = whole ? finished : resolver.resolve(root.upTo(shuttle), ground, watch);
        Optional<KnownPoints> known =
                knowing ? Optional.of(KnownPoints.of(design, root, setOut.work(), watch)) : Optional.empty();
        return new Resolved(
                design, shuttle, setOut, field, finished, Inspection.of(design, finished, watch, measured), known);
    }

    /** How many steps of a recipe belong to setting out: those before its first knot, braid, band or weave. */
    public static int afterSettingOut(Group group) {
        for (int i = 0; i < group.recipe().size(); i++) {
            Step step = group.recipe().get(i);
            if (step.over() && FOLLOWING.contains(step.treatment().getClass())) {
                return i;
            }
        }
        return group.recipe().size();
    }
}
