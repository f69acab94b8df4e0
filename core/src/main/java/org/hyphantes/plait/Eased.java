package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/**
 * The way from a straight run into a turn, or back, whose curvature begins at none and changes least (the integral of the square of
 * its change by length is least): curvature grows as a polynomial of the second degree in the length (calculus of variations, from
 * memory; the idea of least change is of H. P. Moreton and C. H. Séquin, Functional optimization for fair surface design, SIGGRAPH
 * 1992). It is drawn as arcs that follow on one another smoothly.
 *
 * @param turned the angle (radians, with its sign) through which it turns
 * @param slow the share of the square of the length in it, the rest being that of its cube: 3/2 where it may end as it likes
 */
record Eased(double turned, double slow) {
    /** Where the end of the turn is free, its curvature does not change there any more. */
    private static final double FREE = 1.5;

    /** Below this it runs straight on first rather than to turn still later; above the other it would have to turn back. */
    private static final double LATE = 1;

    private static final double EARLY = 2;

    private static final int PARTS = 2;

    /** Places and weights of Gauss and Legendre's rule of five places on 0 to 1 (M. Abramowitz and I. A. Stegun, table 25.4, from memory). */
    private static final double[] AT = {
        0.046910077030668, 0.2307653449471585, 0.5, 0.7692346550528415, 0.953089922969332
    };

    private static final double[] WEIGHT = {
        0.1184634425280945, 0.2393143352496833, 0.2844444444444444, 0.2393143352496833, 0.1184634425280945
    };

    /**
     * How far (as a share of the way along it) a turn comes aside that leaves its straight run at an angle to the edge along which it
     * ends, if it is let end as it likes.
     *
     * @param bend in radians, above 0 and up to a right angle
     */
    static double rise(double bend) {
        Point end = new Eased(bend, FREE).end(1);
        Point level = new Point(Math.cos(bend), Math.sin(bend));
        return end.cross(level) / end.dot(level);
    }

    /**
     * The curves from a place with a heading, straight on as far as there is room, and into a turn; none where no such way leads there.
     *
     * @param least how far (mm) it runs straight on at least
     */
    static List<Curve> into(Point p, Point u, Point q, Point v, double least) {
        double turned = Math.atan2(u.cross(v), u.dot(v));
        Point way = q.minus(p);
        double aside = Math.abs(u.cross(way));
        if (Math.abs(turned) < 1e-6 || turned * u.cross(way) <= 0) {
            return List.of();
        }
        double run = Math.max(least, u.dot(way) - aside / Math.tan(aside(turned, LATE)));
        double wanted = Math.atan2(aside, u.dot(way) - run);
        if (aside(turned, EARLY) < wanted) {
            return List.of();
        }
        double slow = slow(turned, wanted);
        Point from = p.plus(u.times(run));
        List<Curve> curves = new ArrayList<>(List.of(new Line(p, from)));
        curves.addAll(new Eased(turned, slow).arcs(from, u, q, v));
        return curves;
    }

    /** How it must turn to come so far aside: the more it turns early, the further it comes. */
    private static double slow(double turned, double aside) {
        double low = LATE;
        double high = EARLY;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (aside(turned, middle) < aside) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** The angle (radians) at which its end is seen from its beginning. */
    private static double aside(double turned, double slow) {
        Point end = new Eased(Math.abs(turned), slow).end(1);
        return Math.atan2(end.y(), end.x());
    }

    /** The angle turned through after a share of the length. */
    private double angle(double share) {
        return turned * share * share * (slow + (1 - slow) * share);
    }

    /** The place after a share of the length, begun at the origin along the first axis, for a length of one. */
    private Point end(double share) {
        double x = 0;
        double y = 0;
        for (int part = 0; part < 4; part++) {
            for (int i = 0; i < AT.length; i++) {
                double angle = angle(share * (part + AT[i]) / 4);
                x += WEIGHT[i] * Math.cos(angle);
                y += WEIGHT[i] * Math.sin(angle);
            }
        }
        return new Point(x * share / 4, y * share / 4);
    }

    private List<Curve> arcs(Point p, Point u, Point q, Point v) {
        double length = p.distance(q) / end(1).length();
        List<Curve> arcs = new ArrayList<>();
        Point from = p;
        Point heading = u;
        for (int part = 1; part <= PARTS; part++) {
            double share = (double) part / PARTS;
            Point on = end(share).times(length);
            double angle = angle(share);
            Point to =
                    part == PARTS ? q : p.plus(u.times(on.x())).plus(u.right().times(on.y()));
            Point then =
                    part == PARTS ? v : u.times(Math.cos(angle)).plus(u.right().times(Math.sin(angle)));
            arcs.addAll(Biarc.of(from, heading, to, then));
            from = to;
            heading = then;
        }
        return arcs;
    }
}
