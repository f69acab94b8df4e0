package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Paths changed point by point and side by side: each a function from path to path. Points are numbered from the start; side i
 * runs from point i to the next.
 */
public final class Reshaping {
    private Reshaping() {}

    /** The points a path goes through, from its start; of an open one its end too. */
    public static List<Point> points(Path path) {
        List<Point> points = new ArrayList<>();
        path.curves().forEach(c -> points.add(c.start()));
        if (!path.closed()) {
            points.add(path.end());
        }
        return points;
    }

    /** A whole circle as four quarters, so that it has points to move; other paths as they are. */
    public static Path withPoints(Path path) {
        if (path.size() == 1 && path.curves().get(0) instanceof Arc arc && arc.isWhole()) {
            List<Curve> quarters = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                quarters.add(new Arc(arc.centre(), arc.radius(), arc.from() + i * arc.sweep() / 4, arc.sweep() / 4));
            }
            return new Path(quarters, true);
        }
        return path;
    }

    /** A point moved; straight sides beside it stay straight, bent ones keep their bend. */
    public static Path moved(Path path, int point, Point to) {
        List<Curve> curves = new ArrayList<>(path.curves());
        int n = curves.size();
        int after = point < n ? point : path.closed() ? 0 : -1;
        int before = point > 0 ? point - 1 : path.closed() ? n - 1 : -1;
        if (after >= 0) {
            curves.set(after, between(curves.get(after), to, curves.get(after).end()));
        }
        if (before >= 0) {
            curves.set(before, between(curves.get(before), curves.get(before).start(), to));
        }
        return new Path(curves, path.closed());
    }

    /** A side laid between two other ends, its bend in proportion. */
    static Curve between(Curve side, Point start, Point end) {
        if (start.distance(end) < 1e-9) {
            return new Line(start, end.plus(new Point(1e-6, 0)));
        }
        return side.as(
                line -> new Line(start, end),
                arc -> bow(start, end, sagitta(arc) / arc.start().distance(arc.end())),
                cubic -> new Cubic(
                        start,
                        cubic.control1().plus(start.minus(cubic.start())),
                        cubic.control2().plus(end.minus(cubic.end())),
                        end));
    }

    private static double sagitta(Arc arc) {
        Point chord = arc.end().minus(arc.start());
        return arc.at(0.5).minus(arc.start().middle(arc.end())).dot(chord.unit().right());
    }

    /** The arc between two points whose middle stands off the chord, to its right-hand side, by a share of its length. */
    private static Curve bow(Point start, Point end, double share) {
        double chord = start.distance(end);
        double high = share * chord;
        if (Math.abs(share) < 1e-9) {
            return new Line(start, end);
        }
        double half = 2 * Math.atan(2 * Math.abs(share));
        double radius = chord / (2 * Math.sin(half));
        Point right = end.minus(start).unit().right();
        Point middle = start.middle(end).plus(right.times(high));
        Point centre = middle.minus(right.times(Math.copySign(radius, high)));
        double from = Math.atan2(start.y() - centre.y(), start.x() - centre.x());
        // To the right of its way (y down) a curve bulges that turns left.
        double sweep = Math.copySign(2 * half, -high);
        return new Arc(centre, radius, from, sweep);
    }

    /** A side bent so that its middle stands off its chord, to its right-hand side, by a length (mm); 0 straightens it. */
    public static Path bent(Path path, int side, double high) {
        List<Curve> curves = new ArrayList<>(path.curves());
        Curve curve = curves.get(side);
        double chord = curve.start().distance(curve.end());
        curves.set(side, bow(curve.start(), curve.end(), high / chord));
        return new Path(curves, path.closed());
    }

    /** Every side bent alike: by the same share of its own length, outward of a closed path by a positive one. */
    public static Path everySideBent(Path path, double share) {
        double way = path.closed() && path.signedArea() > 0 ? -share : share;
        List<Curve> curves = new ArrayList<>();
        for (Curve curve : path.curves()) {
            curves.add(bow(curve.start(), curve.end(), way));
        }
        return new Path(curves, path.closed());
    }

    /** A further point on the path at a position; the path runs as it did. */
    public static Path withPoint(Path path, double position) {
        int side = path.index(position);
        double t = position - side;
        if (t < 1e-9 || t > 1 - 1e-9) {
            return path;
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        Curve curve = curves.get(side);
        curves.set(side, curve.part(0, t));
        curves.add(side + 1, curve.part(t, 1));
        return new Path(curves, path.closed());
    }

    /** The path without a point: the sides beside it become one, straight if both were. Two points are the fewest. */
    public static Path withoutPoint(Path path, int point) {
        int n = path.size();
        if (n <= 1 || path.closed() && n <= 2) {
            return path;
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        if (!path.closed() && (point == 0 || point == n)) {
            curves.remove(point == 0 ? 0 : n - 1);
            return new Path(curves, false);
        }
        int before = point == 0 ? n - 1 : point - 1;
        Curve a = curves.get(before);
        Curve b = curves.get(point);
        boolean straight = a instanceof Line && b instanceof Line;
        double reach = a.start().distance(b.end()) / 3;
        Curve one = straight
                ? new Line(a.start(), b.end())
                : new Cubic(
                        a.start(),
                        a.start().plus(a.tangent(0).times(reach)),
                        b.end().minus(b.tangent(1).times(reach)),
                        b.end());
        curves.set(before, one);
        curves.remove(point);
        return new Path(curves, path.closed());
    }

    /** A corner made smooth: the sides beside it become cubics that go through the point one way. */
    public static Path smooth(Path path, int point) {
        int n = path.size();
        if (!path.closed() && (point == 0 || point == n)) {
            return path;
        }
        int before = point == 0 ? n - 1 : point - 1;
        List<Curve> curves = new ArrayList<>(path.curves());
        Cubic a = OneCubic.of(curves.get(before));
        Cubic b = OneCubic.of(curves.get(point % n));
        Point way = b.end().minus(a.start());
        Point heading = way.length() < 1e-9 ? a.tangent(1) : way.unit();
        curves.set(
                before,
                new Cubic(
                        a.start(),
                        a.control1(),
                        a.end().minus(heading.times(a.start().distance(a.end()) / 3)),
                        a.end()));
        Cubic after = before == point % n ? (Cubic) curves.get(before) : b;
        curves.set(
                point % n,
                new Cubic(
                        after.start(),
                        after.start().plus(heading.times(after.start().distance(after.end()) / 3)),
                        after.control2(),
                        after.end()));
        return new Path(curves, path.closed());
    }

    /** A smooth point made a corner: the sides beside it arrive as straight as they can. */
    public static Path corner(Path path, int point) {
        int n = path.size();
        List<Curve> curves = new ArrayList<>(path.curves());
        if (point > 0 || path.closed()) {
            int before = point == 0 ? n - 1 : point - 1;
            Cubic a = OneCubic.of(curves.get(before));
            curves.set(
                    before,
                    straightened(new Cubic(
                            a.start(),
                            a.control1(),
                            a.end().minus(a.end().minus(a.control1()).times(1 / 3.0)),
                            a.end())));
        }
        if (point < n) {
            Cubic b = OneCubic.of(curves.get(point));
            curves.set(
                    point,
                    straightened(new Cubic(
                            b.start(),
                            b.start().plus(b.control2().minus(b.start()).times(1 / 3.0)),
                            b.control2(),
                            b.end())));
        }
        return new Path(curves, path.closed());
    }

    private static Curve straightened(Cubic cubic) {
        Line line = new Line(cubic.start(), cubic.end());
        double size = line.length();
        boolean straight = line.at(line.nearest(cubic.control1())).distance(cubic.control1()) < 1e-3 * size
                && line.at(line.nearest(cubic.control2())).distance(cubic.control2()) < 1e-3 * size;
        return straight ? line : cubic;
    }

    /** Whether a path goes through a point without a corner. */
    public static boolean isSmooth(Path path, int point) {
        int n = path.size();
        if (!path.closed() && (point == 0 || point == n)) {
            return false;
        }
        Curve before = path.curves().get(point == 0 ? n - 1 : point - 1);
        Curve after = path.curves().get(point % n);
        return before.tangent(1).dot(after.tangent(0)) > 0
                && Math.abs(before.tangent(1).cross(after.tangent(0))) < 1e-3;
    }
}
