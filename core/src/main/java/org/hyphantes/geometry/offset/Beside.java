package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Fitting;
import org.hyphantes.geometry.HermiteFit;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.SmoothCurve;

/** The curves beside one curve, at an even distance or at one that changes with length. */
final class Beside {
    /** At a speed below this, in lengths of the curve, its heading is found as a limit. */
    private static final double STILL = 1e-6;

    private Beside() {}

    /**
     * The parallel to the right-hand side, negative to the left: exact for lines and arcs, fitted for cubics.
     *
     * @return empty when an arc shrinks away to nothing
     */
    static Optional<List<Curve>> parallel(Curve curve, double distance, double tolerance) {
        return curve.as(
                line -> Optional.of(List.of(line.parallel(distance))),
                arc -> arc.parallel(distance).map(List::of),
                cubic -> Optional.of(fitted(cubic, distance, tolerance)));
    }

    private static List<Curve> fitted(Cubic cubic, double distance, double tolerance) {
        double still = STILL * cubic.hullLength();
        SmoothCurve beside = new SmoothCurve() {
            @Override
            public Point at(double t) {
                Point velocity = cubic.velocity(t);
                double speed = velocity.length();
                return speed <= still
                        ? Beside.at(cubic, t, distance)
                        : cubic.at(t).plus(velocity.right().times(distance / speed));
            }

            @Override
            public Point velocity(double t) {
                return cubic.velocity(t).times(1 - distance * cubic.curvature(t));
            }
        };
        return List.copyOf(HermiteFit.of(beside, 0, 1, tolerance));
    }

    static Point at(Curve curve, double t, double distance) {
        return curve.at(t).plus(curve.tangent(t).right().times(distance));
    }

    /**
     * One edge of a band that changes its width evenly with length: from half a width at the curve's start to another at its
     * end, to the right-hand side for {@code side} 1, to the left for -1.
     */
    static List<Curve> tapered(Curve curve, double fromHalf, double toHalf, int side, double tolerance) {
        if (curve instanceof Line) {
            return List.of(new Line(at(curve, 0, side * fromHalf), at(curve, 1, side * toHalf)));
        }
        double length = curve.length();
        double slope = (toHalf - fromHalf) / length;
        boolean even = curve instanceof Arc;
        SmoothCurve edge = new SmoothCurve() {
            private double half(double t) {
                return fromHalf + slope * (even ? t * length : curve.lengthTo(t));
            }

            @Override
            public Point at(double t) {
                return Beside.at(curve, t, side * half(t));
            }

            @Override
            public Point velocity(double t) {
                Point along = curve.velocity(t).times(1 - side * half(t) * curve.curvature(t));
                Point aside = curve.tangent(t)
                        .right()
                        .times(side * slope * curve.velocity(t).length());
                return along.plus(aside);
            }
        };
        return List.copyOf(Fitting.of(edge, 0, 1, tolerance));
    }
}
