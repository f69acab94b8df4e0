package org.hyphantes.geometry.meet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;

/**
 * All meetings of two curves of which one at least is a cubic.
 *
 * <p>Both are cut into spans that turn by a quarter at most. Pairs of spans whose boxes, or whose strips along their chords,
 * lie apart are dropped. Where no headings are parallel, two spans meet once at most, and Newton's method finds the place;
 * else the longer span is halved. Spans flat to a quarter of the tolerance that still run side by side are a touch. Ends that
 * lie on the other curve are sought where spans run side by side for long: if all between two of them lies on the other
 * curve, they overlap.
 *
 * <p>Source of the strips: T. Sederberg and T. Nishita, Curve intersection using Bezier clipping, CAD 22 (1990).
 */
final class SpanMeetings {
    private static final int SUSPECT = 5;
    private static final int DEEPEST = 60;
    private static final int MOST_STEPS = 200_000;

    private final double epsilon;
    private final List<Hit> hits = new ArrayList<>();
    private final List<Meeting.Along> overlaps = new ArrayList<>();
    private Span first;
    private Span second;
    private boolean searched;
    private boolean overlapping;
    private int steps;

    /** A meeting found, as intervals of both parameters: a place when nothing is between their ends. */
    private record Hit(double from, double to, double otherFrom, double otherTo, boolean tangent) {
        double middle() {
            return (from + to) / 2;
        }

        double otherMiddle() {
            return (otherFrom + otherTo) / 2;
        }
    }

    private SpanMeetings(double epsilon) {
        this.epsilon = epsilon;
    }

    static List<Meeting> of(Curve a, List<Span> spansA, Curve b, List<Span> spansB, double epsilon) {
        SpanMeetings search = new SpanMeetings(epsilon);
        for (Span p : spansA) {
            for (Span q : spansB) {
                search.pair(p, q);
            }
        }
        return search.merged(a, b);
    }

    /** The stretches over which a straight cubic runs back over itself. */
    static List<Meeting> folds(Cubic cubic, double epsilon) {
        SpanMeetings search = new SpanMeetings(epsilon);
        List<Span> spans = Span.of(cubic);
        for (int i = 0; i < spans.size(); i++) {
            for (int j = i + 1; j < spans.size(); j++) {
                search.pair(spans.get(i), spans.get(j));
            }
        }
        return search.overlaps.stream().map(Meeting.class::cast).toList();
    }

    private void pair(Span p, Span q) {
        if (!p.boxMeets(q, epsilon)) {
            return;
        }
        if (joined(p, q)) {
            return;
        }
        first = p;
        second = q;
        searched = false;
        steps = 0;
        overlapping = false;
        int hitsBefore = hits.size();
        search(p, q, 0);
        if (overlapping) {
            // What lies within an overlap is no meeting besides it.
            hits.subList(hitsBefore, hits.size()).clear();
        }
    }

    /** Spans of which one goes smoothly on where the other ends meet there and, if they run on the same way, nowhere else. */
    private boolean joined(Span p, Span q) {
        if (p.x3 == q.x0 && p.y3 == q.y0) {
            Point way = p.arrival();
            if (p.runsAlong(way.x(), way.y()) && q.runsAlong(way.x(), way.y())) {
                hits.add(new Hit(p.to, p.to, q.from, q.from, true));
                return true;
            }
        } else if (p.x0 == q.x3 && p.y0 == q.y3) {
            Point way = p.leave();
            if (p.runsAlong(way.x(), way.y()) && q.runsAlong(way.x(), way.y())) {
                hits.add(new Hit(p.from, p.from, q.to, q.to, true));
                return true;
            }
        }
        return false;
    }

