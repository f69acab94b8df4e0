package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/** What bounds the wedge between the strips beside two curves on the outer side of the corner where one goes over into the other. */
final class Wedge {
    /** A turn (radians) smaller than this gives no corner worth a shape: the gap is filled straight across. */
    private static final double HARDLY = 1e-4;

    private Wedge() {}

    /**
     * From the end of what runs beside the first curve to the beginning of what runs beside the second; empty where the corner's outer
     * side lies elsewhere.
     *
     * @param distance to the right-hand side (mm), negative to the left
     */
    static List<Curve> across(Curve arriving, Curve leaving, double distance, Corners corners) {
        Point at = leaving.start();
        Point u = arriving.tangent(1);
        Point v = leaving.tangent(0);
        double cross = u.cross(v);
        double turn = Math.atan2(Math.abs(cross), u.dot(v));
        Point a = arriving.end().plus(u.right().times(distance));
        Point b = at.plus(v.right().times(distance));
        boolean outer = cross * distance < 0 || turn > Math.PI - 1e-9;
        if (!outer || a.equals(b)) {
            return List.of();
        }
        if (turn <= HARDLY) {
            return List.of(new Line(a, b));
        }
        if (corners.kind() == Corner.ROUND) {
            double from = Math.atan2(a.y() - at.y(), a.x() - at.x());
            return List.of(new Arc(at, Math.abs(distance), from, Math.copySign(turn, -distance)));
        }
        return (corners.kind() == Corner.MITRED
                        ? mitre(arriving, leaving, a, b, distance, corners.limit())
                        : Optional.<List<Curve>>empty())
                .orElseGet(() -> List.of(new Line(a, b)));
    }

    /** From the end of one parallel out to where both run on to and back to the start of the other; empty beyond the limit. */
    private static Optional<List<Curve>> mitre(
            Curve arriving, Curve leaving, Point a, Point b, double distance, double limit) {
        Point at = leaving.start();
        Optional<Curve> first = carrier(arriving, true, distance);
        Optional<Curve> second = carrier(leaving, false, distance);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        Optional<Point> tip = Parallel.carriersMeet(
                first.get(), second.get(), a.middle(b).plus(a.middle(b).minus(at)));
        if (tip.isEmpty() || tip.get().distance(at) > limit * Math.abs(distance)) {
            return Optional.empty();
        }
        Curve out = runOn(first.get(), a, tip.get(), true);
        Curve back = runOn(second.get(), b, tip.get(), false);
        return out == null || back == null ? Optional.empty() : Optional.of(List.of(out, back));
    }

    private static Optional<Curve> carrier(Curve curve, boolean atEnd, double distance) {
        if (curve instanceof Arc arc) {
            return arc.parallel(distance).map(c -> c);
        }
        Point p = atEnd ? curve.end() : curve.start();
        Point heading = curve.tangent(atEnd ? 1 : 0);
        return Optional.of(new Line(p, p.plus(heading)).parallel(distance));
    }

    /** The way on along a carrier from the parallel's end to the tip, or from the tip to its start. */
    private static Curve runOn(Curve carrier, Point from, Point tip, boolean outward) {
        if (carrier instanceof Arc arc) {
            double a = Math.atan2(
                    from.y() - arc.centre().y(), from.x() - arc.centre().x());
            double b = Math.atan2(
                    tip.y() - arc.centre().y(), tip.x() - arc.centre().x());
            double way = outward ? b - a : a - b;
            double turn = 2 * Math.PI;
            double sweep = Math.signum(arc.sweep()) * (((Math.signum(arc.sweep()) * way) % turn + turn) % turn);
            // Only a short way on counts as a corner.
            if (Math.abs(sweep) > Math.PI || Math.abs(sweep) < 1e-12) {
                return null;
            }
            return new Arc(arc.centre(), arc.radius(), outward ? a : b, sweep);
        }
        return outward ? new Line(from, tip) : new Line(tip, from);
    }
}
