package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;
import org.hyphantes.weave.StrandKey;

/**
 * The end of a line that stops short within a piece, so that it does not divide it.
 *
 * @param cell the piece
 * @param shortBy how far (mm) from the edge it stops, the nearest way
 * @param onto where it would meet the edge if it were run on straight; empty where it would not
 */
public record FreeEnd(StrandKey line, Point place, int cell, double shortBy, Optional<Point> onto) {
    /**
     * The ends of an open line that lie within a cell.
     *
     * @param all that divide nothing there; an end on another of them is not free
     */
    static List<FreeEnd> of(Bounding line, int number, Cell cell, List<Bounding> all) {
        Watch.ask();
        List<FreeEnd> ends = new ArrayList<>();
        double on = Tolerance.of(cell.region().outline().box()).distance();
        for (Path path : List.of(line.path(), line.path().reversed())) {
            Point end = path.end();
            if (cell.region().contains(end)) {
                double away = cell.region().borders().stream()
                        .mapToDouble(b -> b.at(b.nearest(end)).distance(end))
                        .min()
                        .orElse(0);
                if (away > on && all.stream().noneMatch(l -> l != line && passes(l.path(), end, on))) {
                    ends.add(new FreeEnd(line.key(), end, number, away, onto(path, cell.region())));
                }
            }
        }
        return ends;
    }

    private static boolean passes(Path path, Point place, double on) {
        return path.box().grown(on).contains(place)
                && path.at(path.nearest(place)).distance(place) <= on;
    }

    private static Optional<Point> onto(Path path, Region region) {
        Curve last = path.curves().get(path.size() - 1);
        Box box = region.outline().box();
        Line onward =
                new Line(path.end(), path.end().plus(last.tangent(1).times(Math.hypot(box.width(), box.height()))));
        double nearest = 2;
        for (Path border : region.borders()) {
            for (Curve curve : border.curves()) {
                for (Meeting meeting : CurveMeetings.of(onward, curve, Tolerance.of(box))) {
                    if (meeting instanceof Meeting.At at) {
                        nearest = Math.min(nearest, at.first());
                    }
                }
            }
        }
        return nearest <= 1 ? Optional.of(onward.at(nearest)) : Optional.empty();
    }
}
