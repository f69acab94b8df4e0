package org.hyphantes.geometry;

import java.util.Arrays;
import java.util.function.Function;

/**
 * A cubic Bezier curve: its start, two control points towards which it leaves the start and comes from to the end, and its
 * end.
 *
 * <p>Source of the formulas: G. Farin, Curves and Surfaces for CAGD, chapters on Bezier curves and the de Casteljau algorithm.
 */
public record Cubic(Point start, Point control1, Point control2, Point end) implements Curve {
    /** Nodes and weights of five-point Gauss-Legendre quadrature on [0, 1]; exact to degree 9. Source: Abramowitz and Stegun, table 25.4. */
    private static final double[] NODES = {
        0.5,
        0.5 - 0.5384693101056831 / 2,
        0.5 + 0.5384693101056831 / 2,
        0.5 - 0.9061798459386640 / 2,
        0.5 + 0.9061798459386640 / 2
    };

    private static final double[] WEIGHTS = {
        0.5688888888888889 / 2,
        0.4786286704993665 / 2,
        0.4786286704993665 / 2,
        0.2369268850561891 / 2,
        0.2369268850561891 / 2
    };

    /** The cubic that runs along a line at even speed. */
    public static Cubic of(Line line) {
        return new Cubic(line.start(), line.at(1.0 / 3), line.at(2.0 / 3), line.end());
    }

    @Override
    public Point at(double t) {
        if (t == 1) {
            return end;
        }
        double s = 1 - t;
        double a = s * s * s;
        double b = 3 * s * s * t;
        double c = 3 * s * t * t;
        double d = t * t * t;
        return new Point(
                a * start.x() + b * control1.x() + c * control2.x() + d * end.x(),
                a * start.y() + b * control1.y() + c * control2.y() + d * end.y());
    }

    @Override
    public Point velocity(double t) {
        double s = 1 - t;
        double a = 3 * s * s;
        double b = 6 * s * t;
        double c = 3 * t * t;
        return new Point(
                a * (control1.x() - start.x()) + b * (control2.x() - control1.x()) + c * (end.x() - control2.x()),
                a * (control1.y() - start.y()) + b * (control2.y() - control1.y()) + c * (end.y() - control2.y()));
    }

    /** The change of velocity by change of parameter, in mm. */
    public Point acceleration(double t) {
        double s = 6 * (1 - t);
        double u = 6 * t;
        return new Point(
                s * (control2.x() - 2 * control1.x() + start.x()) + u * (end.x() - 2 * control2.x() + control1.x()),
                s * (control2.y() - 2 * control1.y() + start.y()) + u * (end.y() - 2 * control2.y() + control1.y()));
    }

    /** Where the velocity vanishes, at a cusp or a control point on its end, the heading is the limit from within the curve. */
    @Override
    public Point tangent(double t) {
        Point velocity = velocity(t);
        double speed = velocity.length();
        double size = Math.max(start.distance(control1), Math.max(control1.distance(control2), control2.distance(end)));
        if (speed > 1e-9 * size || size == 0) {
            return velocity.unit();
        }
        Point bend = acceleration(t);
        if (bend.length() > 1e-9 * size) {
            return bend.times(t > 0.5 ? -1 : 1).unit();
        }
        return end.minus(start).unit();
    }

    @Override
    public double curvature(double t) {
        Point v = velocity(t);
        double speed = v.length();
        if (speed == 0) {
            return 0;
        }
        return v.cross(acceleration(t)) / (speed * speed * speed);
    }

    @Override
    public double length() {
        return lengthTo(1);
    }

    /** By adaptive Gauss-Legendre quadrature of the speed, to about 1e-12 of the length. */
    @Override
    public double lengthTo(double t) {
        if (t <= 0) {
            return 0;
        }
        double to = Math.min(1, t);
        return quadrature(0, to, speed(0, to), 0);
    }

    private double quadrature(double from, double to, double whole, int depth) {
        double middle = (from + to) / 2;
        double left = speed(from, middle);
        double right = speed(middle, to);
        double both = left + right;
        if (depth > 24 || Math.abs(both - whole) <= 1e-13 * both + Double.MIN_NORMAL) {
            return both;
        }
        return quadrature(from, middle, left, depth + 1) + quadrature(middle, to, right, depth + 1);
    }

