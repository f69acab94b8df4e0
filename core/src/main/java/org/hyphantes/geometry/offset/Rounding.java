package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A path with corners rounded by arcs that touch both sides.
 *
 * <p>A corner has the number of the curve that begins there. The centre of its arc is where the parallels of both sides meet,
 * found by Newton's method, which on lines and circles ends at the closed form.
 *
 * @param path the rounded path
 * @param refused the corners that were asked for but whose sides are too short for the radius; they stay as they are
 */
public record Rounding(Path path, List<Integer> refused) {
    /** Turns smaller than this (as a sine) are no corners. */
    private static final double SMOOTH = 1e-6;

    public Rounding {
        refused = List.copyOf(refused);
    }

    private record Fillet(double endsAt, double beginsAt, Arc arc) {}

    /**
     * All corners that are wanted, rounded by a radius in mm.
     *
     * @throws IllegalArgumentException if the radius is not above 0
     */
    public static Rounding of(Path path, double radius, IntPredicate wanted) {
        if (!(radius > 0) || !Double.isFinite(radius)) {
            throw new IllegalArgumentException("a corner is rounded by a radius above 0, not " + radius);
        }
        int n = path.size();
        Fillet[] fillets = new Fillet[n];
        List<Integer> refused = new ArrayList<>();
        double[] begin = new double[n];
        double[] end = new double[n];
        Arrays.fill(end, 1);
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            if (!wanted.test(i)) {
                continue;
            }
            int before = i == 0 ? n - 1 : i - 1;
            Curve a = path.curves().get(before);
            Curve b = path.curves().get(i);
            Point u = a.tangent(1);
            Point v = b.tangent(0);
            if (Math.abs(u.cross(v)) <= SMOOTH && u.dot(v) > 0) {
                continue;
            }
            Fillet fillet = fillet(a, b, radius);
            if (fillet == null
                    || fillet.endsAt < begin[before] - 1e-12
                    || fillet.beginsAt > end[i] + 1e-12
                    || before == i && fillet.beginsAt > fillet.endsAt) {
                refused.add(i);
                continue;
            }
            fillets[i] = fillet;
            end[before] = fillet.endsAt;
            begin[i] = fillet.beginsAt;
        }
        List<Curve> round = new ArrayList<>(2 * n);
        for (int i = 0; i < n; i++) {
            if (fillets[i] != null) {
                round.add(fillets[i].arc);
            }
            Curve curve = path.curves().get(i);
            if ((end[i] - begin[i]) * curve.length() > 1e-12 * path.length()) {
                round.add(begin[i] == 0 && end[i] == 1 ? curve : curve.part(begin[i], end[i]));
            }
        }
        return new Rounding(new Path(round, path.closed()), refused);
    }

    private static Fillet fillet(Curve a, Curve b, double radius) {
        Point u = a.tangent(1);
        Point v = b.tangent(0);
        double turn = Math.atan2(u.cross(v), u.dot(v));
        double side = Math.signum(turn) * radius;
        double setback = radius * Math.tan(Math.abs(turn) / 2);
        if (!Double.isFinite(setback) || setback > 4 * (a.length() + b.length())) {
            return null;
        }
        double t = 1 - setback / a.length();
        double s = setback / b.length();
        t = Math.max(0, t);
        s = Math.min(1, s);
        for (int i = 0; i < 60; i++) {
            Point p = Beside.at(a, t, side);
            Point q = Beside.at(b, s, side);
            Point pv = a.velocity(t).times(1 - side * a.curvature(t));
            Point qv = b.velocity(s).times(1 - side * b.curvature(s));
            Point off = q.minus(p);
            double cross = pv.cross(qv);
            if (cross == 0) {
                return null;
            }
            double stepT = off.cross(qv) / cross;
            double stepS = off.cross(pv) / cross;
            stepT = Math.max(-0.25, Math.min(0.25, stepT));
            stepS = Math.max(-0.25, Math.min(0.25, stepS));
            t += stepT;
            s += stepS;
            if (Math.abs(stepT) + Math.abs(stepS) < 1e-15) {
                break;
            }
        }
        double slack = 1e-9;
        boolean meets = Beside.at(a, t, side).distance(Beside.at(b, s, side)) <= 1e-9 * (radius + a.length());
        if (!meets || t < -slack || s > 1 + slack || t >= 1 || s <= 0) {
            return null;
        }
        t = Math.max(0, t);
        s = Math.min(1, s);
        Point centre = Beside.at(a, t, side).middle(Beside.at(b, s, side));
        Point from = a.at(t).minus(centre);
        Point to = b.at(s).minus(centre);
        double sweep = Math.atan2(from.cross(to), from.dot(to));
        // The arc turns the way the corner does.
        sweep = sweep * side < 0 ? sweep + Math.copySign(2 * Math.PI, side) : sweep;
        return sweep == 0 ? null : new Fillet(t, s, new Arc(centre, radius, Math.atan2(from.y(), from.x()), sweep));
    }
}
