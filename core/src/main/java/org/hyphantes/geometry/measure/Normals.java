package org.hyphantes.geometry.measure;

import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/** Lines that stand square on two curves at once: the places where their distance neither grows nor shrinks. */
final class Normals {
    private Normals() {}

    /** Parameters on two curves. */
    record Feet(double onFirst, double onSecond) {}

    /**
     * Newton's method from a guess, by the lengths along both curves; null when it does not settle between their ends.
     *
     * <p>Half the squared distance has by length the second derivatives 1 + k d.n, 1 - k d.n and, mixed, minus the cosine
     * between the headings: the formulas of Frenet in the plane.
     */
    static Feet common(Curve a, Curve b, Feet guess) {
        double t = guess.onFirst;
        double s = guess.onSecond;
        double slack = 1e-9;
        for (int i = 0; i < 40; i++) {
            Point d = a.at(t).minus(b.at(s));
            Point u = a.tangent(t);
            Point v = b.tangent(s);
            double gradientA = d.dot(u);
            double gradientB = -d.dot(v);
            double haa = 1 + a.curvature(t) * d.dot(u.right());
            double hbb = 1 - b.curvature(s) * d.dot(v.right());
            double hab = -u.dot(v);
            double det = haa * hbb - hab * hab;
            double stepA;
            double stepB;
            if (Math.abs(det) > 1e-9) {
                stepA = -(hbb * gradientA - hab * gradientB) / det;
                stepB = -(haa * gradientB - hab * gradientA) / det;
            } else {
                // Side by side, as parallel lines are: the foot from one to the other is enough.
                stepA = 0;
                stepB = -gradientB;
            }
            double speedA = a.velocity(t).length();
            double speedB = b.velocity(s).length();
            if (speedA == 0 || speedB == 0) {
                return null;
            }
            double nextT = t + Math.max(-0.2, Math.min(0.2, stepA / speedA));
            double nextS = s + Math.max(-0.2, Math.min(0.2, stepB / speedB));
            if (nextT < -0.3 || nextT > 1.3 || nextS < -0.3 || nextS > 1.3) {
                return null;
            }
            boolean settled = Math.abs(nextT - t) + Math.abs(nextS - s) <= 1e-14;
            t = nextT;
            s = nextS;
            if (settled) {
                break;
            }
        }
        if (t < -slack || t > 1 + slack || s < -slack || s > 1 + slack) {
            return null;
        }
        Feet feet = new Feet(Math.max(0, Math.min(1, t)), Math.max(0, Math.min(1, s)));
        Point d = a.at(feet.onFirst).minus(b.at(feet.onSecond));
        double off = Math.abs(d.dot(a.tangent(feet.onFirst))) + Math.abs(d.dot(b.tangent(feet.onSecond)));
        return off <= 1e-7 * (d.length() + 1e-6 * a.length()) ? feet : null;
    }
}