    private double speed(double from, double to) {
        double sum = 0;
        for (int k = 0; k < NODES.length; k++) {
            sum += WEIGHTS[k] * velocity(from + NODES[k] * (to - from)).length();
        }
        return sum * (to - from);
    }

    @Override
    public double parameterAt(double length) {
        double all = length();
        if (length <= 0 || all == 0) {
            return 0;
        }
        if (length >= all) {
            return 1;
        }
        double low = 0;
        double high = 1;
        double t = length / all;
        for (int i = 0; i < 60; i++) {
            double off = lengthTo(t) - length;
            if (Math.abs(off) <= 1e-13 * all) {
                break;
            }
            if (off > 0) {
                high = t;
            } else {
                low = t;
            }
            double speed = velocity(t).length();
            double next = speed > 0 ? t - off / speed : low;
            t = next > low && next < high ? next : (low + high) / 2;
        }
        return t;
    }

    /** In flat numbers: it is asked of every curve of a subdivision. */
    @Override
    public Box box() {
        double left = Math.min(start.x(), end.x());
        double right = Math.max(start.x(), end.x());
        double top = Math.min(start.y(), end.y());
        double bottom = Math.max(start.y(), end.y());
        double[] roots = new double[4];
        int inX = extrema(roots, 0, true);
        int all = extrema(roots, inX, false);
        for (int i = 0; i < inX; i++) {
            double x = mixed(roots[i], start.x(), control1.x(), control2.x(), end.x());
            left = Math.min(left, x);
            right = Math.max(right, x);
        }
        for (int i = inX; i < all; i++) {
            double y = mixed(roots[i], start.y(), control1.y(), control2.y(), end.y());
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
        }
        return new Box(left, top, right, bottom);
    }

    private static double mixed(double t, double p0, double p1, double p2, double p3) {
        double s = 1 - t;
        return s * s * s * p0 + 3 * s * s * t * p1 + 3 * s * t * t * p2 + t * t * t * p3;
    }

    /** Adds to {@code roots} the parameters within (0, 1) where the curve stands still in x or in y; how many there are then. */
    private int extrema(double[] roots, int found, boolean inX) {
        double p0 = inX ? start.x() : start.y();
        double p1 = inX ? control1.x() : control1.y();
        double p2 = inX ? control2.x() : control2.y();
        double p3 = inX ? end.x() : end.y();
        return Quadratic.roots(p3 - 3 * p2 + 3 * p1 - p0, 2 * (p2 - 2 * p1 + p0), p1 - p0, roots, found);
    }

    /**
     * The parameters, in order from 0 to 1 with both, between which the curve neither turns back in x or y nor changes the
     * side it bends to nor crosses itself: each piece turns by a quarter turn at most.
     */
    public double[] monotone() {
        double[] roots = new double[8];
        int n = extrema(roots, 0, true);
        n = extrema(roots, n, false);
        Point a = end.minus(control2.times(3)).plus(control1.times(3)).minus(start);
        Point b = control2.minus(control1.times(2)).plus(start);
        Point c = control1.minus(start);
        // The curve bends neither way where velocity and acceleration are parallel.
        n = Quadratic.roots(a.cross(b), a.cross(c), b.cross(c), roots, n);
        double[] own = selfCrossing();
        for (double t : own) {
            roots[n++] = t;
        }
        sort(roots, n);
        double[] result = new double[n + 2];
        int kept = 1;
        for (int i = 0; i < n; i++) {
            if (roots[i] > result[kept - 1] + 1e-12 && roots[i] < 1 - 1e-12) {
                result[kept++] = roots[i];
            }
        }
        result[kept++] = 1;
        return Arrays.copyOf(result, kept);
    }

    /** By insertion: there are eight at the most. */
    private static void sort(double[] roots, int n) {
        for (int i = 1; i < n; i++) {
            double root = roots[i];
            int j = i;
            for (; j > 0 && roots[j - 1] > root; j--) {
                roots[j] = roots[j - 1];
            }
            roots[j] = root;
        }
    }

