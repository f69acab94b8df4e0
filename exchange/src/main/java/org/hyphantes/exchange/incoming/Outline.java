package org.hyphantes.exchange.incoming;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.apache.batik.ext.awt.geom.ExtendedGeneralPath;
import org.apache.batik.ext.awt.geom.ExtendedPathIterator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.EllipticalArc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A shape of a picture as exact paths, carried by a map: circular arcs stay arcs as long as the map leaves them circular, others become cubics. */
final class Outline {
    private final Affine map;
    private final List<Path> paths = new ArrayList<>();
    private final List<Curve> open = new ArrayList<>();
    private final List<Point> dots = new ArrayList<>();
    private boolean dotted;
    private Point start = Point.ORIGIN;
    private Point at = Point.ORIGIN;

    private Outline(Affine map) {
        this.map = map;
    }

    static List<Path> of(Shape shape, Affine map) {
        return read(shape, map).paths;
    }

    /** Where lines of no length lie, of which round ends are seen and no more. */
    static List<Point> dots(Shape shape, Affine map) {
        return read(shape, map).dots;
    }

    private static Outline read(Shape shape, Affine map) {
        Outline outline = new Outline(map);
        if (shape instanceof Ellipse2D ellipse) {
            outline.ellipse(ellipse);
        } else if (shape instanceof RoundRectangle2D box) {
            outline.box(box);
        } else if (shape instanceof ExtendedGeneralPath path) {
            outline.extended(path.getExtendedPathIterator());
        } else {
            outline.plain(shape.getPathIterator(null));
        }
        outline.end(false);
        return outline;
    }

    private void ellipse(Ellipse2D ellipse) {
        double rx = ellipse.getWidth() / 2;
        double ry = ellipse.getHeight() / 2;
        if (rx > 0 && ry > 0) {
            move(new Point(ellipse.getCenterX() + rx, ellipse.getCenterY()));
            arc(new Point(ellipse.getCenterX(), ellipse.getCenterY()), rx, ry, 0, 0, 2 * Math.PI);
            end(true);
        }
    }

    private void box(RoundRectangle2D box) {
        double rx = box.getArcWidth() / 2;
        double ry = box.getArcHeight() / 2;
        double left = box.getMinX();
        double top = box.getMinY();
        double right = box.getMaxX();
        double bottom = box.getMaxY();
        move(new Point(left + rx, top));
        line(new Point(right - rx, top));
        arc(new Point(right - rx, top + ry), rx, ry, 0, -Math.PI / 2, Math.PI / 2);
        line(new Point(right, bottom - ry));
        arc(new Point(right - rx, bottom - ry), rx, ry, 0, 0, Math.PI / 2);
        line(new Point(left + rx, bottom));
        arc(new Point(left + rx, bottom - ry), rx, ry, 0, Math.PI / 2, Math.PI / 2);
        line(new Point(left, top + ry));
        arc(new Point(left + rx, top + ry), rx, ry, 0, Math.PI, Math.PI / 2);
        end(true);
    }

    private void plain(PathIterator each) {
        double[] n = new double[6];
        for (; !each.isDone(); each.next()) {
            switch (each.currentSegment(n)) {
                case PathIterator.SEG_MOVETO -> move(new Point(n[0], n[1]));
                case PathIterator.SEG_LINETO -> line(new Point(n[0], n[1]));
                case PathIterator.SEG_QUADTO -> quadratic(new Point(n[0], n[1]), new Point(n[2], n[3]));
                case PathIterator.SEG_CUBICTO ->
                    cubic(new Point(n[0], n[1]), new Point(n[2], n[3]), new Point(n[4], n[5]));
                default -> end(true);
            }
        }
    }

    private void extended(ExtendedPathIterator each) {
        float[] n = new float[7];
        for (; !each.isDone(); each.next()) {
            switch (each.currentSegment(n)) {
                case ExtendedPathIterator.SEG_MOVETO -> move(new Point(n[0], n[1]));
                case ExtendedPathIterator.SEG_LINETO -> line(new Point(n[0], n[1]));
                case ExtendedPathIterator.SEG_QUADTO -> quadratic(new Point(n[0], n[1]), new Point(n[2], n[3]));
                case ExtendedPathIterator.SEG_CUBICTO ->
                    cubic(new Point(n[0], n[1]), new Point(n[2], n[3]), new Point(n[4], n[5]));
                case ExtendedPathIterator.SEG_ARCTO ->
                    arcTo(n[0], n[1], Math.toRadians(n[2]), n[3] != 0, n[4] != 0, new Point(n[5], n[6]));
                default -> end(true);
            }
        }
    }

    private void move(Point to) {
        end(false);
        start = to;
        at = to;
    }

    private void line(Point to) {
        if (!to.equals(at)) {
            add(new Line(map.of(at), map.of(to)));
        } else {
            dotted = true;
        }
        at = to;
    }

    private void cubic(Point a, Point b, Point to) {
        if (!(a.equals(at) && b.equals(at) && to.equals(at))) {
            add(new Cubic(map.of(at), map.of(a), map.of(b), map.of(to)));
        }
        at = to;
    }

    private void quadratic(Point a, Point to) {
        cubic(at.plus(a.minus(at).times(2.0 / 3)), to.plus(a.minus(to).times(2.0 / 3)), to);
    }

    /** The arc between two places (W3C SVG 2, implementation notes on elliptical arcs: from ends to centre). */
    private void arcTo(double wide, double high, double tilt, boolean large, boolean clockwise, Point to) {
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

    private void arc(Point centre, double rx, double ry, double tilt, double from, double turn) {
        if (turn == 0 || rx == 0 || ry == 0) {
            return;
        }
        Point end;
        if (Math.abs(rx - ry) <= 1e-6 * rx && isSimilarity()) {
            Arc arc = new Arc(centre, (rx + ry) / 2, from + tilt, turn);
            add(arc.map(map));
            end = arc.end();
        } else {
            Affine unit = Affine.shift(centre)
                    .after(Affine.turn(Math.toDegrees(tilt), Point.ORIGIN))
                    .after(new Affine(rx, 0, 0, ry, 0, 0));
            new EllipticalArc(map.after(unit), from, turn).cubics().forEach(this::add);
            end = unit.of(new Point(Math.cos(from + turn), Math.sin(from + turn)));
        }
        at = end;
    }

    /** Numbers of a file are rounded to seven figures. */
    private boolean isSimilarity() {
        double across = Math.hypot(map.a(), map.b());
        double down = Math.hypot(map.c(), map.d());
        return map.isSimilarity()
                || Math.abs(across - down) <= 1e-6 * across
                        && Math.abs(map.a() * map.c() + map.b() * map.d()) <= 1e-6 * across * down;
    }

    private void add(Curve curve) {
        open.add(curve);
    }

    private void end(boolean closed) {
        if (!open.isEmpty()) {
            paths.add(Chains.path(open, closed));
            open.clear();
        } else if (dotted) {
            dots.add(map.of(start));
        }
        dotted = false;
        at = start;
    }
}
