package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/** What all fits of cubics to a smooth curve share: the curve, how far they may stray from it, what has been found, and headings at joints. */
abstract sealed class CubicFit permits Fitting, HermiteFit {
    final SmoothCurve curve;
    final double tolerance;
    final List<Cubic> found = new ArrayList<>();

    /**
     * @param tolerance how far (mm) the cubics may stray from the curve, and it from them
     * @throws IllegalArgumentException if that is not above 0
     */
    CubicFit(SmoothCurve curve, double tolerance) {
        if (!(tolerance > 0)) {
            throw new IllegalArgumentException("a tolerance must be above 0, not " + tolerance);
        }
        this.curve = curve;
        this.tolerance = tolerance;
    }

    /**
     * The unit heading at an end of a stretch; where the curve stands still there, that of the way a little further in.
     *
     * @param velocity of the curve at that end
     * @param leaving whether at its start
     */
    final Point heading(double from, double to, Point start, Point end, Point velocity, boolean leaving) {
        double span = to - from;
        if (velocity.length() * Math.abs(span) > 1e-9 * start.distance(end)) {
            return velocity.times(Math.signum(span)).unit();
        }
        double inward = span * 1e-4;
        return leaving
                ? curve.at(from + inward).minus(start).unit()
                : end.minus(curve.at(to - inward)).unit();
    }

    /** Whether a handle of such a length has a use on a stretch with such a chord. */
    static boolean isHandle(double length, double chord) {
        return length > 1e-3 * chord && length <= 3 * chord;
    }
}