    /** The two parameters within [0, 1] at which the curve is at one place, the smaller first; none when it does not cross itself. */
    public double[] selfCrossing() {
        Point a = end.minus(control2.times(3)).plus(control1.times(3)).minus(start);
        Point b = control2.minus(control1.times(2)).plus(start).times(3);
        Point c = control1.minus(start).times(3);
        double det = a.cross(b);
        double size = a.length() * b.length();
        if (Math.abs(det) <= 1e-13 * size || size == 0) {
            return NONE;
        }
        // With sum u and product v of the two parameters: a (u u - v) + b u + c = 0, linear in u u - v and u.
        double u = -a.cross(c) / det;
        double w = -c.cross(b) / det;
        double v = u * u - w;
        double square = u * u - 4 * v;
        if (!(square > 1e-14)) {
            return NONE;
        }
        double half = Math.sqrt(square) / 2;
        double first = u / 2 - half;
        double second = u / 2 + half;
        return first >= -1e-14 && second <= 1 + 1e-14 ? new double[] {Math.max(0, first), Math.min(1, second)} : NONE;
    }

    private static final double[] NONE = {};

    @Override
    public Cubic reversed() {
        return new Cubic(end, control2, control1, start);
    }

    @Override
    public Cubic part(double from, double to) {
        if (from == 0 && to == 1) {
            return this;
        }
        Point p = at(from);
        Point q = at(to);
        double third = (to - from) / 3;
        return new Cubic(
                p, p.plus(velocity(from).times(third)), q.minus(velocity(to).times(third)), q);
    }

    @Override
    public Cubic map(Affine map) {
        return new Cubic(map.of(start), map.of(control1), map.of(control2), map.of(end));
    }

    /** Sampled closely, then each least distance refined by Newton steps that stay between its neighbours. */
    @Override
    public double nearest(Point p) {
        int n = 24;
        Powers off = Powers.of(this, p);
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        double before = Double.POSITIVE_INFINITY;
        double here = off.squared(0);
        for (int i = 0; i <= n; i++) {
            double after = i == n ? Double.POSITIVE_INFINITY : off.squared((i + 1.0) / n);
            if (here <= before && here <= after) {
                double t = off.least(Math.max(0, (i - 1.0) / n), Math.min(1, (i + 1.0) / n), (double) i / n);
                double distance = off.squared(t);
                if (distance < least) {
                    least = distance;
                    best = t;
                }
            }
            before = here;
            here = after;
        }
        return best;
    }

    @Override
    public double sweptArea(Point about) {
        Point a = start.minus(about);
        Point b = control1.minus(about);
        Point c = control2.minus(about);
        Point d = end.minus(about);
        return (6 * a.cross(b) + 3 * a.cross(c) + a.cross(d) + 3 * b.cross(c) + 3 * b.cross(d) + 6 * c.cross(d)) / 20;
    }

    @Override
    public Point sweptMoment(Point about) {
        double x = 0;
        double y = 0;
        for (int k = 0; k < NODES.length; k++) {
            Point q = at(NODES[k]).minus(about);
            double swept = WEIGHTS[k] * q.cross(velocity(NODES[k])) / 3;
            x += swept * q.x();
            y += swept * q.y();
        }
        return new Point(x, y);
    }

    /** The length (mm) of the way over the control points: no less than that of the curve. */
    public double hullLength() {
        return start.distance(control1) + control1.distance(control2) + control2.distance(end);
    }

    /** The greatest distance (mm) of a control point from the chord: the curve strays no further from it. */
    public double flatness() {
        Point chord = end.minus(start);
        double length = chord.length();
        if (length == 0) {
            return Math.max(control1.distance(start), control2.distance(start));
        }
        return Math.max(Math.abs(chord.cross(control1.minus(start))), Math.abs(chord.cross(control2.minus(start))))
                / length;
    }

    @Override
    public <R> R as(Function<Line, R> line, Function<Arc, R> arc, Function<Cubic, R> cubic) {
        return cubic.apply(this);
    }
}
