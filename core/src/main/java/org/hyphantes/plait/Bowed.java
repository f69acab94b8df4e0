package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** The closed path through the nodes of a strand: lines and arcs that follow on one another smoothly, save at tips. */
final class Bowed {
    /** How much of the way to the next node a strand runs straight on after a crossing, where it then bends much or little. */
    static final double RUN_BEFORE_TURN = 0.25;

    /** The same along a plan that is bowed itself. */
    static final double RUN_BOWED = 0.06;

    /** The same where it then bends little by little. */
    private static final double RUN_EASED = 0.06;

    private static final double RUN = 0.1;
    private static final double MUCH = Math.toRadians(25);
    private static final double TOO_MUCH = Math.toRadians(55);

    private Bowed() {}

    /** @param before how much of the way a strand runs straight on between a crossing and a turn */
    static Path path(List<Node> nodes, double before) {
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            between(curves, nodes.get(i), nodes.get((i + 1) % nodes.size()), before);
        }
        if (nodes.get(0).kind() == Node.Kind.CROSSING) {
            // No crossing falls on the start of the path: it begins where the straight run after it ends.
            curves.add(curves.remove(0));
        }
        return new Path(merged(curves), true);
    }

    /** What leads from each node to the next, from the first to the last. */
    static List<List<Curve>> legs(List<Node> nodes, double before) {
        List<List<Curve>> legs = new ArrayList<>();
        for (int i = 0; i + 1 < nodes.size(); i++) {
            List<Curve> leg = new ArrayList<>();
            between(leg, nodes.get(i), nodes.get(i + 1), before);
            legs.add(leg);
        }
        return legs;
    }

    static Path path(List<Curve> curves) {
        return new Path(merged(curves), false);
    }

    private static void between(List<Curve> curves, Node from, Node to, double before) {
        Point p = from.place();
        Point q = to.place();
        Point way = q.minus(p).unit();
        boolean fromTip = from.kind() == Node.Kind.TIP;
        boolean toTip = to.kind() == Node.Kind.TIP;
        // Where the straight way to a tip would leave a crossing with a kink, it is bowed instead.
        Point u = !fromTip ? from.heading() : toTip ? way : reflected(to.heading(), way);
        Point v = !toTip ? to.heading() : fromTip ? way : reflected(from.heading(), way);
        double turn = Math.acos(Math.max(-1, Math.min(1, u.dot(v))));
        if (before == RUN_BEFORE_TURN && eased(curves, from, to)) {
            return;
        }
        double run = turn > MUCH && turn < TOO_MUCH ? before : Math.min(RUN, before);
        double distance = p.distance(q);
        Point a = from.kind() == Node.Kind.CROSSING ? p.plus(u.times(run * distance)) : p;
        Point b = to.kind() == Node.Kind.CROSSING ? q.minus(v.times(run * distance)) : q;
        if (!a.equals(p)) {
            curves.add(new Line(p, a));
        }
        curves.addAll(Biarc.of(a, u, b, v));
        if (!b.equals(q)) {
            curves.add(new Line(b, q));
        }
    }

    /** Whether a strand goes from a crossing to a turn, or back, by a way whose curvature grows evenly; that is added then. */
    private static boolean eased(List<Curve> curves, Node from, Node to) {
        boolean into = from.kind() == Node.Kind.CROSSING && to.kind() == Node.Kind.TURN;
        boolean back = from.kind() == Node.Kind.TURN && to.kind() == Node.Kind.CROSSING;
        if (!into && !back) {
            return false;
        }
        Point u = into ? from.heading() : to.heading().times(-1);
        Point v = into ? to.heading() : from.heading().times(-1);
        Point start = into ? from.place() : to.place();
        Point end = into ? to.place() : from.place();
        List<Curve> way = Eased.into(start, u, end, v, RUN_EASED * start.distance(end));
        for (int i = 0; i < way.size(); i++) {
            curves.add(into ? way.get(i) : way.get(way.size() - 1 - i).reversed());
        }
        return !way.isEmpty();
    }

    /** A heading mirrored in a way: the other end of the single arc that leaves along it. */
    private static Point reflected(Point heading, Point way) {
        return way.times(2 * way.dot(heading)).minus(heading).unit();
    }

    /** Lines that run on straight made one, and arcs of one circle. */
    private static List<Curve> merged(List<Curve> curves) {
        List<Curve> result = new ArrayList<>();
        for (Curve curve : curves) {
            int last = result.size() - 1;
            Curve one = last < 0 ? null : joined(result.get(last), curve);
            if (one == null) {
                result.add(curve);
            } else {
                result.set(last, one);
            }
        }
        return result;
    }

    private static Curve joined(Curve a, Curve b) {
        if (a instanceof Line p && b instanceof Line q) {
            Point u = p.tangent(0);
            Point v = q.tangent(0);
            return Math.abs(u.cross(v)) <= 1e-10 && u.dot(v) > 0 ? new Line(p.start(), q.end()) : null;
        }
        if (a instanceof Arc p && b instanceof Arc q) {
            boolean one = p.centre().distance(q.centre())
                            <= 1e-10 * (p.radius() + p.centre().length())
                    && Math.abs(p.radius() - q.radius()) <= 1e-10 * p.radius()
                    && p.sweep() * q.sweep() > 0
                    && Math.abs(p.sweep() + q.sweep()) < 2 * Math.PI - 1e-6;
            return one ? new Arc(p.centre(), p.radius(), p.from(), p.sweep() + q.sweep()) : null;
        }
        return null;
    }
}
