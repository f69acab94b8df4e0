package org.hyphantes.desktop.stage.weave;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.CrossingIndex;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Way;
import org.hyphantes.weave.Weave;

/** A stroke begun on the ground, through a crossing: it breaks the crossing, turns its break, or rejoins it. */
final class BreakingStroke {
    private final Desk desk;
    private final Glass glass;

    /** A stroke through a crossing of the projection before breaks. */
    private record Through(Laying laying, int meet, Point place) {}

    BreakingStroke(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    /** Breaks the crossing a stroke goes through, or rejoins one that is broken along it. */
    void done(List<Laying> weaves, Point from, Point to, Reach reach) {
        Point way = to.minus(from);
        Optional<Through> through = through(weaves, from, to);
        if (through.isPresent()) {
            Laying laying = through.get().laying();
            Point own = laying.placed().inverse().ofDirection(way);
            desk.edit(Breaks.stroke(desk.design(), laying, through.get().meet(), own, reach));
            return;
        }
        Optional<Edit> rejoined = Breaks.ofFigure(desk.design(), desk.root().id(), from.middle(to), way);
        rejoined.ifPresentOrElse(
                desk::edit,
                () -> desk.say(
                        "No crossing lies under this stroke: begin on the ground and go through a crossing to the"
                                + " ground opposite."));
    }

    /** The crossing nearest to the middle of a stroke that it goes through. */
    private Optional<Through> through(List<Laying> weaves, Point from, Point to) {
        Through best = null;
        double least = Double.POSITIVE_INFINITY;
        double grasp = Glass.GRASP / glass.camera().scale();
        Point way = to.minus(from);
        for (Laying laying : weaves) {
            Projection whole = laying.weave().whole();
            for (int m = 0; m < whole.meets().size(); m++) {
                Point place = laying.placed().of(whole.meets().get(m).place());
                double along = place.minus(from).dot(way) / way.dot(way);
                double aside = Math.abs(place.minus(from).cross(way)) / way.length();
                double middle = Math.abs(along - 0.5);
                if (along > 0 && along < 1 && aside < grasp && middle < least) {
                    least = middle;
                    best = new Through(laying, m, place);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Draws a stroke under way with what it would reach, and gives its words. */
    String draw(WeaveMarks marks, List<Laying> weaves, Point from, Point to, Reach reach) {
        marks.thread(from, to);
        Optional<Through> through = through(weaves, from, to);
        if (through.isEmpty()) {
            return "";
        }
        marks.frame(through.get().place());
        Laying laying = through.get().laying();
        Weave weave = laying.weave();
        List<CrossingIndex.Found> reached = weave.places().reached(through.get().meet(), reach);
        marks.siblings(Sibling.of(laying, reached));
        boolean broken = weave.broken().containsKey(through.get().meet());
        return (broken ? "rejoin or turn" : "break") + (reached.size() > 1 ? " \u00d7" + reached.size() : "");
    }

    /** Breaks the crossing at a place level, then upright, and then makes it whole again; by key. */
    void at(Point place, Reach reach) {
        double grasp = Glass.GRASP / glass.camera().scale();
        for (Laying laying : desk.weavesToActOn()) {
            Projection whole = laying.weave().whole();
            for (int m = 0; m < whole.meets().size(); m++) {
                if (laying.placed().of(whole.meets().get(m).place()).distance(place) < grasp) {
                    desk.edit(turned(laying, m, reach));
                    desk.needle(Hover.at(place));
                    return;
                }
            }
        }
        Optional<Edit> own = Breaks.ofFigure(desk.design(), desk.root().id(), place, new Point(0, 1));
        own.ifPresentOrElse(desk::edit, () -> desk.say("Bring the needle to a crossing first; Insert breaks it."));
    }

    private Edit turned(Laying laying, int m, Reach reach) {
        Point level = laying.placed().inverse().ofDirection(new Point(1, 0));
        Point upright = laying.placed().inverse().ofDirection(new Point(0, 1));
        Way now = laying.weave().broken().get(m);
        if (now == null) {
            return Breaks.stroke(desk.design(), laying, m, level, reach);
        }
        return now == Breaks.way(laying.weave().whole(), m, level)
                ? Breaks.stroke(desk.design(), laying, m, upright, reach)
                : Breaks.rejoin(laying, m);
    }
}