    private void search(Span p, Span q, int depth) {
        if (overlapping || !p.boxMeets(q, epsilon) || p.isBeside(q, epsilon) || q.isBeside(p, epsilon)) {
            return;
        }
        boolean small = p.size() <= epsilon && q.size() <= epsilon;
        if (small || depth >= DEEPEST || ++steps > MOST_STEPS) {
            hits.add(new Hit(p.from, p.to, q.from, q.to, true));
            return;
        }
        if (p.turnsApart(q)) {
            if (newton(p, q)) {
                return;
            }
        } else if (p.thickness() <= epsilon / 4 && q.thickness() <= epsilon / 4) {
            flat(p, q);
            return;
        } else if (depth >= SUSPECT && !searched) {
            searched = true;
            overlapping = overlap(first, second);
            if (overlapping) {
                return;
            }
        }
        if (p.size() >= q.size()) {
            search(p.half(true), q, depth + 1);
            search(p.half(false), q, depth + 1);
        } else {
            search(p, q.half(true), depth + 1);
            search(p, q.half(false), depth + 1);
        }
    }

    /** Two stretches that are straight and nearly parallel: the shadow of each on the other is where they touch. */
    private void flat(Span p, Span q) {
        double ux = p.x3 - p.x0;
        double uy = p.y3 - p.y0;
        double squared = ux * ux + uy * uy;
        if (squared == 0) {
            hits.add(new Hit(p.from, p.to, q.from, q.to, true));
            return;
        }
        double s0 = ((q.x0 - p.x0) * ux + (q.y0 - p.y0) * uy) / squared;
        double s1 = ((q.x3 - p.x0) * ux + (q.y3 - p.y0) * uy) / squared;
        double slack = epsilon / Math.sqrt(squared);
        double low = Math.min(s0, s1);
        double high = Math.max(s0, s1);
        if (low > 1 + slack || high < -slack) {
            return;
        }
        double a = Math.max(0, low);
        double b = Math.max(a, Math.min(1, high));
        double away = s1 - s0;
        double c = away == 0 ? 0.5 : clamp((a - s0) / away);
        double d = away == 0 ? 0.5 : clamp((b - s0) / away);
        hits.add(new Hit(
                p.from + a * (p.to - p.from),
                p.from + b * (p.to - p.from),
                q.from + c * (q.to - q.from),
                q.from + d * (q.to - q.from),
                true));
    }

    private boolean newton(Span p, Span q) {
        double span = p.to - p.from;
        double other = q.to - q.from;
        // From where the chords meet.
        double ux = p.x3 - p.x0;
        double uy = p.y3 - p.y0;
        double vx = q.x3 - q.x0;
        double vy = q.y3 - q.y0;
        double det = ux * vy - uy * vx;
        if (det == 0) {
            return false;
        }
        double bx = q.x0 - p.x0;
        double by = q.y0 - p.y0;
        double t = p.from + span * clamp((bx * vy - by * vx) / det);
        double s = q.from + other * clamp((bx * uy - by * ux) / det);
        for (int i = 0; i < 12; i++) {
            Point a = p.curve.at(t);
            Point b = q.curve.at(s);
            Point u = p.curve.velocity(t);
            Point v = q.curve.velocity(s);
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double cross = u.x() * v.y() - u.y() * v.x();
            if (cross == 0) {
                return false;
            }
            double stepT = (dx * v.y() - dy * v.x()) / cross;
            double stepS = (dx * u.y() - dy * u.x()) / cross;
            double speedU = Math.hypot(u.x(), u.y());
            double speedV = Math.hypot(v.x(), v.y());
            t += stepT;
            s += stepS;
            double slackT = epsilon / speedU;
            double slackS = epsilon / speedV;
            if (t < p.from - span - slackT
                    || t > p.to + span + slackT
                    || s < q.from - other - slackS
                    || s > q.to + other + slackS) {
                return false;
            }
            if (Math.abs(stepT) * speedU <= epsilon / 16 && Math.abs(stepS) * speedV <= epsilon / 16) {
                if (t >= p.from - slackT && t <= p.to + slackT && s >= q.from - slackS && s <= q.to + slackS) {
                    double at = clamp(t);
                    double on = clamp(s);
                    boolean tangent = Math.abs(cross) <= Tolerance.PARALLEL * speedU * speedV;
                    hits.add(new Hit(at, at, on, on, tangent));
                    return true;
                }
                return false;
            }
        }
        return false;
    }

