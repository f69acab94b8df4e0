package org.hyphantes.geometry;

import java.util.Collection;

/** An upright rectangle in millimetres, borders included; left is at most right, top at most bottom. */
public record Box(double left, double top, double right, double bottom) {
    public static Box of(Point a, Point b) {
        return new Box(Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.max(a.x(), b.x()), Math.max(a.y(), b.y()));
    }

    /** The box round all the boxes; the empty box at the origin when there are none. */
    public static Box round(Collection<Box> boxes) {
        Box round = null;
        for (Box box : boxes) {
            round = round == null ? box : round.with(box);
        }
        return round == null ? new Box(0, 0, 0, 0) : round;
    }

    public Box with(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    public Box grown(double by) {
        return new Box(left - by, top - by, right + by, bottom + by);
    }

    public boolean meets(Box other) {
        return left <= other.right && other.left <= right && top <= other.bottom && other.top <= bottom;
    }

    public boolean contains(Point p) {
        return left <= p.x() && p.x() <= right && top <= p.y() && p.y() <= bottom;
    }

    /** How far (mm) its furthest corner is from a place. */
    public double furthest(Point from) {
        return new Point(Math.max(from.x() - left, right - from.x()), Math.max(from.y() - top, bottom - from.y()))
                .length();
    }

    /** The box round this one carried by a map. */
    public Box map(Affine map) {
        Box one = of(map.of(new Point(left, top)), map.of(new Point(right, bottom)));
        return one.with(of(map.of(new Point(right, top)), map.of(new Point(left, bottom))));
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return bottom - top;
    }

    public Point centre() {
        return new Point((left + right) / 2, (top + bottom) / 2);
    }
}
