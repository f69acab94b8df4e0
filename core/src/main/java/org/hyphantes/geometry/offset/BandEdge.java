package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A line that runs along a band: one of its edges, one moved out beyond it, or one within it. Exact beside lines and arcs of even
 * width, else fitted within {@link OffsetCurves#fittingTolerance}.
 *
 * @param path the line, in the way of the path it runs beside
 * @param first for each curve of that path the first curve beside it; one more number at the end
 * @param tight the curves of that path beside which it is only stood in for, since they bend too tightly for it or make a corner that
 *     cannot be mitred
 * @param isPlain whether there is one exact line or arc beside each curve of the path
 */
public record BandEdge(Path path, int[] first, BitSet tight, boolean isPlain) {
    private static final BitSet NONE = new BitSet();
    private static final int[] ONE = {0, 1};

    /** A curve whose parallel would bend to less than this share of its own radius is said to bend too tightly for it. */
    private static final double LEAST_BEND = 1e-3;

    /**
     * The line beside a path at a share of half the width of its band.
     *
     * @param share 1 for the edge on the right-hand side, -1 for that on the left, between them for lines within the band
     * @param beyond how much further out (mm)
     */
    public static BandEdge of(Path path, WidthProfile widths, double share, double beyond) {
        return of(path, widths, Corners.MITRED, share, beyond);
    }

    /** The same, with the outer side of corners done as told. */
    public static BandEdge of(Path path, WidthProfile widths, Corners corners, double share, double beyond) {
        int n = path.size();
        boolean mitred = corners.kind() == Corner.MITRED || Parallel.isSmooth(path);
        if (mitred && widths.isEven() && !hasCubics(path)) {
            double distance = share * widths.widest() / 2 + Math.signum(share) * beyond;
            Optional<Path> exact = distance == 0 ? Optional.of(path) : Parallel.of(path, distance);
            if (exact.isPresent()) {
                return new BandEdge(exact.get(), counting(n), NONE, true);
            }
        }
        List<List<Curve>> beside = new ArrayList<>(n);
        BitSet tight = new BitSet();
        double total = path.length();
        double done = 0;
        double tolerance = OffsetCurves.fittingTolerance(path.box());
        for (int i = 0; i < n; i++) {
            Curve curve = path.curves().get(i);
            Optional<List<Curve>> one = beside(curve, widths, share, beyond, done, total, tolerance);
            if (one.isEmpty()) {
                tight.set(i);
            }
            double there = done;
            beside.add(one.orElseGet(() -> straight(curve, widths, share, beyond, there, total)));
            done += curve.length();
        }
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            int before = i == 0 ? n - 1 : i - 1;
            List<Curve> arriving = beside.get(before);
            Point corner = path.curves().get(i).start();
            if (!mitred && isOutside(path.arrival(i), path.tangent(i), share)) {
                round(arriving, beside.get(i).get(0).start(), corner, corners);
            } else if (!joined(arriving, beside.get(i), corner)) {
                tight.set(before);
                tight.set(i);
                arriving.add(new Line(
                        arriving.get(arriving.size() - 1).end(),
                        beside.get(i).get(0).start()));
            }
        }
        List<Curve> all = new ArrayList<>();
        int[] first = new int[n + 1];
        for (int i = 0; i < n; i++) {
            first[i] = all.size();
            all.addAll(beside.get(i));
        }
        first[n] = all.size();
        boolean plain = all.size() == n && all.stream().noneMatch(Cubic.class::isInstance);
        return new BandEdge(new Path(all, path.closed()), first, tight, plain);
    }

    /** Whether a line on a side of a path runs round the outside of a turn. */
    private static boolean isOutside(Point arriving, Point leaving, double share) {
        double turn = arriving.cross(leaving);
        return share < 0 ? turn > 1e-6 : turn < -1e-6;
    }

    /** Runs on to where the line beside the next curve begins, by an arc about the corner or straight across. */
    private static void round(List<Curve> arriving, Point to, Point corner, Corners corners) {
        Point from = arriving.get(arriving.size() - 1).end();
        if (from.distance(to) > 1e-9 * (1 + corner.distance(to))) {
            Point out = from.minus(corner);
            double turn = Math.atan2(out.cross(to.minus(corner)), out.dot(to.minus(corner)));
            arriving.add(
                    corners.kind() == Corner.ROUND
                            ? new Arc(corner, out.length(), Math.atan2(out.y(), out.x()), turn)
                            : new Line(from, to));
        }
    }

    /** What stands in beside a curve that bends too tightly. */
    private static List<Curve> straight(
            Curve curve, WidthProfile widths, double share, double beyond, double done, double total) {
        int side = share < 0 ? -1 : 1;
        Point from = Beside.at(curve, 0, side * half(widths, share, beyond, done, total));
        Point to = Beside.at(curve, 1, side * half(widths, share, beyond, done + curve.length(), total));
        Point apart = curve.tangent(0).times(1e-6 * total);
        return new ArrayList<>(List.of(new Line(from, from.distance(to) > 0 ? to : from.plus(apart))));
    }

    private static boolean hasCubics(Path path) {
        for (Curve curve : path.curves()) {
            if (curve instanceof Cubic) {
                return true;
            }
        }
        return false;
    }

    private static int[] counting(int n) {
        if (n == 1) {
            return ONE;
        }
        int[] first = new int[n + 1];
        for (int i = 0; i <= n; i++) {
            first[i] = i;
        }
        return first;
    }

    /** What runs beside one curve of the path, which begins {@code done} along it. */
    private static Optional<List<Curve>> beside(
            Curve curve,
            WidthProfile widths,
            double share,
            double beyond,
            double done,
            double total,
            double tolerance) {
        double length = curve.length();
        TreeSet<Double> cuts = new TreeSet<>(List.of(0.0, 1.0));
        if (!widths.isEven()) {
            for (WidthProfile.Stop stop : widths.stops()) {
                double along = stop.share() * total - done;
                if (along > 1e-9 * length && along < length * (1 - 1e-9)) {
                    cuts.add(curve.parameterAt(along));
                }
            }
        }
        if (curve instanceof Cubic cubic) {
            for (double t : cubic.monotone()) {
                cuts.add(t);
            }
        }
        int side = share < 0 ? -1 : 1;
        List<Curve> found = new ArrayList<>();
        double from = 0;
        for (double to : cuts.tailSet(0.0, false)) {
            Curve part = from == 0 && to == 1 ? curve : curve.part(from, to);
            double a = half(widths, share, beyond, done + curve.lengthTo(from), total);
            double b = half(widths, share, beyond, done + curve.lengthTo(to), total);
            if (bendsTooTightly(part, side, a, b)) {
                return Optional.empty();
            }
            if (a == b) {
                Optional<List<Curve>> even = Beside.parallel(part, side * a, tolerance);
                if (even.isEmpty()) {
                    return Optional.empty();
                }
                found.addAll(even.get());
            } else {
                found.addAll(Beside.tapered(part, a, b, side, tolerance));
            }
            from = to;
        }
        return Optional.of(found);
    }

    private static double half(WidthProfile widths, double share, double beyond, double along, double total) {
        return Math.abs(share) * widths.width(Math.max(0, Math.min(1, along / total))) / 2 + beyond;
    }

    private static boolean bendsTooTightly(Curve curve, int side, double a, double b) {
        int samples = curve instanceof Cubic ? 24 : 1;
        for (int i = 0; i <= samples; i++) {
            double t = (double) i / samples;
            if (1 - side * curve.curvature(t) * (a + (b - a) * t) < LEAST_BEND) {
                return true;
            }
        }
        return false;
    }

    /** Brings what runs beside two curves together where they meet in a corner; false where that cannot be done. */
    private static boolean joined(List<Curve> before, List<Curve> after, Point corner) {
        Curve a = before.get(before.size() - 1);
        Curve b = after.get(0);
        double apart = a.end().distance(b.start());
        if (apart <= 1e-9 * (1 + a.length() + b.length())) {
            return true;
        }
        Optional<Point> meeting = Parallel.carriersMeet(a, b, corner);
        if (meeting.isEmpty() || before == after) {
            return false;
        }
        Optional<Curve> ending = Parallel.ending(a, meeting.get()).filter(c -> !turnedRound(a, c));
        Optional<Curve> beginning = Parallel.beginning(b, meeting.get()).filter(c -> !turnedRound(b, c));
        if (ending.isEmpty() || beginning.isEmpty()) {
            return false;
        }
        before.set(before.size() - 1, ending.get());
        after.set(0, beginning.get());
        return true;
    }

    private static boolean turnedRound(Curve was, Curve is) {
        return is instanceof Line && was.tangent(0).dot(is.tangent(0)) <= 0;
    }

    /** The position on this line beside a position on its path; on fitted curves the nearest. */
    public double beside(Path of, double position, Point near) {
        int i = of.index(position);
        if (first[i + 1] - first[i] == 1 && !(path.curves().get(first[i]) instanceof Cubic)) {
            return first[i] + position - i;
        }
        double best = first[i];
        double least = Double.POSITIVE_INFINITY;
        for (int k = first[i]; k < first[i + 1]; k++) {
            Curve curve = path.curves().get(k);
            double t = curve.nearest(near);
            double away = curve.at(t).distance(near);
            if (away < least) {
                least = away;
                best = k + t;
            }
        }
        return best;
    }

    /** About the position on this line beside a position on its path, which may lie laps ahead or behind on a closed one. */
    public double about(Path of, double position) {
        double lap = Math.floor(position / of.size());
        double within = position - lap * of.size();
        int i = Math.min(of.size() - 1, (int) within);
        return lap * path.size() + first[i] + (within - i) * (first[i + 1] - first[i]);
    }

    /** Whether no stand-in lies beside a path from one of its positions to another, which may lie a lap ahead. */
    public boolean isSound(Path of, double from, double to) {
        if (tight.isEmpty()) {
            return true;
        }
        for (int i = (int) Math.floor(from); i <= (int) Math.floor(to); i++) {
            if (tight.get(Math.floorMod(i, of.size()))) {
                return false;
            }
        }
        return true;
    }
}
