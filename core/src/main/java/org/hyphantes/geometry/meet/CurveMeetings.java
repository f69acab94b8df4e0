package org.hyphantes.geometry.meet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;

/**
 * All meetings of two curves: of lines and arcs by closed form on their supporting lines and circles, of cubics by
 * {@link SpanMeetings}.
 *
 * <p>Two different carriers share at most two places. Places nearer than the tolerance are one: a lens thinner than it is a
 * touch. Ends reach as far as the tolerance beyond themselves.
 */
public final class CurveMeetings {
    private final List<Curve> curves;
    private final Tolerance tolerance;
    private final List<List<Span>> spans;
    private final SpanMeetings search;

    private CurveMeetings(List<Curve> curves, Tolerance tolerance) {
        this.curves = curves;
        this.tolerance = tolerance;
        this.spans = new ArrayList<>(Collections.nCopies(curves.size(), null));
        this.search = new SpanMeetings(tolerance.distance());
    }

    /** The meetings among many curves, asked for pair by pair: what is prepared for a curve is kept. */
    public static CurveMeetings among(List<Curve> curves, Tolerance tolerance) {
        return new CurveMeetings(curves, tolerance);
    }

    /** The meetings of two of the curves, by their indices. */
    public List<Meeting> of(int a, int b) {
        Curve p = curves.get(a);
        Curve q = curves.get(b);
        return p instanceof Cubic || q instanceof Cubic ? search.of(p, spans(a), q, spans(b)) : of(p, q, tolerance);
    }

    private List<Span> spans(int i) {
        if (spans.get(i) == null) {
            spans.set(i, Span.of(curves.get(i)));
        }
        return spans.get(i);
    }

    /** All meetings of two curves, in no order. */
    public static List<Meeting> of(Curve a, Curve b, Tolerance tolerance) {
        if (a instanceof Cubic || b instanceof Cubic) {
            return new SpanMeetings(tolerance.distance()).of(a, Span.of(a), b, Span.of(b));
        }
        double eps = tolerance.distance();
        if (a instanceof Arc p && b instanceof Arc q && apart(p, q, eps)) {
            return List.of();
        }
        List<Meeting> found = new ArrayList<>(2);
        if (a instanceof Arc p) {
            if (b instanceof Arc q) {
                arcs(p, q, eps, found);
            } else {
                lineAndArc((Line) b, p, eps, true, found);
            }
        } else if (b instanceof Arc q) {
            lineAndArc((Line) a, q, eps, false, found);
        } else {
            lines((Line) a, (Line) b, eps, found);
        }
        return found;
    }

    /**
     * Where a curve meets itself, apart from its ends: a cubic that crosses itself, or a straight one that runs back over
     * itself.
     */
    public static List<Meeting> self(Curve curve, Tolerance tolerance) {
        if (!(curve instanceof Cubic cubic)) {
            return List.of();
        }
        if (cubic.flatness() <= tolerance.distance() / 4) {
            return SpanMeetings.folds(cubic, tolerance.distance());
        }
        double[] twice = cubic.selfCrossing();
        if (twice.length == 0 || twice[0] <= 0 && twice[1] >= 1) {
            return List.of();
        }
        return List.of(new Meeting.At(cubic.at(twice[0]), twice[0], twice[1], false));
    }

    private static void lines(Line p, Line q, double eps, List<Meeting> found) {
        Point u = p.end().minus(p.start());
        Point v = q.end().minus(q.start());
        double lengthP = u.length();
        double lengthQ = v.length();
        if (lengthP <= eps || lengthQ <= eps) {
            return;
        }
        Point between = q.start().minus(p.start());
        double cross = u.cross(v);
        double offStart = Math.abs(between.cross(u)) / lengthP;
        double offEnd = Math.abs(q.end().minus(p.start()).cross(u)) / lengthP;
        if (offStart <= eps && offEnd <= eps) {
            along(
                    p.nearest(q.start()),
                    p.nearest(q.end()),
                    between.dot(u),
                    q.end().minus(p.start()).dot(u),
                    p,
                    q,
                    eps,
                    found);
            return;
        }
        if (Math.abs(cross) <= 1e-14 * lengthP * lengthQ) {
            return;
        }
        double t = between.cross(v) / cross;
        double s = between.cross(u) / cross;
        if (within(t, lengthP, eps) && within(s, lengthQ, eps)) {
            double tc = clamp(t);
            found.add(
                    new Meeting.At(p.at(tc), tc, clamp(s), Math.abs(cross) <= Tolerance.PARALLEL * lengthP * lengthQ));
        }
    }

    private static void along(
            double from, double to, double dotFrom, double dotTo, Line p, Line q, double eps, List<Meeting> found) {
        double length = p.length();
        double low = Math.min(dotFrom, dotTo) / length;
        double high = Math.max(dotFrom, dotTo) / length;
        double shared = Math.min(high, length) - Math.max(low, 0);
        if (shared > eps) {
            double a = Math.min(from, to);
            double b = Math.max(from, to);
            found.add(new Meeting.Along(a, b, q.nearest(p.at(a)), q.nearest(p.at(b))));
        } else if (shared >= -eps) {
            double t = high < length / 2 ? 0 : 1;
            found.add(new Meeting.At(p.at(t), t, q.nearest(p.at(t)), true));
        }
    }

