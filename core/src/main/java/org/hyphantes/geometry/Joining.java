package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/** Makes neighbours that lie on one line or circle one curve again. */
public final class Joining {
    private Joining() {}

    /** A path without seams along one line or circle. */
    public static Path joined(Path path) {
        List<Curve> joined = joined(
                path.curves(), path.closed(), 8 * Tolerance.of(path.box()).distance());
        return joined == path.curves() ? path : new Path(joined, path.closed());
    }

    /** A chain of curves with neighbours on one carrier joined, also over its start when it is closed. */
    public static List<Curve> joined(List<Curve> chain, boolean closed, double epsilon) {
        if (!hasSeam(chain, closed, epsilon)) {
            return chain;
        }
        List<Curve> result = new ArrayList<>(chain.size());
        for (Curve curve : chain) {
            int last = result.size() - 1;
            Curve joined = last >= 0 ? joined(result.get(last), curve, epsilon) : null;
            if (joined == null) {
                result.add(curve);
            } else {
                result.set(last, joined);
            }
        }
        if (closed && result.size() > 1) {
            Curve joined = joined(result.get(result.size() - 1), result.get(0), epsilon);
            if (joined != null) {
                result.remove(result.size() - 1);
                result.set(0, joined);
            }
        }
        return result;
    }

    private static boolean hasSeam(List<Curve> chain, boolean closed, double epsilon) {
        for (int i = closed && chain.size() > 1 ? 0 : 1; i < chain.size(); i++) {
            if (joined(chain.get(i == 0 ? chain.size() - 1 : i - 1), chain.get(i), epsilon) != null) {
                return true;
            }
        }
        return false;
    }

    private static Curve joined(Curve a, Curve b, double epsilon) {
        if (a instanceof Arc p && b instanceof Arc q && continues(p, q, epsilon)) {
            double sweep = p.sweep() + q.sweep();
            return Math.abs(sweep) <= 2 * Math.PI * (1 + 1e-12)
                    ? new Arc(p.centre(), p.radius(), p.from(), sweep)
                    : null;
        }
        if (a instanceof Line p && b instanceof Line q && p.tangent(1).dot(q.tangent(0)) > 0) {
            Point along = q.end().minus(p.start());
            double off = Math.abs(p.end().minus(p.start()).cross(along)) / along.length();
            return off <= epsilon ? new Line(p.start(), q.end()) : null;
        }
        return null;
    }

    /** Whether one arc goes on along the circle of another, the same way. */
    private static boolean continues(Arc a, Arc b, double epsilon) {
        return a.sweep() * b.sweep() > 0
                && a.centre().distance(b.centre()) <= epsilon
                && Math.abs(a.radius() - b.radius()) <= epsilon;
    }
}
