package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A chain of exact curves, each beginning where the one before ended; a closed path also ends where it began.
 *
 * <p>A <em>position</em> on a path is a number: the index of a curve plus a parameter on it, in [0, {@link #size()}].
 *
 * @throws IllegalArgumentException if there is no curve or the curves do not follow on one another
 */
public final class Path {
    private final List<Curve> curves;
    private final boolean closed;

    /** Lengths from the start to each curve's end, the box and the area, found when first asked for and then kept. */
    private volatile double[] lengths;

    private volatile Box box;

    private volatile double area = Double.NaN;

    public Path(List<Curve> chain, boolean closed) {
        this.curves = List.copyOf(chain);
        this.closed = closed;
        if (curves.isEmpty()) {
            throw new IllegalArgumentException("a path needs at least one curve");
        }
        for (int i = closed ? 0 : 1; i < curves.size(); i++) {
            Curve before = curves.get(i == 0 ? curves.size() - 1 : i - 1);
            if (!follow(before, curves.get(i))) {
                throw new IllegalArgumentException("curve " + i + " begins at "
                        + curves.get(i).start() + ", not where the one before ended, " + before.end());
            }
        }
    }

    /** Whether one curve begins where another ends, but for rounding. */
    public static boolean follow(Curve before, Curve next) {
        Point after = next.start();
        double slack = 1e-7 * (1 + Math.abs(after.x()) + Math.abs(after.y()));
        return before.end().distance(after) <= slack;
    }

    public List<Curve> curves() {
        return curves;
    }

    public boolean closed() {
        return closed;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Path path && closed == path.closed && curves.equals(path.curves);
    }

    @Override
    public int hashCode() {
        return 31 * curves.hashCode() + Boolean.hashCode(closed);
    }

    @Override
    public String toString() {
        return (closed ? "closed " : "open ") + curves;
    }

    public static Path closed(Curve... curves) {
        return new Path(Arrays.asList(curves), true);
    }

    public static Path open(Curve... curves) {
        return new Path(Arrays.asList(curves), false);
    }

    /** A closed path of straight sides through the corners. */
    public static Path polygon(List<Point> corners) {
        List<Curve> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            sides.add(new Line(corners.get(i), corners.get((i + 1) % corners.size())));
        }
        return new Path(sides, true);
    }

    public int size() {
        return curves.size();
    }

    public Point start() {
        return curves.get(0).start();
    }

    public Point end() {
        return curves.get(curves.size() - 1).end();
    }

    /** The index of the curve that a position lies on; the end of a path lies on its last curve. */
    public int index(double position) {
        return Math.max(0, Math.min(curves.size() - 1, (int) Math.floor(position)));
    }

    public Point at(double position) {
        int i = index(position);
        return curves.get(i).at(position - i);
    }

    public Point tangent(double position) {
        int i = index(position);
        return curves.get(i).tangent(position - i);
    }

    /** The unit heading with which the path arrives at a position, which differs from the one it leaves with at a corner. */
    public Point arrival(double position) {
        if (position != Math.floor(position)) {
            return tangent(position);
        }
        int i = (int) position - 1;
        return curves.get(i < 0 ? (closed ? curves.size() - 1 : 0) : i).tangent(i < 0 && !closed ? 0 : 1);
    }

    private double[] lengths() {
        double[] known = lengths;
        if (known == null) {
            known = new double[curves.size()];
            double sum = 0;
            for (int i = 0; i < known.length; i++) {
                sum += curves.get(i).length();
                known[i] = sum;
            }
            lengths = known;
        }
        return known;
    }

    public double length() {
        double[] to = lengths();
        return to[to.length - 1];
    }

    /** The length along the path from its start to a position. */
    public double lengthTo(double position) {
        int last = index(position);
        return (last == 0 ? 0 : lengths()[last - 1]) + curves.get(last).lengthTo(position - last);
    }

    /** The position a length away from the start; lengths before the start or beyond the end give the ends. */
    public double positionAt(double length) {
        double[] to = lengths();
        int found = Arrays.binarySearch(to, length);
        int i = found >= 0 ? firstOf(to, found) : -found - 1;
        if (i >= curves.size()) {
            return curves.size();
        }
        return i + curves.get(i).parameterAt(i == 0 ? length : length - to[i - 1]);
    }

    /** The first of several equal lengths, where curves have none of their own. */
    private static int firstOf(double[] to, int found) {
        int i = found;
        while (i > 0 && to[i - 1] == to[i]) {
            i--;
        }
        return i;
    }

    /** Where a curve goes over into the next, or ends, by the one whose place takes no angles to find, if there is one. */
    private Point joint(int i) {
        int next = i + 1 < curves.size() ? i + 1 : 0;
        return (next == 0 && !closed) || !(curves.get(i) instanceof Arc)
                ? curves.get(i).end()
                : curves.get(next).start();
    }

    public Box box() {
        Box known = box;
        if (known == null) {
            Point from = start();
            for (int i = 0; i < curves.size(); i++) {
                Curve curve = curves.get(i);
                Point to = joint(i);
                Box own = curve instanceof Arc arc ? arc.box(from, to) : curve.box();
                known = known == null ? own : known.with(own);
                from = to;
            }
            box = known;
        }
        return known;
    }

    /** The image under any affine map; arcs that it bends out of the circle become cubics, see {@link EllipticalArc}. */
    public Path map(Affine map) {
        boolean similar = map.isSimilarity();
        List<Curve> images = new ArrayList<>(curves.size());
        for (Curve curve : curves) {
            if (!similar && curve instanceof Arc arc) {
                images.addAll(EllipticalArc.of(arc, map).cubics());
            } else {
                images.add(curve.map(map));
            }
        }
        return new Path(images, closed);
    }

    public Path reversed() {
        List<Curve> back = new ArrayList<>();
        for (int i = curves.size() - 1; i >= 0; i--) {
            back.add(curves.get(i).reversed());
        }
        return new Path(back, closed);
    }

    /**
     * The stretch from one position forward to another, as curves. On a closed path {@code to} at or before {@code from}
     * runs on through the start; the same position twice gives the whole round.
     */
    public List<Curve> part(double from, double to) {
        List<Curve> found = new ArrayList<>();
        if (closed && to <= from) {
            addPart(found, from, curves.size());
            addPart(found, 0, to);
        } else {
            addPart(found, from, to);
        }
        return found;
    }

    private void addPart(List<Curve> found, double from, double to) {
        for (int i = index(from); i < curves.size() && i < to; i++) {
            double a = Math.max(0, from - i);
            double b = Math.min(1, to - i);
            if (b - a > 1e-13) {
                found.add(a == 0 && b == 1 ? curves.get(i) : curves.get(i).part(a, b));
            }
        }
    }

    /** The area enclosed, in square millimetres, positive when the path runs clockwise on the page. */
    public double signedArea() {
        double known = area;
        if (Double.isNaN(known)) {
            // Seen from the path's own start, so that a drawing far from the origin loses nothing.
            Point about = start();
            Point from = Point.ORIGIN;
            known = 0;
            for (int i = 0; i < curves.size(); i++) {
                Curve curve = curves.get(i);
                Point to = joint(i).minus(about);
                known += curve instanceof Arc arc ? arc.sweptArea(from, to) : curve.sweptArea(about);
                from = to;
            }
            area = known;
        }
        return known;
    }

    /** The first moment (mm cubed) of the area enclosed, seen from {@code about}, signed as the area is. */
    public Point signedMoment(Point about) {
        Point sum = Point.ORIGIN;
        for (Curve curve : curves) {
            sum = sum.plus(curve.sweptMoment(about));
        }
        return sum;
    }

    /** How often a closed path winds round a point, clockwise positive; of a point on the path itself either answer may come. */
    public int winding(Point p) {
        int turns = 0;
        Point from = start();
        for (int i = 0; i < curves.size(); i++) {
            // Once round to the very place: a gap of rounding would let the ray through unseen.
            Point to = i + 1 < curves.size() ? joint(i) : start();
            turns += WindingNumber.of(curves.get(i), from, to, p);
            from = to;
        }
        return turns;
    }

    /** The position of the nearest point on this path. */
    public double nearest(Point p) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < curves.size(); i++) {
            double t = curves.get(i).nearest(p);
            double distance = curves.get(i).at(t).distance(p);
            if (distance < least) {
                least = distance;
                best = i + t;
            }
        }
        return best;
    }

    /** Whether this path and another cover the same places, wherever they start and whichever way they run. */
    public boolean covers(Path other, double tolerance) {
        if (closed != other.closed || curves.size() != other.curves.size()) {
            return false;
        }
        return curves.stream().allMatch(c -> other.curves.stream().anyMatch(d -> same(c, d, tolerance)));
    }

    private static boolean same(Curve a, Curve b, double tolerance) {
        if (a instanceof Arc p && b instanceof Arc q && p.isWhole() && q.isWhole()) {
            return p.centre().distance(q.centre()) <= tolerance && Math.abs(p.radius() - q.radius()) <= tolerance;
        }
        return a.at(0.5).distance(b.at(0.5)) <= tolerance
                && (a.start().distance(b.start()) <= tolerance && a.end().distance(b.end()) <= tolerance
                        || a.start().distance(b.end()) <= tolerance && a.end().distance(b.start()) <= tolerance);
    }
}
