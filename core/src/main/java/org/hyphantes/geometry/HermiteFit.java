package org.hyphantes.geometry;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Cubics along a smooth curve, within a tolerance of it, with its places and headings at their joints.
 *
 * <p>The lengths of the two handles of each cubic are found so that it runs through two places between. It strays from the curve as
 * u&sup2;(1 - u)&sup2;(u - r)(u - 1 + r) does, but for higher powers, r and 1 - r being the shares at which these places lie; that is
 * least for r = 0.337, and most at 0.182, 0.5 and 0.818. There it is measured; at fifteen places more where the curve turns much, its
 * speed changes much or it strays at one of the three much further than at another; at four more where no cubic runs through both
 * places, or through one at quite another share; and near both ends where it does not stray little. A stretch that strays too far is
 * cut in as many as the sixth power tells.
 *
 * <p>Source of the order of what is left: C. de Boor, K. H&ouml;llig and M. Sabin, High accuracy geometric Hermite interpolation, CAGD 4
 * (1987); of offsets fitted by their distances: J. Hoschek, Spline approximation of offset curves, CAGD 5 (1988). Both from memory.
 */
public final class HermiteFit extends CubicFit {
    /** The share at which the first place lies through which a cubic runs. */
    private static final double THROUGH = 0.337;

    /** So many tolerances may be measured: between the places that are looked at a cubic strays up to a twentieth further. */
    private static final double MEASURED = 0.95;

    /** Shares at which a cubic strays most, the middle first. */
    private static final double[] MOST = {0.5, 0.182, 0.818};

    /** Where one may stray most that does so near an end. */
    private static final double[] BESIDE_ENDS = {0.095, 0.905};

    /** Where one is looked at besides that may not run through the places it should: there, and near the ends. */
    private static final double[] BETWEEN = {0.095, THROUGH, 1 - THROUGH, 0.905};

    private static final double[] NOWHERE = {};

    /** How far a cubic strays from what turns by 1 radian, in chords: from an arc a third of this, from what bends unevenly more. */
    private static final double OF_TURN = 4e-5;

    private static final double[] EVERYWHERE =
            IntStream.range(1, 16).mapToDouble(k -> k / 16.0).toArray();

    private static final int DEEPEST = 24;

    /** A stretch is cut in no more at once: of a longer one too little is known. */
    private static final int MOST_PARTS = 3;

    /** The cosine of a turn along a stretch, and a change of speed, that are not much. */
    private static final double LITTLE_TURN = Math.cos(Math.toRadians(40));

    private static final double LITTLE_CHANGE = 2;

    /** What strays no further than this, in tolerances, strays too far nowhere; and so what strays as far at all three places, but for this factor. */
    private static final double LITTLE = 0.3;

    private static final double EVEN = 1.5;

    /** A place so many tolerances along the cubic from the nearest one is as good as that; otherwise it is sought so many times more. */
    private static final double NEARLY = 10;

    private static final int MORE = 8;

    /** A turn (radians) along a stretch that is none: its handles stay as they are. */
    private static final double STRAIGHT = 1e-10;

    /** A cubic that runs through a place at a share further than this from the curve's own strays where such cubics do not. */
    private static final double IN_STEP = 0.06;

    private static final int ROUNDS = 6;

    /** A step of the handles the square of which is smaller than this, in tolerances and chords, is the last. */
    private static final double SETTLED = 0.02;

    /** A place of the curve and its velocity there. */
    private record Joint(double t, Point at, Point velocity) {}

    /**
     * What was tried between two joints: a cubic, and by how much its handles are longer than a third of the velocities, as shares,
     * which is by the square of how long the stretch is; and whether it runs through both places between, about where the curve does.
     */
    private record Trial(Cubic cubic, double longerA, double longerB, boolean settled) {}

    private static final Trial NONE = new Trial(null, 0, 0, false);

    private HermiteFit(SmoothCurve curve, double tolerance) {
        super(curve, MEASURED * tolerance);
    }

    /**
     * The cubics from one parameter to another, in order.
     *
     * @param tolerance how far (mm) they may stray from the curve, and it from them
     */
    public static List<Cubic> of(SmoothCurve curve, double from, double to, double tolerance) {
        HermiteFit fit = new HermiteFit(curve, tolerance);
        fit.fit(fit.joint(from), fit.joint(to), 0, 0, 0);
        return fit.found;
    }

    private Joint joint(double t) {
        return new Joint(t, curve.at(t), curve.velocity(t));
    }

    private void fit(Joint from, Joint to, double longerA, double longerB, int depth) {
        Watch.ask();
        double strays = likelyStrays(from, to);
        Trial trial = NONE;
        if (depth >= DEEPEST || strays <= tolerance) {
            trial = fitted(from, to, longerA, longerB);
            strays = strays(trial, from, to);
            if (depth >= DEEPEST || strays <= tolerance) {
                found.add(trial.cubic());
                return;
            }
        }
        int parts = (int) Math.max(2, Math.min(MOST_PARTS, Math.ceil(Math.pow(strays / tolerance, 1.0 / 6))));
        double squared = parts * parts;
        Joint before = from;
        for (int i = 1; i <= parts; i++) {
            Joint next = i == parts ? to : joint(from.t() + (to.t() - from.t()) * i / parts);
            fit(before, next, trial.longerA() / squared, trial.longerB() / squared, depth + 1);
            before = next;
        }
    }