    /** Whether the spans lie on one another between two places where one of them ends. */
    private boolean overlap(Span p, Span q) {
        Curve a = p.curve.part(p.from, p.to);
        Curve b = q.curve.part(q.from, q.to);
        List<double[]> ends = new ArrayList<>(4);
        end(ends, a.nearest(b.start()), 0, a, b);
        end(ends, a.nearest(b.end()), 1, a, b);
        end(ends, 0, b.nearest(a.start()), a, b);
        end(ends, 1, b.nearest(a.end()), a, b);
        if (ends.size() < 2) {
            return false;
        }
        ends.sort(Comparator.comparingDouble(e -> e[0]));
        double[] low = ends.get(0);
        double[] high = ends.get(ends.size() - 1);
        if (a.at(low[0]).distance(a.at(high[0])) <= 4 * epsilon) {
            return false;
        }
        for (int k = 1; k < 12; k++) {
            Point between = a.at(low[0] + (high[0] - low[0]) * k / 12);
            if (b.at(b.nearest(between)).distance(between) > 2 * epsilon) {
                return false;
            }
        }
        double span = p.to - p.from;
        double other = q.to - q.from;
        overlaps.add(new Meeting.Along(
                p.from + span * low[0], p.from + span * high[0], q.from + other * low[1], q.from + other * high[1]));
        return true;
    }

    private void end(List<double[]> ends, double t, double s, Curve a, Curve b) {
        if (a.at(t).distance(b.at(s)) <= 2 * epsilon) {
            ends.add(new double[] {t, s});
        }
    }

    /** Touches that follow on one another, and crossings of a lens thinner than the tolerance, are one touch. */
    private List<Meeting> merged(Curve a, Curve b) {
        List<Meeting> result = new ArrayList<>(overlaps);
        hits.sort(Comparator.comparingDouble(Hit::from));
        Hit open = null;
        for (Hit hit : hits) {
            if (open != null && together(open, hit, a, b)) {
                open = new Hit(
                        open.from,
                        Math.max(open.to, hit.to),
                        Math.min(open.otherFrom, Math.min(hit.otherFrom, hit.otherTo)),
                        Math.max(open.otherTo, Math.max(hit.otherFrom, hit.otherTo)),
                        true);
            } else {
                add(result, open, a);
                open = hit.otherFrom <= hit.otherTo
                        ? hit
                        : new Hit(hit.from, hit.to, hit.otherTo, hit.otherFrom, hit.tangent);
            }
        }
        add(result, open, a);
        return result;
    }

    private void add(List<Meeting> result, Hit hit, Curve a) {
        if (hit != null) {
            double t = hit.from <= 0 ? 0 : hit.to >= 1 ? 1 : hit.middle();
            double s = hit.otherFrom <= 0 ? 0 : hit.otherTo >= 1 ? 1 : hit.otherMiddle();
            result.add(new Meeting.At(a.at(t), t, s, hit.tangent));
        }
    }

    private boolean together(Hit p, Hit q, Curve a, Curve b) {
        Point here = a.at(p.to);
        Point there = a.at(q.from);
        double apart = here.distance(there);
        double onOther = b.at(p.otherMiddle()).distance(b.at(q.otherMiddle()));
        if (apart <= 2 * epsilon && onOther <= 4 * epsilon + here.distance(a.at(p.from)) + there.distance(a.at(q.to))) {
            return true;
        }
        double t = (p.to + q.from) / 2;
        if (Math.abs(a.tangent(p.to).cross(b.tangent(p.otherMiddle()))) > 1e-3) {
            return false;
        }
        Point between = a.at(t);
        double s = (p.otherMiddle() + q.otherMiddle()) / 2;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < 3; k++) {
            Point v = b.velocity(s);
            double squared = v.dot(v);
            if (squared == 0) {
                break;
            }
            s = clamp(s + between.minus(b.at(s)).dot(v) / squared);
            least = Math.min(least, between.distance(b.at(s)));
        }
        return least <= epsilon;
    }

    private static double clamp(double t) {
        return Math.max(0, Math.min(1, t));
    }
}