    private static void lineAndArc(Line line, Arc arc, double eps, boolean swapped, List<Meeting> found) {
        Point u = line.end().minus(line.start());
        double length = u.length();
        if (length <= eps) {
            return;
        }
        Point heading = u.times(1 / length);
        Point toCentre = arc.centre().minus(line.start());
        double foot = toCentre.dot(heading);
        double aside = toCentre.cross(heading);
        double r = arc.radius();
        double gap = r - Math.abs(aside);
        if (gap < -eps) {
            return;
        }
        // Below this half chord the two meetings are one touch: a lens thinner than the tolerance.
        double half = gap <= eps ? 0 : Math.sqrt(gap * (r + Math.abs(aside)));
        for (int side = -1; side <= 1; side += 2) {
            double t = (foot + side * half) / length;
            Point place = line.start().plus(heading.times(foot + side * half));
            double s = arc.parameter(place);
            if (within(t, length, eps) && onArc(s, arc, eps)) {
                add(found, line.at(clamp(t)), clamp(t), clampArc(s, arc), half == 0, swapped);
            }
            if (half == 0) {
                return;
            }
        }
    }

    /** Whether two whole circles are apart or one within the other: of the pairs whose boxes meet, the most. */
    private static boolean apart(Arc p, Arc q, double eps) {
        double d = p.centre().distance(q.centre());
        return d - (p.radius() + q.radius()) > eps || Math.abs(p.radius() - q.radius()) - d > eps;
    }

    private static void arcs(Arc p, Arc q, double eps, List<Meeting> found) {
        Point between = q.centre().minus(p.centre());
        double d = between.length();
        double r = p.radius();
        double s = q.radius();
        if (d <= eps && Math.abs(r - s) <= eps) {
            coincident(p, q, eps, found);
            return;
        }
        double outside = d - (r + s);
        double inside = Math.abs(r - s) - d;
        if (outside > eps || inside > eps) {
            return;
        }
        boolean touch = outside >= -eps || inside >= -eps;
        Point heading = between.times(1 / d);
        double foot = (d + (r - s) * (r + s) / d) / 2;
        double half = 0;
        if (touch) {
            foot = outside >= -eps || r > s ? r : -r;
        } else {
            half = Math.sqrt(Math.max(0, (r - foot) * (r + foot)));
        }
        for (int side = -1; side <= 1; side += 2) {
            Point place =
                    p.centre().plus(heading.times(foot)).plus(heading.right().times(side * half));
            double a = p.parameter(place);
            double b = q.parameter(place);
            if (onArc(a, p, eps) && onArc(b, q, eps)) {
                add(found, place, clampArc(a, p), clampArc(b, q), touch, false);
            }
            if (half == 0) {
                return;
            }
        }
    }

    /** Two arcs of one circle: their shared stretches, by intervals of the angle along the first. */
    private static void coincident(Arc p, Arc q, double eps, List<Meeting> found) {
        double full = 2 * Math.PI / Math.abs(p.sweep());
        if (q.isWhole()) {
            found.add(new Meeting.Along(0, 1, clampArc(q.parameter(p.start()), q), clampArc(q.parameter(p.at(1)), q)));
            return;
        }
        double slack = eps / p.length();
        boolean sameWay = p.sweep() * q.sweep() > 0;
        double low = p.parameter(sameWay ? q.start() : q.at(1));
        double span = Math.abs(q.sweep() / p.sweep());
        for (double from : new double[] {low - full, low}) {
            double a = Math.max(0, from);
            double b = Math.min(1, from + span);
            if (b - a > slack) {
                found.add(
                        new Meeting.Along(a, b, clampArc(q.parameter(p.at(a)), q), clampArc(q.parameter(p.at(b)), q)));
            } else if (b - a >= -slack && !p.isWhole()) {
                double t = clamp((a + b) / 2);
                found.add(new Meeting.At(p.at(t), t, clampArc(q.parameter(p.at(t)), q), true));
            }
        }
    }

    private static void add(List<Meeting> found, Point at, double t, double s, boolean tangent, boolean swapped) {
        found.add(swapped ? new Meeting.At(at, s, t, tangent) : new Meeting.At(at, t, s, tangent));
    }

    private static boolean within(double t, double length, double eps) {
        return t * length >= -eps && (t - 1) * length <= eps;
    }

    private static boolean onArc(double t, Arc arc, double eps) {
        double slack = eps / arc.length();
        return t <= 1 + slack || t >= 2 * Math.PI / Math.abs(arc.sweep()) - slack;
    }

    private static double clampArc(double t, Arc arc) {
        if (t <= 1) {
            return t;
        }
        return t > (1 + 2 * Math.PI / Math.abs(arc.sweep())) / 2 ? 0 : 1;
    }

    private static double clamp(double t) {
        return Math.max(0, Math.min(1, t));
    }
}
