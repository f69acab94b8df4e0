package org.hyphantes.desktop.stage.setout;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeetings;

/**
 * A stroke of the hand that selects: by the box between its ends; or, drawn freely, what it goes round when it comes back to its
 * start, and what it touches when it does not.
 */
final class SelectingStroke {
    private final boolean box;
    private final boolean goesRound;
    private final Box bounds;
    private final Path path;

    /** @param trail the places (mm) it went through, two different ones at least */
    SelectingStroke(List<Point> trail, boolean box) {
        this.box = box;
        Point first = trail.get(0);
        Point last = trail.get(trail.size() - 1);
        Box all = Box.round(trail.stream().map(p -> Box.of(p, p)).toList());
        this.bounds = box ? Box.of(first, last) : all;
        this.goesRound = !box && first.distance(last) < Math.max(all.width(), all.height()) / 3;
        this.path = goesRound ? Path.polygon(apart(trail)) : new Path(sides(apart(trail)), false);
    }

    private static List<Point> apart(List<Point> trail) {
        List<Point> apart = new ArrayList<>();
        for (Point place : trail) {
            if (apart.isEmpty() || apart.get(apart.size() - 1).distance(place) > 0) {
                apart.add(place);
            }
        }
        return apart;
    }

    private static List<Curve> sides(List<Point> places) {
        List<Curve> sides = new ArrayList<>();
        for (int i = 1; i < places.size(); i++) {
            sides.add(new Line(places.get(i - 1), places.get(i)));
        }
        return sides;
    }

    /** Whether it selects a line. */
    boolean takes(Path line) {
        if (box) {
            return bounds.with(line.box()).equals(bounds);
        }
        return goesRound ? isWithin(line) : touches(line);
    }

    private boolean isWithin(Path line) {
        return line.curves().stream().allMatch(c -> path.winding(c.at(0.5)) != 0);
    }

    private boolean touches(Path line) {
        Tolerance tolerance = Tolerance.of(line.box().with(path.box()));
        return PathMeetings.of(List.of(line, path), tolerance, 1_000, Watch.NONE)
                .map(meetings -> meetings.stream().anyMatch(m -> m.first() != m.second()))
                .orElse(true);
    }
}
