package org.hyphantes.geometry.meet;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/**
 * A stretch of a curve that turns by a quarter turn at most, always to one side, with a hull of four points that holds it:
 * the first and last legs of the hull run along the tangents at its ends.
 *
 * <p>Flat numbers, because a search for meetings makes very many.
 */
final class Span {
    final Curve curve;
    final double from;
    final double to;
    final double x0;
    final double y0;
    final double x1;
    final double y1;
    final double x2;
    final double y2;
    final double x3;
    final double y3;
    final double left;
    final double right;
    final double top;
    final double bottom;

    private Span(
            Curve curve,
            double from,
            double to,
            double x0,
            double y0,
            double x1,
            double y1,
            double x2,
            double y2,
            double x3,
            double y3) {
        this.curve = curve;
        this.from = from;
        this.to = to;
        this.x0 = x0;
        this.y0 = y0;
        this.x1 = x1;
        this.y1 = y1;
        this.x2 = x2;
        this.y2 = y2;
        this.x3 = x3;
        this.y3 = y3;
        left = Math.min(Math.min(x0, x1), Math.min(x2, x3));
        right = Math.max(Math.max(x0, x1), Math.max(x2, x3));
        top = Math.min(Math.min(y0, y1), Math.min(y2, y3));
        bottom = Math.max(Math.max(y0, y1), Math.max(y2, y3));
    }

