package org.hyphantes.geometry;

/**
 * How often curves wind round a point, counted by where they cross the ray from it to the right, upward and downward (D. Sunday, 2001,
 * from memory). A curve that does not come round the point crosses as its chord does.
 *
 * <p>Of a point upon a chord the side is that of a point beside it, a little further down the page, and a little further to the right
 * of that; so all curves tell of the same point.
 */
final class WindingNumber {
    /** Halves of a curve are looked at till they are this small, where a point lies on it. */
    private static final int DEEPEST = 40;

    private WindingNumber() {}

    /** How often a curve from one place to another crosses the ray, clockwise about the point being positive. */
    static int of(Curve curve, Point from, Point to, Point p) {
        return of(curve, from, to, p, 0);
    }

    private static int of(Curve curve, Point from, Point to, Point p, int depth) {
        if (curve instanceof Arc arc && Math.abs(arc.sweep()) <= Math.PI) {
            return of(arc, from, to, p);
        }
        if (depth < DEEPEST && !(curve instanceof Line) && curve.box().contains(p)) {
            Point middle = curve.at(0.5);
            return of(curve.part(0, 0.5), from, middle, p, depth + 1)
                    + of(curve.part(0.5, 1), middle, to, p, depth + 1);
        }
        return crossing(from, to, p, side(from, to, p));
    }

    /** An arc of half a turn at most comes once more round a point that lies between it and its chord. */
    private static int of(Arc arc, Point from, Point to, Point p) {
        double side = side(from, to, p);
        boolean between = side * arc.sweep() < 0 && p.distance(arc.centre()) < arc.radius();
        return crossing(from, to, p, side) + (between ? (int) Math.signum(arc.sweep()) : 0);
    }

    /** To which side of the way from one place to another a point lies, positive to the right. */
    private static double side(Point from, Point to, Point p) {
        double across = to.x() - from.x();
        double down = to.y() - from.y();
        double side = across * (p.y() - from.y()) - down * (p.x() - from.x());
        return side != 0 ? side : across != 0 ? across : -down;
    }

    private static int crossing(Point from, Point to, Point p, double side) {
        if (from.y() <= p.y()) {
            return to.y() > p.y() && side > 0 ? 1 : 0;
        }
        return to.y() <= p.y() && side < 0 ? -1 : 0;
    }
}
