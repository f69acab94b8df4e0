package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Cubics along a smooth curve, within a tolerance of it, with its places and headings at their joints.
 *
 * <p>The lengths of the two handles of each cubic are found by least squares over the distances at places between, each
 * measured to the nearest point of the cubic. A stretch that strays too far, measured at sixteen places, is halved.
 *
 * <p>Source of the method: J. Hoschek, Spline approximation of offset curves, CAGD 5 (1988).
 */
public final class Fitting {
    private static final int INNER = 5;
    private static final int CHECKED = 16;
    private static final int DEEPEST = 14;

    private final SmoothCurve curve;
    private final double tolerance;
    private final List<Cubic> found = new ArrayList<>();

    private Fitting(SmoothCurve curve, double tolerance) {
        this.curve = curve;
        this.tolerance = tolerance;
    }

    /**
     * The cubics from one parameter to another, in order.
     *
     * @param tolerance how far (mm) they may stray from the curve, and it from them
     */
    public static List<Cubic> of(SmoothCurve curve, double from, double to, double tolerance) {
        if (!(tolerance > 0)) {
            throw new IllegalArgumentException("a tolerance must be above 0, not " + tolerance);
        }
        Fitting fitting = new Fitting(curve, tolerance);
        fitting.fit(from, to, curve.at(from), curve.at(to), 0);
        return fitting.found;
    }

    private void fit(double from, double to, Point start, Point end, int depth) {
        Cubic cubic = fitted(from, to, start, end);
        if (depth >= DEEPEST || strays(cubic, from, to) <= tolerance) {
            found.add(cubic);
            return;
        }
        double middle = (from + to) / 2;
        Point between = curve.at(middle);
        fit(from, middle, start, between, depth + 1);
        fit(middle, to, between, end, depth + 1);
    }

    private Cubic fitted(double from, double to, Point start, Point end) {
        Point leaving = heading(from, to, start, end, true);
        Point arriving = heading(from, to, start, end, false);
        double span = to - from;
        double chord = start.distance(end);
        double a = Math.abs(curve.velocity(from).length() * span) / 3;
        double b = Math.abs(curve.velocity(to).length() * span) / 3;
        a = a > chord * 1e-3 && a < 3 * chord ? a : chord / 3;
        b = b > chord * 1e-3 && b < 3 * chord ? b : chord / 3;
        double[] u = new double[INNER];
        Point[] target = new Point[INNER];
        for (int k = 0; k < INNER; k++) {
            u[k] = (k + 1.0) / (INNER + 1);
            target[k] = curve.at(from + u[k] * span);
        }
        for (int round = 0; round < 6; round++) {
            Watch.ask();
            Cubic now = cubic(start, leaving, a, arriving, b, end);
            double aa = 0;
            double ab = 0;
            double bb = 0;
            double ra = 0;
            double rb = 0;
            for (int k = 0; k < INNER; k++) {
                u[k] = towards(now, target[k], u[k]);
                Point normal = now.velocity(u[k]).right().unit();
                double s = 1 - u[k];
                double da = 3 * u[k] * s * s * leaving.dot(normal);
                double db = -3 * u[k] * u[k] * s * arriving.dot(normal);
                double rest = target[k].minus(now.at(u[k])).dot(normal);
                aa += da * da;
                ab += da * db;
                bb += db * db;
                ra += da * rest;
                rb += db * rest;
            }
            // A little weight on staying put, so that nearly straight stretches have an answer.
            double weight = 1e-12 * (aa + bb) + Double.MIN_NORMAL;
            double det = (aa + weight) * (bb + weight) - ab * ab;
            double stepA = ((bb + weight) * ra - ab * rb) / det;
            double stepB = ((aa + weight) * rb - ab * ra) / det;
            if (!(a + stepA > 1e-3 * chord)
                    || !(b + stepB > 1e-3 * chord)
                    || a + stepA > 3 * chord
                    || b + stepB > 3 * chord) {
                break;
            }
            a += stepA;
            b += stepB;
            if (Math.abs(stepA) + Math.abs(stepB) <= 1e-9 * chord) {
                break;
            }
        }
        return cubic(start, leaving, a, arriving, b, end);
    }

    /** The unit heading at an end; where the curve stands still there, that of the way a little further in. */
    private Point heading(double from, double to, Point start, Point end, boolean leaving) {
        Point velocity = curve.velocity(leaving ? from : to).times(Math.signum(to - from));
        double chord = start.distance(end);
        if (velocity.length() * Math.abs(to - from) > 1e-9 * chord) {
            return velocity.unit();
        }
        double inward = (to - from) * 1e-4;
        return leaving
                ? curve.at(from + inward).minus(start).unit()
                : end.minus(curve.at(to - inward)).unit();
    }

    private static Cubic cubic(Point start, Point leaving, double a, Point arriving, double b, Point end) {
        return new Cubic(start, start.plus(leaving.times(a)), end.minus(arriving.times(b)), end);
    }

    private static double towards(Cubic cubic, Point target, double begin) {
        double u = begin;
        for (int i = 0; i < 3; i++) {
            Point off = cubic.at(u).minus(target);
            Point v = cubic.velocity(u);
            double bend = v.dot(v) + off.dot(cubic.acceleration(u));
            if (bend <= 0) {
                break;
            }
            u = Math.max(0, Math.min(1, u - off.dot(v) / bend));
        }
        return u;
    }

    private double strays(Cubic cubic, double from, double to) {
        double most = 0;
        for (int k = 1; k < CHECKED; k++) {
            double share = (double) k / CHECKED;
            Point target = curve.at(from + share * (to - from));
            most = Math.max(most, cubic.at(towards(cubic, target, share)).distance(target));
        }
        return most;
    }
}
