package org.hyphantes.geometry;

import java.util.List;

/**
 * Cubics along a smooth curve, within a tolerance of it, with its places and headings at their joints.
 *
 * <p>The lengths of the two handles of each cubic are found by least squares over the distances at places between, each
 * measured to the nearest point of the cubic. A stretch that strays too far, measured at sixteen places, is halved.
 *
 * <p>Source of the method: J. Hoschek, Spline approximation of offset curves, CAGD 5 (1988).
 */
public final class Fitting extends CubicFit {
    private static final int INNER = 5;
    private static final int CHECKED = 16;
    private static final int DEEPEST = 24;

    /** A step of the handles smaller than this, in tolerances, is the last. */
    private static final double SETTLED = 0.05;

    /** After so many rounds the distances hardly change any more. */
    private static final int HOPELESS = 2;

    /** So many tolerances off then, the stretch is too long for one cubic. */
    private static final double FAR = 40;

    private Fitting(SmoothCurve curve, double tolerance) {
        super(curve, tolerance);
    }

    /**
     * The cubics from one parameter to another, in order.
     *
     * @param tolerance how far (mm) they may stray from the curve, and it from them
     */
    public static List<Cubic> of(SmoothCurve curve, double from, double to, double tolerance) {
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
        Point first = curve.velocity(from);
        Point last = curve.velocity(to);
        Point leaving = heading(from, to, start, end, first, true);
        Point arriving = heading(from, to, start, end, last, false);
        double span = to - from;
        double chord = start.distance(end);
        double a = Math.abs(first.length() * span) / 3;
        double b = Math.abs(last.length() * span) / 3;
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
            Powers now = Powers.of(cubic(start, leaving, a, arriving, b, end), Point.ORIGIN);
            HandleSteps sums = new HandleSteps(Double.MIN_NORMAL);
            for (int k = 0; k < INNER; k++) {
                u[k] = now.towards(target[k].x(), target[k].y(), u[k], 1);
                sums.add(now, u[k], target[k], leaving, arriving);
            }
            if (round == HOPELESS && sums.worst() > FAR * tolerance) {
                break;
            }
            double stepA = sums.step(true);
            double stepB = sums.step(false);
            if (!isHandle(a + stepA, chord) || !isHandle(b + stepB, chord)) {
                break;
            }
            a += stepA;
            b += stepB;
            // By what is left of a step the distances change by its square.
            if (Math.abs(stepA) + Math.abs(stepB) <= Math.max(1e-9 * chord, SETTLED * tolerance)) {
                break;
            }
        }
        return cubic(start, leaving, a, arriving, b, end);
    }

    private static Cubic cubic(Point start, Point leaving, double a, Point arriving, double b, Point end) {
        return new Cubic(start, start.plus(leaving.times(a)), end.minus(arriving.times(b)), end);
    }

    /** How far the cubic strays; no more than that it is too far where it is. The middle and the quarters tell first. */
    private double strays(Cubic cubic, double from, double to) {
        double most = 0;
        Powers powers = Powers.of(cubic, Point.ORIGIN);
        for (int step = CHECKED / 2; step >= 1; step /= 2) {
            for (int k = step; k < CHECKED; k += 2 * step) {
                double share = (double) k / CHECKED;
                Point target = curve.at(from + share * (to - from));
                most = Math.max(
                        most,
                        cubic.at(powers.towards(target.x(), target.y(), share, 3))
                                .distance(target));
                if (most > tolerance) {
                    return most;
                }
            }
        }
        return most;
    }
}
