package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/** Takes out the seams where a curve was divided and the pieces belong together again. */
final class Seams {
    private Seams() {}

    /** A closed round of curves with neighbours on one line or circle made one; lengths within {@code epsilon} are none. */
    static List<Curve> closed(List<Curve> round, double epsilon) {
        List<Curve> result = new ArrayList<>(round.size());
        for (Curve curve : round) {
            int last = result.size() - 1;
            Curve joined = last >= 0 ? joined(result.get(last), curve, epsilon) : null;
            if (joined == null) {
                result.add(curve);
            } else {
                result.set(last, joined);
            }
        }
        if (result.size() > 1) {
            Curve joined = joined(result.get(result.size() - 1), result.get(0), epsilon);
            if (joined != null) {
                result.remove(result.size() - 1);
                result.set(0, joined);
            }
        }
        return result;
    }

    private static Curve joined(Curve a, Curve b, double epsilon) {
        if (a instanceof Arc p && b instanceof Arc q && continues(p, q)) {
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

    /** Whether one arc is a stretch of the same circle as another, running the same way. */
    private static boolean continues(Arc a, Arc b) {
        return a.centre().equals(b.centre()) && a.radius() == b.radius() && a.sweep() * b.sweep() > 0;
    }
}
