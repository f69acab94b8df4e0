package org.hyphantes.desktop.desk;

import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Watch;
import org.hyphantes.treatment.Turn;

/**
 * What resolving made of a design at one position of the shuttle.
 *
 * @param design the design that was resolved
 * @param shuttle the number of steps in {@code field}
 * @param setOut the lines as set out, after the last turn
 * @param field the work as far as the shuttle
 * @param finished the work of the whole recipe
 * @param inspection the gauges of the finished work
 */
public record Resolved(
        Design design, int shuttle, Artwork setOut, Artwork field, Artwork finished, Inspection inspection) {
    static Resolved of(Resolver resolver, Design design, int shuttle, Watch watch) {
        Group root = design.root();
        Artwork setOut = resolver.resolve(root.upTo(afterSettingOut(root)), watch);
        Artwork finished = resolver.resolve(root, watch);
        Artwork field = shuttle >= root.recipe().size() ? finished : resolver.resolve(root.upTo(shuttle), watch);
        return new Resolved(design, shuttle, setOut, field, finished, Inspection.of(design, finished, watch));
    }

    /** How many steps of a recipe belong to setting out: those up to its last turn. */
    public static int afterSettingOut(Group group) {
        return group.last(Turn.class).map(i -> i + 1).orElse(0);
    }
}