    /** The whole curve in spans, in order. */
    static List<Span> of(Curve curve) {
        List<Span> spans = new ArrayList<>(4);
        if (curve instanceof Cubic cubic) {
            double[] cuts = cubic.monotone();
            for (int i = 1; i < cuts.length; i++) {
                Cubic part = cubic.part(cuts[i - 1], cuts[i]);
                spans.add(of(cubic, cuts[i - 1], cuts[i], part));
            }
        } else if (curve instanceof Arc arc) {
            int parts = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / (Math.PI / 2) - 1e-9));
            for (int i = 0; i < parts; i++) {
                spans.add(of(arc, (double) i / parts, (i + 1.0) / parts));
            }
        } else {
            spans.add(of((Line) curve, 0, 1, curve.start(), curve.end()));
        }
        return spans;
    }

    private static Span of(Cubic whole, double from, double to, Cubic part) {
        return new Span(
                whole,
                from,
                to,
                part.start().x(),
                part.start().y(),
                part.control1().x(),
                part.control1().y(),
                part.control2().x(),
                part.control2().y(),
                part.end().x(),
                part.end().y());
    }

    private static Span of(Arc arc, double from, double to) {
        Point p = arc.at(from);
        Point q = arc.at(to);
        double half = (to - from) * arc.sweep() / 2;
        Point tip = p.plus(arc.tangent(from).times(arc.radius() * Math.tan(Math.abs(half))));
        return new Span(arc, from, to, p.x(), p.y(), tip.x(), tip.y(), tip.x(), tip.y(), q.x(), q.y());
    }

    private static Span of(Line line, double from, double to, Point p, Point q) {
        return new Span(
                line,
                from,
                to,
                p.x(),
                p.y(),
                (2 * p.x() + q.x()) / 3,
                (2 * p.y() + q.y()) / 3,
                (p.x() + 2 * q.x()) / 3,
                (p.y() + 2 * q.y()) / 3,
                q.x(),
                q.y());
    }

    Span half(boolean first) {
        double middle = (from + to) / 2;
        if (curve instanceof Cubic) {
            double ax = (x0 + x1) / 2;
            double ay = (y0 + y1) / 2;
            double bx = (x1 + x2) / 2;
            double by = (y1 + y2) / 2;
            double cx = (x2 + x3) / 2;
            double cy = (y2 + y3) / 2;
            double dx = (ax + bx) / 2;
            double dy = (ay + by) / 2;
            double ex = (bx + cx) / 2;
            double ey = (by + cy) / 2;
            double mx = (dx + ex) / 2;
            double my = (dy + ey) / 2;
            return first
                    ? new Span(curve, from, middle, x0, y0, ax, ay, dx, dy, mx, my)
                    : new Span(curve, middle, to, mx, my, ex, ey, cx, cy, x3, y3);
        }
        if (curve instanceof Arc arc) {
            return first ? of(arc, from, middle) : of(arc, middle, to);
        }
        Point between = new Point((x0 + x3) / 2, (y0 + y3) / 2);
        return first
                ? of((Line) curve, from, middle, new Point(x0, y0), between)
                : of((Line) curve, middle, to, between, new Point(x3, y3));
    }

    double size() {
        return Math.max(right - left, bottom - top);
    }

    boolean boxMeets(Span other, double epsilon) {
        return left <= other.right + epsilon
                && other.left <= right + epsilon
                && top <= other.bottom + epsilon
                && other.top <= bottom + epsilon;
    }

    /** How far (mm) the hull reaches to either side of the chord. */
    double thickness() {
        double cx = x3 - x0;
        double cy = y3 - y0;
        double length = Math.sqrt(cx * cx + cy * cy);
        if (length == 0) {
            return size();
        }
        double d1 = cx * (y1 - y0) - cy * (x1 - x0);
        double d2 = cx * (y2 - y0) - cy * (x2 - x0);
        return Math.max(Math.abs(d1), Math.abs(d2)) / length;
    }

    /** Whether the other span's hull lies wholly beside the strip along this one's chord that holds it. */
    boolean isBeside(Span o, double epsilon) {
        double cx = x3 - x0;
        double cy = y3 - y0;
        double slack = epsilon * (Math.abs(cx) + Math.abs(cy));
        double d1 = cx * (y1 - y0) - cy * (x1 - x0);
        double d2 = cx * (y2 - y0) - cy * (x2 - x0);
        double low = Math.min(0, Math.min(d1, d2)) - slack;
        double high = Math.max(0, Math.max(d1, d2)) + slack;
        double e0 = cx * (o.y0 - y0) - cy * (o.x0 - x0);
        double e1 = cx * (o.y1 - y0) - cy * (o.x1 - x0);
        double e2 = cx * (o.y2 - y0) - cy * (o.x2 - x0);
        double e3 = cx * (o.y3 - y0) - cy * (o.x3 - x0);
        return e0 > high && e1 > high && e2 > high && e3 > high || e0 < low && e1 < low && e2 < low && e3 < low;
    }

    private double leaveX() {
        return x1 != x0 || y1 != y0 ? x1 - x0 : x2 != x0 || y2 != y0 ? x2 - x0 : x3 - x0;
    }

    private double leaveY() {
        return x1 != x0 || y1 != y0 ? y1 - y0 : x2 != x0 || y2 != y0 ? y2 - y0 : y3 - y0;
    }

    private double arriveX() {
        return x3 != x2 || y3 != y2 ? x3 - x2 : x3 != x1 || y3 != y1 ? x3 - x1 : x3 - x0;
    }

    private double arriveY() {
        return x3 != x2 || y3 != y2 ? y3 - y2 : x3 != x1 || y3 != y1 ? y3 - y1 : y3 - y0;
    }

    /** Whether no heading of this span is parallel to one of the other's; then they meet once at the most. */
    boolean turnsApart(Span o) {
        double ax = leaveX();
        double ay = leaveY();
        double bx = arriveX();
        double by = arriveY();
        double cx = o.leaveX();
        double cy = o.leaveY();
        double dx = o.arriveX();
        double dy = o.arriveY();
        double slack = 1e-12;
        double a = Math.abs(ax) + Math.abs(ay);
        double b = Math.abs(bx) + Math.abs(by);
        double c = Math.abs(cx) + Math.abs(cy);
        double d = Math.abs(dx) + Math.abs(dy);
        double ac = ax * cy - ay * cx;
        double ad = ax * dy - ay * dx;
        double bc = bx * cy - by * cx;
        double bd = bx * dy - by * dx;
        return ac > slack * a * c && ad > slack * a * d && bc > slack * b * c && bd > slack * b * d
                || ac < -slack * a * c && ad < -slack * a * d && bc < -slack * b * c && bd < -slack * b * d;
    }

    /** Whether the whole hull runs forward along a direction. */
    boolean runsAlong(double dx, double dy) {
        return (x1 - x0) * dx + (y1 - y0) * dy >= 0
                && (x2 - x1) * dx + (y2 - y1) * dy >= 0
                && (x3 - x2) * dx + (y3 - y2) * dy >= 0
                && (x3 - x0) * dx + (y3 - y0) * dy > 0;
    }

    /** The heading, not of unit length, with which the span arrives at its end. */
    Point arrival() {
        return new Point(arriveX(), arriveY());
    }

    /** The heading, not of unit length, with which the span leaves its start. */
    Point leave() {
        return new Point(leaveX(), leaveY());
    }
}
