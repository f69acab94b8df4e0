package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Draws paths by moves as files give them (W3C SVG 2, chapter 9), carried by a map: circular arcs stay arcs as long as the map leaves them circular,
 * elliptical ones become cubics. What rounding left between two curves of a path is bridged.
 */
public final class PathPen {
    private static final double NONE = 1e-9;

    /** Numbers of a file are rounded to seven figures. */
    private static final double ROUNDED = 1e-6;

    private final Affine map;
    private final List<Path> paths = new ArrayList<>();
    private final List<Curve> open = new ArrayList<>();
    private final List<Point> dots = new ArrayList<>();
    private boolean dotted;
    private Point start = Point.ORIGIN;
    private Point at = Point.ORIGIN;

    public PathPen(Affine map) {
        this.map = map;
    }

    /** Where it is, before the map. */
    public Point at() {
        return at;
    }

    /** The paths so far, in their order; what is being drawn ends here, open. */
    public List<Path> paths() {
        end(false);
        return List.copyOf(paths);
    }

    /** Where lines of no length lie. */
    public List<Point> dots() {
        end(false);
        return List.copyOf(dots);
    }

    public void move(Point to) {
        end(false);
        start = to;
        at = to;
    }

    public void line(Point to) {
        if (!to.equals(at)) {
            open.add(new Line(map.of(at), map.of(to)));
        } else {
            dotted = true;
        }
        at = to;
    }

    public void cubic(Point a, Point b, Point to) {
        if (!(a.equals(at) && b.equals(at) && to.equals(at))) {
            open.add(new Cubic(map.of(at), map.of(a), map.of(b), map.of(to)));
        }
        at = to;
    }

    public void quadratic(Point a, Point to) {
        cubic(at.plus(a.minus(at).times(2.0 / 3)), to.plus(a.minus(to).times(2.0 / 3)), to);
    }

    /**
     * The arc to a place (W3C SVG 2, implementation notes on elliptical arcs: from ends to centre).
     *
     * @param tilt of the ellipse (radians)
     */
    public void arc(double wide, double high, double tilt, boolean large, boolean clockwise, Point to) {
        double rx = Math.abs(wide);
        double ry = Math.abs(high);
        if (to.equals(at)) {
            return;
        }
        if (rx == 0 || ry == 0) {
            line(to);
            return;
        }
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        Point half = at.minus(to).times(0.5);
        double x = cos * half.x() + sin * half.y();
        double y = -sin * half.x() + cos * half.y();
        double over = x * x / (rx * rx) + y * y / (ry * ry);
        if (over > 1) {
            rx *= Math.sqrt(over);
            ry *= Math.sqrt(over);
        }
        double below = rx * rx * y * y + ry * ry * x * x;
        double factor = Math.sqrt(Math.max(0, (rx * rx * ry * ry - below) / below)) * (large == clockwise ? -1 : 1);
        double cx = factor * rx * y / ry;
        double cy = -factor * ry * x / rx;
        Point centre = at.middle(to).plus(new Point(cos * cx - sin * cy, sin * cx + cos * cy));
        double from = Math.atan2((y - cy) / ry, (x - cx) / rx);
        double turn = Math.atan2((-y - cy) / ry, (-x - cx) / rx) - from;
        turn += clockwise && turn < 0 ? 2 * Math.PI : !clockwise && turn > 0 ? -2 * Math.PI : 0;
        arc(centre, rx, ry, tilt, from, turn);
        at = to;
    }

    /**
     * An arc about a centre, which begins where the pen is.
     *
     * @param from the angle (radians) at which it begins, and {@code turn} how far it goes, of the circle that the ellipse is made of
     */
    public void arc(Point centre, double rx, double ry, double tilt, double from, double turn) {
        if (turn == 0 || rx == 0 || ry == 0) {
            return;
        }
        if (Math.abs(rx - ry) <= ROUNDED * rx && map.isSimilarity(ROUNDED)) {
            Arc arc = new Arc(centre, (rx + ry) / 2, from + tilt, turn);
            open.add(arc.map(map));
            at = arc.end();
        } else {
            Affine unit = Affine.shift(centre)
                    .after(Affine.turn(Math.toDegrees(tilt), Point.ORIGIN))
                    .after(new Affine(rx, 0, 0, ry, 0, 0));
            open.addAll(new EllipticalArc(map.after(unit), from, turn).cubics());
            at = unit.of(new Point(Math.cos(from + turn), Math.sin(from + turn)));
        }
    }

    /** All of an ellipse. */
    public void ellipse(Point centre, double rx, double ry) {
        if (rx > 0 && ry > 0) {
            move(centre.plus(new Point(rx, 0)));
            arc(centre, rx, ry, 0, 0, 2 * Math.PI);
            close();
        }
    }

    /** A box with its corners rounded by quarters of an ellipse, square where either radius is 0. */
    public void box(Box box, double across, double down) {
        double rx = down > 0 ? across : 0;
        double ry = across > 0 ? down : 0;
        move(new Point(box.left() + rx, box.top()));
        line(new Point(box.right() - rx, box.top()));
        arc(new Point(box.right() - rx, box.top() + ry), rx, ry, 0, -Math.PI / 2, Math.PI / 2);
        line(new Point(box.right(), box.bottom() - ry));
        arc(new Point(box.right() - rx, box.bottom() - ry), rx, ry, 0, 0, Math.PI / 2);
        line(new Point(box.left() + rx, box.bottom()));
        arc(new Point(box.left() + rx, box.bottom() - ry), rx, ry, 0, Math.PI / 2, Math.PI / 2);
        line(new Point(box.left(), box.top() + ry));
        arc(new Point(box.left() + rx, box.top() + ry), rx, ry, 0, Math.PI, Math.PI / 2);
        close();
    }

    /** Leads the path back to where it began. */
    public void close() {
        end(true);
    }

    private void end(boolean closed) {
        if (!open.isEmpty()) {
            paths.add(chained(open, closed));
            open.clear();
        } else if (dotted) {
            dots.add(map.of(start));
        }
        dotted = false;
        at = start;
    }

    /** Curves that follow on one another as a path. */
    public static Path chained(List<Curve> curves, boolean closed) {
        List<Curve> chain = new ArrayList<>();
        for (Curve curve : curves) {
            bridge(chain, curve.start());
            chain.add(curve);
        }
        if (closed) {
            bridge(chain, chain.get(0).start());
        }
        return new Path(chain, closed);
    }

    private static void bridge(List<Curve> chain, Point to) {
        if (!chain.isEmpty()) {
            Point end = chain.get(chain.size() - 1).end();
            if (end.distance(to) > NONE * (1 + Math.abs(to.x()) + Math.abs(to.y()))) {
                chain.add(new Line(end, to));
            }
        }
    }
}
