package org.hyphantes.cut;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.Narrow;
import org.hyphantes.geometry.measure.Narrows;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;

/** The bridges of a sheet: where its borders come near one another with the sheet between them. */
final class Bridges {
    /** A bridge as wide as this share of what is wanted is wide enough: numbers are rounded. */
    private static final double ENOUGH = 1 - 1e-6;

    /** What strays from a line by less than this share of the width is straight. */
    private static final double STRAIGHT = 1e-3;

    /** A bridge is followed by so many steps to its width, */
    private static final int STEPS = 8;

    /** and by no more than so many each way. */
    private static final int MOST_STEPS = 1000;

    private static final double SAME = 1e-6;

    private Bridges() {}

    /** The bridges narrower than a width (mm), narrowest first. */
    static List<Narrow> of(List<Region> sheet, double width) {
        List<Narrow> bridges = new ArrayList<>();
        for (Region region : sheet) {
            Narrows.of(region.borders(), width * ENOUGH, Watch.NONE).stream()
                    .filter(n -> region.contains(n.gap().middle()))
                    .forEach(bridges::add);
        }
        bridges.sort((a, b) -> Double.compare(a.gap().distance(), b.gap().distance()));
        return bridges;
    }

    /** The sheet with a band of the width along the middle of each bridge that is narrower, as far as it is. */
    static List<Region> widened(List<Region> sheet, double width) {
        return widened(sheet, width, List.of());
    }

    /** The same, but for bridges that are left as they are. */
    static List<Region> widened(List<Region> sheet, double width, List<Narrow> left) {
        List<Region> all = new ArrayList<>(sheet);
        if (width > 0) {
            for (Region region : sheet) {
                for (Narrow bridge : of(List.of(region), width)) {
                    Point place = bridge.gap().middle();
                    if (left.stream().noneMatch(n -> n.gap().middle().distance(place) < SAME)) {
                        all.addAll(band(middle(region, bridge, width), width));
                    }
                }
            }
        }
        return all.size() == sheet.size() ? sheet : Booleans.union(all);
    }

    private static List<Region> band(List<Point> middle, double width) {
        List<Curve> lines = new ArrayList<>();
        for (int i = 1; i < middle.size(); i++) {
            lines.add(new Line(middle.get(i - 1), middle.get(i)));
        }
        return lines.isEmpty()
                ? List.of(Region.of(Path.closed(Arc.circle(middle.get(0), width / 2, 0))))
                : BandOutline.regions(new Path(lines, false), WidthProfile.even(width), Ends.ROUND, Corners.ROUND);
    }

    /** Places along the middle of a bridge, from where it is as wide as is wanted to where it is so again. */
    private static List<Point> middle(Region region, Narrow bridge, double width) {
        Point across = bridge.gap().to().minus(bridge.gap().from()).unit();
        List<Curve> near =
                region.borders().stream().flatMap(b -> b.curves().stream()).toList();
        Deque<Point> places = new ArrayDeque<>();
        places.add(bridge.gap().middle());
        followed(near, bridge.gap().middle(), across.right(), width, places::addLast);
        followed(near, bridge.gap().middle(), across.right().times(-1), width, places::addFirst);
        return bends(List.copyOf(places), width * STRAIGHT);
    }

    /** Of places those between which the way is straight, but for a little. */
    private static List<Point> bends(List<Point> places, double little) {
        if (places.size() < 3) {
            return places;
        }
        Point from = places.get(0);
        Point to = places.get(places.size() - 1);
        Line straight = new Line(from, to);
        int worst = 0;
        double most = little;
        for (int i = 1; i < places.size() - 1; i++) {
            Point place = places.get(i);
            double away = straight.at(straight.nearest(place)).distance(place);
            if (away > most) {
                most = away;
                worst = i;
            }
        }
        if (worst == 0) {
            return List.of(from, to);
        }
        List<Point> all = new ArrayList<>(bends(places.subList(0, worst + 1), little));
        all.remove(all.size() - 1);
        all.addAll(bends(places.subList(worst, places.size()), little));
        return all;
    }

    private static void followed(List<Curve> borders, Point from, Point way, double width, Consumer<Point> places) {
        Point at = from;
        Point heading = way;
        double wide = 0;
        for (int step = 0; step < MOST_STEPS && wide < width; step++) {
            Watch.ask();
            Point next = at.plus(heading.times(width / STEPS));
            Point left = foot(borders, next, heading, width, 1);
            Point right = foot(borders, next, heading, width, -1);
            if (left == null || right == null) {
                return;
            }
            double off = left.distance(next);
            double over = right.distance(next);
            wide = off + over;
            Point across = right.minus(left).unit();
            at = next.plus(across.times((over - off) / 2));
            heading = turned(across, heading);
            places.accept(at);
        }
    }

    private static Point turned(Point across, Point heading) {
        Point way = across.right();
        return way.dot(heading) >= 0 ? way : way.times(-1);
    }

    /** The place on a border nearest to a place, on one side of a heading; none within a width. */
    private static Point foot(List<Curve> borders, Point place, Point heading, double width, int side) {
        Point nearest = null;
        double least = width;
        for (Curve curve : borders) {
            if (curve.box().grown(least).contains(place)) {
                Point on = curve.at(curve.nearest(place));
                double away = on.distance(place);
                if (away < least && side * heading.cross(on.minus(place)) > 0) {
                    least = away;
                    nearest = on;
                }
            }
        }
        return nearest;
    }
}
