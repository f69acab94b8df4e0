package org.hyphantes.geometry.offset;

import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/**
 * Between which turns (radians) against its first heading all headings of a curve lie.
 *
 * @param least 0 or less
 * @param most 0 or more
 */
record Headings(double least, double most) {
    private static final Headings STRAIGHT = new Headings(0, 0);

    /** Of a cubic of which that is not plain. */
    private static final Headings ANY = new Headings(-2 * Math.PI, 2 * Math.PI);

    static Headings of(Curve curve) {
        if (curve instanceof Arc arc) {
            return new Headings(Math.min(0, arc.sweep()), Math.max(0, arc.sweep()));
        }
        return curve instanceof Cubic cubic ? of(cubic) : STRAIGHT;
    }

    /** Every heading lies between those along the sides of the control polygon. */
    private static Headings of(Cubic cubic) {
        Point first = cubic.control1().minus(cubic.start());
        Point last = cubic.end().minus(cubic.control2());
        if (first.length() == 0 || last.length() == 0) {
            return ANY;
        }
        double a = ConvexLoop.turn(first, cubic.control2().minus(cubic.control1()));
        double b = ConvexLoop.turn(first, last);
        return new Headings(Math.min(0, Math.min(a, b)), Math.max(0, Math.max(a, b)));
    }

    double range() {
        return most - least;
    }
}