    /** About how far a cubic will stray from what turns as much: what is surely too long for one is cut before it is tried. */
    private static double likelyStrays(Joint from, Joint to) {
        Point a = from.velocity();
        Point b = to.velocity();
        double speeds = Math.sqrt(a.dot(a) * b.dot(b));
        double squared = speeds > 0 ? 2 * Math.max(0, 1 - a.dot(b) / speeds) : 0;
        return OF_TURN * from.at().distance(to.at()) * squared * squared * Math.sqrt(squared);
    }

    private Trial fitted(Joint from, Joint to, double longerA, double longerB) {
        Point leaving = heading(from.t(), to.t(), from.at(), to.at(), from.velocity(), true);
        Point coming = heading(from.t(), to.t(), from.at(), to.at(), to.velocity(), false);
        double span = to.t() - from.t();
        double chord = from.at().distance(to.at());
        double thirdA = from.velocity().length() * Math.abs(span) / 3;
        double thirdB = to.velocity().length() * Math.abs(span) / 3;
        double a = thirdA * (1 + longerA);
        double b = thirdB * (1 + longerB);
        a = a > chord * 1e-3 && a < 3 * chord ? a : chord / 3;
        b = b > chord * 1e-3 && b < 3 * chord ? b : chord / 3;
        double u = THROUGH;
        double v = 1 - THROUGH;
        Point first = curve.at(from.t() + u * span);
        Point second = curve.at(from.t() + v * span);
        boolean settled = false;
        for (int round = 0; round < ROUNDS && !settled; round++) {
            Powers now = Powers.of(from.at(), leaving, a, coming, b, to.at());
            HandleSteps sums = new HandleSteps(STRAIGHT * STRAIGHT);
            u = now.towards(first.x(), first.y(), u, 1);
            sums.add(now, u, first, leaving, coming);
            v = now.towards(second.x(), second.y(), v, 1);
            sums.add(now, v, second, leaving, coming);
            double stepA = sums.step(true);
            double stepB = sums.step(false);
            if (!isHandle(a + stepA, chord) || !isHandle(b + stepB, chord)) {
                break;
            }
            a += stepA;
            b += stepB;
            // What is left of a step is its square; and along nearly straight stretches long steps change little.
            double step = Math.abs(stepA) + Math.abs(stepB);
            settled = sums.worst() <= SETTLED * tolerance || step * step <= SETTLED * tolerance * chord;
        }
        Cubic cubic =
                new Cubic(from.at(), from.at().plus(leaving.times(a)), to.at().minus(coming.times(b)), to.at());
        boolean inStep = Math.abs(u - THROUGH) < IN_STEP && Math.abs(v - 1 + THROUGH) < IN_STEP;
        return new Trial(cubic, thirdA > 0 ? a / thirdA - 1 : 0, thirdB > 0 ? b / thirdB - 1 : 0, settled && inStep);
    }

    /** How far the cubic strays; no more than that it is too far where it is. */
    private double strays(Trial trial, Joint from, Joint to) {
        Powers powers = Powers.of(trial.cubic(), Point.ORIGIN);
        double most = 0;
        double least = tolerance;
        for (double share : MOST) {
            double here = strays(powers, from, to, share, true);
            most = Math.max(most, here);
            least = Math.min(least, here);
            if (most > tolerance) {
                return most;
            }
        }
        Point midway = curve.velocity((from.t() + to.t()) / 2);
        boolean alike = isAlike(from.velocity(), midway) && isAlike(midway, to.velocity());
        double[] further = !alike || most >= Math.max(EVEN * least, LITTLE * tolerance)
                ? EVERYWHERE
                : !trial.settled() ? BETWEEN : most >= LITTLE * tolerance ? BESIDE_ENDS : NOWHERE;
        for (int k = 0; k < further.length && most <= tolerance; k++) {
            most = Math.max(most, strays(powers, from, to, further[k], alike));
        }
        return most;
    }

    /**
     * How far a place of the curve is from the cubic.
     *
     * @param sure whether both bend little there, so that it is told across the cubic from a place that is nearly the nearest
     */
    private double strays(Powers powers, Joint from, Joint to, double share, boolean sure) {
        Point target = curve.at(from.t() + share * (to.t() - from.t()));
        double u = powers.towards(target.x(), target.y(), share, sure ? 1 : 4);
        for (int more = 0; ; more++) {
            double offX = powers.x(u) - target.x();
            double offY = powers.y(u) - target.y();
            double vx = powers.velocityX(u);
            double vy = powers.velocityY(u);
            double speed = Math.sqrt(vx * vx + vy * vy);
            if (sure && speed > 0 && Math.abs(offX * vx + offY * vy) <= NEARLY * tolerance * speed) {
                return Math.abs(offX * vy - offY * vx) / speed;
            }
            if (!sure || more == MORE) {
                return Math.sqrt(offX * offX + offY * offY);
            }
            u = powers.towards(target.x(), target.y(), u, 1);
        }
    }

    private static boolean isAlike(Point a, Point b) {
        double speedA = a.length();
        double speedB = b.length();
        return speedA < LITTLE_CHANGE * speedB
                && speedB < LITTLE_CHANGE * speedA
                && a.dot(b) > LITTLE_TURN * speedA * speedB;
    }
}
