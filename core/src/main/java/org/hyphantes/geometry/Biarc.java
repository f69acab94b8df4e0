package org.hyphantes.geometry;

import java.util.List;

/**
 * The smooth way from one place and heading to another by two arcs that share a tangent, of equal tangent lengths; by one arc or
 * one line where that does. Source: K. M. Bolton, Biarc curves, Computer-Aided Design 7, 1975 (from memory).
 */
public final class Biarc {
    private static final double STRAIGHT = 1e-10;

    private Biarc() {}

    /**
     * The curves from {@code p} with heading {@code u} to {@code q} with heading {@code v}, which are unit vectors.
     *
     * @throws IllegalArgumentException if the places are the same
     */
    public static List<Curve> of(Point p, Point u, Point q, Point v) {
        Point way = q.minus(p);
        if (way.length() == 0) {
            throw new IllegalArgumentException("a biarc needs two places");
        }
        if (Math.abs(u.cross(way)) <= STRAIGHT * way.length()
                && Math.abs(v.cross(way)) <= STRAIGHT * way.length()
                && u.dot(way) > 0
                && v.dot(way) > 0) {
            return List.of(new Line(p, q));
        }
        double reach = reach(way, u, v);
        Point joint = p.plus(q).plus(u.minus(v).times(reach)).times(0.5);
        Curve first = arc(p, u, joint);
        Curve back = arc(q, v.times(-1), joint);
        if (first instanceof Arc a
                && back instanceof Arc b
                && a.centre().distance(b.centre()) <= 1e-9 * (a.radius() + way.length())
                && Math.abs(a.sweep()) + Math.abs(b.sweep()) < 2 * Math.PI
                && a.sweep() * b.sweep() < 0) {
            return List.of(new Arc(a.centre(), a.radius(), a.from(), a.sweep() - b.sweep()));
        }
        return List.of(first, back.reversed());
    }

    /** How far along each heading the two tangents run that meet in the joint's. */
    private static double reach(Point way, Point u, Point v) {
        double along = way.dot(u.plus(v));
        double bend = 2 * (1 - u.dot(v));
        if (bend > 1e-12) {
            return (Math.sqrt(along * along + bend * way.dot(way)) - along) / bend;
        }
        // The same heading at both ends: an S, or two half circles where it is square to the way.
        double ahead = 4 * way.dot(v);
        return Math.abs(ahead) > 1e-9 * way.length() ? way.dot(way) / ahead : 1e6 * way.length();
    }

    /** The arc, or line, from a place with a heading to another place. */
    private static Curve arc(Point p, Point heading, Point to) {
        Point way = to.minus(p);
        double aside = heading.right().dot(way);
        if (Math.abs(aside) <= STRAIGHT * way.length()) {
            return new Line(p, to);
        }
        double radius = way.dot(way) / (2 * aside);
        Point centre = p.plus(heading.right().times(radius));
        double from = Math.atan2(p.y() - centre.y(), p.x() - centre.x());
        double end = Math.atan2(to.y() - centre.y(), to.x() - centre.x());
        double sweep = end - from;
        double turn = 2 * Math.PI;
        // The right-hand side is clockwise on the page, as is a positive sweep.
        sweep = radius > 0 ? ((sweep % turn) + turn) % turn : -(((-sweep % turn) + turn) % turn);
        return new Arc(centre, Math.abs(radius), from, sweep == 0 ? Math.copySign(turn, radius) : sweep);
    }
}
