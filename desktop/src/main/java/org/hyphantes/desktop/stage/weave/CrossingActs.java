package org.hyphantes.desktop.stage.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Swaps;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.CrossingIndex;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;

/** The crossings in the field: which lies where, what is said of it, and what is done to it. */
final class CrossingActs {
    private final Desk desk;
    private final Glass glass;

    /** What was last asked for: it is drawn, told and read aloud at every move of the needle. */
    private Reached last;

    private record Reached(Weave weave, int meet, Reach reach, List<CrossingIndex.Found> found) {}

    CrossingActs(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    private List<Laying> weaves() {
        return desk.resolved() == null ? List.of() : desk.resolved().weaves();
    }

    /** The crossing nearest to a place in the field (pixels), or the place alone. */
    Hover at(double x, double y) {
        double best = Glass.GRASP;
        Hover found = Hover.at(glass.camera().place(x, y));
        for (Hover crossing : all()) {
            Point at = crossing.place().orElseThrow();
            double away = Math.hypot(glass.camera().x(at) - x, glass.camera().y(at) - y);
            if (away < best) {
                best = away;
                found = crossing;
            }
        }
        return found;
    }

    List<Hover> all() {
        List<Hover> all = new ArrayList<>();
        List<Laying> weaves = weaves();
        for (int w = 0; w < weaves.size(); w++) {
            List<Crossing> crossings = weaves.get(w).weave().crossings();
            for (int m = 0; m < crossings.size(); m++) {
                Point place = weaves.get(w).placed().of(crossings.get(m).place());
                all.add(new Hover(Optional.of(place), w, m));
            }
        }
        return all;
    }

    boolean isThere(Hover hover) {
        return !hover.isCrossing()
                || hover.weave() < weaves().size()
                        && hover.meet()
                                < weaves().get(hover.weave())
                                        .weave()
                                        .crossings()
                                        .size();
    }

    /** Swaps a crossing, or releases it. */
    void act(Hover at, Reach reach, boolean release) {
        List<Laying> weaves = desk.weavesToActOn();
        if (!weaves.isEmpty() && isThere(at)) {
            Laying laying = weaves.get(at.weave());
            desk.edit(release ? Swaps.release(laying, at.meet()) : Swaps.swap(laying, at.meet(), reach));
        }
    }

    /** The crossings, of those before breaks, that an act on one reaches; itself first. */
    private List<CrossingIndex.Found> reached(Weave weave, int meet) {
        Reach reach = new ReachActs(desk).reach();
        if (last == null || last.weave() != weave || last.meet() != meet || last.reach() != reach) {
            int whole = weave.origins().whole(meet);
            List<CrossingIndex.Found> found = whole < 0
                    ? List.of(new CrossingIndex.Found(0, true, false, false))
                    : weave.places().reached(whole, reach);
            last = new Reached(weave, meet, reach, found);
        }
        return last.found();
    }

    /** Draws the marks of a crossing and of all that an act on it reaches, and gives what is said beside it. */
    String draw(WeaveMarks marks, Hover hover) {
        Laying laying = weaves().get(hover.weave());
        Weave weave = laying.weave();
        Crossing crossing = weave.crossings().get(hover.meet());
        marks.frame(laying.placed().of(crossing.place()));
        List<CrossingIndex.Found> reached = reached(weave, hover.meet());
        marks.siblings(Sibling.of(laying, reached.subList(1, reached.size())));
        return overUnder(weave, crossing) + " \u00b7 swap" + (reached.size() > 1 ? " \u00d7" + reached.size() : "");
    }

    private static String overUnder(Weave weave, Crossing crossing) {
        return weave.strands().get(crossing.over()).name() + " over "
                + weave.strands().get(crossing.under()).name();
    }

    /** What the needle is at, in words. */
    String words(Hover hover) {
        if (!hover.isCrossing() || !isThere(hover)) {
            return "Weave: " + desk.design().name();
        }
        Weave weave = weaves().get(hover.weave()).weave();
        Crossing crossing = weave.crossings().get(hover.meet());
        int siblings = reached(weave, hover.meet()).size() - 1;
        return "Crossing " + (hover.meet() + 1) + " of " + weave.crossings().size() + ", "
                + overUnder(weave, crossing) + (crossing.isPinned() ? ", pinned" : "")
                + (siblings > 0 ? ", " + siblings + " siblings" : "");
    }
}
