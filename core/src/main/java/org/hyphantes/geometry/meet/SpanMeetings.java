package org.hyphantes.geometry.meet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;

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
    private static final double SHALLOW = 1e-2;
    private static final int SUSPECT = 5;
    private static final int ALONGSIDE = 3;
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

    /** A search that may be used for pair after pair, within a tolerance (mm). */
    SpanMeetings(double epsilon) {
        this.epsilon = epsilon;
    }

    /** All meetings of two curves, in no order, by their spans. */
    List<Meeting> of(Curve a, List<Span> spansA, Curve b, List<Span> spansB) {
        hits.clear();
        overlaps.clear();
        for (Span p : spansA) {
            Watch.ask();
            for (Span q : spansB) {
                if (p.boxMeets(q, epsilon)) {
                    pair(p, q);
                }
            }
        }
        return merged(a, b);
    }

    /** The stretches over which a straight cubic runs back over itself. */
    static List<Meeting> folds(Cubic cubic, double epsilon) {
        SpanMeetings search = new SpanMeetings(epsilon);
        List<Span> spans = Span.of(cubic);
        for (int i = 0; i < spans.size(); i++) {
            Watch.ask();
            for (int j = i + 1; j < spans.size(); j++) {
                if (spans.get(i).boxMeets(spans.get(j), epsilon)) {
                    search.pair(spans.get(i), spans.get(j));
                }
            }
        }
        return search.overlaps.stream().map(Meeting.class::cast).toList();
    }

    private void pair(Span p, Span q) {
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
            // Beside a touch Newton's method comes near only slowly, and what is within the tolerance is the touch.
            if (isStraight(p) && isStraight(q) && Math.abs(sine(p, q)) < SHALLOW) {
                flat(p, q);
                return;
            }
        } else {
            boolean straight = isStraight(p) && isStraight(q);
            if (!searched && (straight || depth >= SUSPECT)) {
                searched = true;
                overlapping = overlap(first, second);
            }
            if (overlapping) {
                return;
            }
            if (straight) {
                flat(p, q);
                return;
            }
            if (depth >= ALONGSIDE && (liesOn(p, q, false) || liesOn(q, p, true))) {
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

    private boolean isStraight(Span span) {
        return span.thickness() <= epsilon / 4;
    }

    private static double sine(Span p, Span q) {
        double ux = p.x3 - p.x0;
        double uy = p.y3 - p.y0;
        double vx = q.x3 - q.x0;
        double vy = q.y3 - q.y0;
        return (ux * vy - uy * vx) / (Math.sqrt(ux * ux + uy * uy) * Math.sqrt(vx * vx + vy * vy));
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

    /** Whether all of one span, by its ends and middle, is within the tolerance of the other's curve: then it is a touch. */
    private boolean liesOn(Span p, Span q, boolean swapped) {
        double start = foot(q, p.x0, p.y0, epsilon);
        double end = start < 0 ? -1 : foot(q, p.x3, p.y3, epsilon);
        if (end < 0) {
            return false;
        }
        Point middle = p.curve.at((p.from + p.to) / 2);
        if (foot(q, middle.x(), middle.y(), epsilon) < 0) {
            return false;
        }
        hits.add(
                swapped
                        ? new Hit(Math.min(start, end), Math.max(start, end), p.from, p.to, true)
                        : new Hit(p.from, p.to, start, end, true));
        return true;
    }

    /** The parameter of the foot of a point on a span; -1 if the span is further away than the tolerance. */
    private static double foot(Span q, double x, double y, double epsilon) {
        double ux = q.x3 - q.x0;
        double uy = q.y3 - q.y0;
        double squared = ux * ux + uy * uy;
        double share = squared == 0 ? 0.5 : ((x - q.x0) * ux + (y - q.y0) * uy) / squared;
        if (share < -1 || share > 2) {
            return -1;
        }
        double t = Math.max(q.from, Math.min(q.to, q.from + share * (q.to - q.from)));
        for (int i = 0; i < 4; i++) {
            Point at = q.curve.at(t);
            Point v = q.curve.velocity(t);
            double dx = x - at.x();
            double dy = y - at.y();
            if (i > 0 && dx * dx + dy * dy <= epsilon * epsilon) {
                return t;
            }
            double speed = v.x() * v.x() + v.y() * v.y();
            if (speed == 0) {
                return -1;
            }
            double next = Math.max(q.from, Math.min(q.to, t + (dx * v.x() + dy * v.y()) / speed));
            if (next == t) {
                return -1;
            }
            t = next;
        }
        return -1;
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
            double speedU = u.length();
            double speedV = v.length();
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
                    // Where a curve begins or ends at no speed steps come to nothing short of a meeting.
                    if (p.curve.at(at).distance(q.curve.at(on)) > 2 * epsilon) {
                        return false;
                    }
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
        if (hits.isEmpty() && overlaps.isEmpty()) {
            return List.of();
        }
        List<Meeting> result = new ArrayList<>(overlaps.size() + hits.size());
        if (!overlaps.isEmpty()) {
            result.addAll(overlaps);
            hits.removeIf(hit -> isWithinOverlap(hit, a));
        }
        if (hits.size() > 1) {
            hits.sort(Comparator.comparingDouble(Hit::from));
        }
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
                add(result, open, a, b);
                open = hit.otherFrom <= hit.otherTo
                        ? hit
                        : new Hit(hit.from, hit.to, hit.otherTo, hit.otherFrom, hit.tangent);
            }
        }
        add(result, open, a, b);
        return result;
    }

    private boolean isWithinOverlap(Hit hit, Curve a) {
        for (Meeting.Along along : overlaps) {
            double slack = 4 * epsilon / a.velocity(hit.from).length();
            if (hit.from >= along.firstFrom() - slack && hit.to <= along.firstTo() + slack) {
                return true;
            }
        }
        return false;
    }

    private void add(List<Meeting> result, Hit hit, Curve a, Curve b) {
        if (hit == null) {
            return;
        }
        double t = hit.from <= 0 ? 0 : hit.to >= 1 ? 1 : hit.middle();
        double s = hit.otherFrom <= 0 ? 0 : hit.otherTo >= 1 ? 1 : hit.otherMiddle();
        if (hit.from == hit.to && hit.otherFrom == hit.otherTo) {
            result.add(new Meeting.At(a.at(t), t, s, hit.tangent));
            return;
        }
        // A touch takes in a stretch of both. Its place is an end within it, or its middle; both ends if both are
        // within it.
        boolean found = false;
        if (s == 0 || s == 1) {
            found = touch(result, a, a.nearest(b.at(s)), b, s);
        }
        if (t == 0 || t == 1) {
            found |= touch(result, a, t, b, b.nearest(a.at(t)));
        } else if (s != 0 && s != 1) {
            double side = parallelAt(a, b, hit.from, hit.to);
            found = touch(result, a, side, b, b.nearest(a.at(side)));
        }
        if (!found) {
            touch(result, a, hit.from, b, b.nearest(a.at(hit.from)));
            touch(result, a, hit.to, b, b.nearest(a.at(hit.to)));
        }
    }

    /** Where within a touch the headings are parallel, by halving; the middle if they are so nowhere. */
    private static double parallelAt(Curve a, Curve b, double from, double to) {
        double low = from;
        double high = to;
        double atLow = turn(a, b, low);
        if (atLow * turn(a, b, high) < 0) {
            for (int i = 0; i < 50; i++) {
                double middle = (low + high) / 2;
                if (turn(a, b, middle) * atLow > 0) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
        }
        return (low + high) / 2;
    }

    /** The sine from one curve's heading to the other's beside it, taken to run the same way. */
    private static double turn(Curve a, Curve b, double t) {
        Point u = a.tangent(t);
        Point v = b.tangent(b.nearest(a.at(t)));
        return u.cross(v) * Math.signum(u.dot(v));
    }

    private boolean touch(List<Meeting> result, Curve a, double t, Curve b, double s) {
        boolean together = a.at(t).distance(b.at(s)) <= 2 * epsilon;
        if (together) {
            result.add(new Meeting.At(a.at(t), t, s, true));
        }
        return together;
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
