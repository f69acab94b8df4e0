package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;

/**
 * What lies beside a path, as areas whose union it is: a strip along each curve, a wedge on the outer side of each corner, a cap
 * on each end.
 *
 * <p>A point beside the path has its nearest point on the path, and the way there is square to it or ends at a corner or an end.
 * So the strips need not reach beyond the centre about which a curve bends: an arc tighter than the distance gives its sector,
 * and where a cubic bends more tightly than that, half discs about it take the place of the strip. The osculating circles of a
 * stretch along which the curvature grows lie within one another, so a disc about its tightest end, and ones nowhere further
 * than the distance apart, hold all that the strip would. Source: A. Kneser's theorem of nested osculating circles.
 */
final class Strips {
    /** A turn (radians) smaller than this gives no corner worth a shape: the gap is filled straight across. */
    private static final double HARDLY = 1e-4;

    private final double tolerance;
    private final List<Operand> areas = new ArrayList<>();
    private final List<boolean[]> far = new ArrayList<>();

    /** @param tolerance how far (mm) fitted curves may stray */
    Strips(double tolerance) {
        this.tolerance = tolerance;
    }

    List<Operand> areas() {
        return areas;
    }

    /** For each path of each area in order, which of its curves lie at the full distance. */
    List<boolean[]> far() {
        return far;
    }

    private void add(List<Curve> loop, int... atDistance) {
        boolean[] flags = new boolean[loop.size()];
        for (int i : atDistance) {
            flags[i] = true;
        }
        far.add(flags);
        areas.add(new Operand(List.of(new Path(loop, true)), FillRule.NON_ZERO));
    }

    /** The strips and wedges at a distance to the right-hand side of a path, negative to the left. */
    void along(Path path, double distance, Corners corners) {
        for (Curve curve : path.curves()) {
            Watch.ask();
            if (curve instanceof Cubic cubic) {
                cubic(cubic, distance);
            } else {
                strip(curve, distance);
            }
        }
        for (int i = path.closed() ? 0 : 1; i < path.size(); i++) {
            corner(
                    path.curves().get(i == 0 ? path.size() - 1 : i - 1),
                    path.curves().get(i),
                    distance,
                    corners);
        }
    }

    private void strip(Curve curve, double distance) {
        Optional<List<Curve>> beside = Beside.parallel(curve, distance, tolerance);
        if (curve instanceof Arc arc && arc.isWhole()) {
            List<Path> rings = new ArrayList<>(List.of(Path.closed(arc)));
            far.add(new boolean[1]);
            if (beside.isPresent()) {
                rings.add(new Path(beside.get(), true));
                far.add(new boolean[] {true});
            }
            areas.add(new Operand(rings, FillRule.EVEN_ODD));
            return;
        }
        List<Curve> loop = new ArrayList<>(4);
        loop.add(curve);
        if (beside.isEmpty()) {
            Point centre = ((Arc) curve).centre();
            loop.add(new Line(curve.end(), centre));
            loop.add(new Line(centre, curve.start()));
            add(loop);
            return;
        }
        List<Curve> parallel = beside.get();
        int n = parallel.size();
        loop.add(new Line(curve.end(), parallel.get(n - 1).end()));
        int[] flags = new int[n];
        for (int i = n - 1; i >= 0; i--) {
            flags[i] = loop.size();
            loop.add(parallel.get(i).reversed());
        }
        loop.add(new Line(parallel.get(0).start(), curve.start()));
        add(loop, flags);
    }

    private void cubic(Cubic cubic, double distance) {
        double[] cuts = tightCuts(cubic, distance);
        for (int i = 1; i < cuts.length; i++) {
            Cubic part = cubic.part(cuts[i - 1], cuts[i]);
            if (part.curvature(0.5) * distance < 1) {
                strip(part, distance);
            } else {
                double[] turns = part.monotone();
                for (int k = 1; k < turns.length; k++) {
                    halfDiscs(part.part(turns[k - 1], turns[k]), distance);
                }
            }
        }
    }

    /** Parameters from 0 to 1 between which the curve bends all along less, or all along more, tightly than the distance. */
    private static double[] tightCuts(Cubic cubic, double distance) {
        double[] ends = cubic.monotone();
        double[] cuts = new double[2];
        int n = 1;
        int steps = 24;
        for (int k = 1; k < ends.length; k++) {
            double before = ends[k - 1];
            for (int i = 1; i <= steps; i++) {
                double t = ends[k - 1] + (ends[k] - ends[k - 1]) * i / steps;
                if (isTight(cubic, before, distance) != isTight(cubic, t, distance)) {
                    double low = before;
                    double high = t;
                    for (int b = 0; b < 50; b++) {
                        double middle = (low + high) / 2;
                        if (isTight(cubic, middle, distance) == isTight(cubic, before, distance)) {
                            low = middle;
                        } else {
                            high = middle;
                        }
                    }
                    cuts = n + 1 == cuts.length ? Arrays.copyOf(cuts, 2 * n + 2) : cuts;
                    cuts[n++] = high;
                }
                before = t;
            }
        }
        cuts[n++] = 1;
        return Arrays.copyOf(cuts, n);
    }

    private static boolean isTight(Cubic cubic, double t, double distance) {
        return cubic.curvature(t) * distance >= 1;
    }

    /**
     * Half discs on the inner side of a stretch that turns a quarter at most: about its tightest places, and between them so
     * that none is further from the next than half the radius. None stands at an end of the stretch where it bends just as
     * tightly as the disc: that would touch the parallel's cusp.
     */
    private void halfDiscs(Cubic part, double distance) {
        double radius = Math.abs(distance);
        int samples = Math.max(16, 4 * (int) Math.ceil(part.length() / radius));
        double[] bend = new double[samples + 1];
        for (int i = 0; i <= samples; i++) {
            bend[i] = Math.abs(part.curvature((double) i / samples));
        }
        int last = 0;
        for (int i = 0; i <= samples; i++) {
            boolean tightest = (i == 0 || bend[i] > bend[i - 1]) && (i == samples || bend[i] >= bend[i + 1]);
            Point at = part.at((double) i / samples);
            boolean far = at.distance(part.at((double) last / samples)) > radius / 2;
            if (tightest || far && i < samples) {
                Point inward = part.tangent((double) i / samples).right().times(Math.signum(distance));
                Point along = inward.right().times(radius);
                Arc arc = new Arc(at, radius, Math.atan2(-along.y(), -along.x()), Math.PI);
                add(List.of(arc, new Line(arc.end(), arc.start())), 0);
                last = i;
            }
        }
    }

    private void disc(Point centre, double radius) {
        far.add(new boolean[] {true});
        areas.add(new Operand(List.of(Path.closed(Arc.circle(centre, radius, 0))), FillRule.NON_ZERO));
    }

    /** The wedge on the side of the distance, if the corner's outer side is there. */
    void corner(Curve arriving, Curve leaving, double distance, Corners corners) {
        Point at = leaving.start();
        Point u = arriving.tangent(1);
        Point v = leaving.tangent(0);
        double cross = u.cross(v);
        double turn = Math.atan2(Math.abs(cross), u.dot(v));
        Point a = arriving.end().plus(u.right().times(distance));
        Point b = at.plus(v.right().times(distance));
        boolean outer = cross * distance < 0 || turn > Math.PI - 1e-9;
        if (!outer || a.equals(b)) {
            return;
        }
        Optional<List<Curve>> mitre = corners.kind() == Corner.MITRED && turn > HARDLY
                ? mitre(arriving, leaving, a, b, distance, corners.limit())
                : Optional.empty();
        List<Curve> loop = new ArrayList<>(5);
        loop.add(new Line(at, a));
        if (corners.kind() == Corner.ROUND && turn > HARDLY) {
            double from = Math.atan2(a.y() - at.y(), a.x() - at.x());
            double sweep = Math.copySign(turn, -distance);
            loop.add(new Arc(at, Math.abs(distance), from, sweep));
        } else if (mitre.isPresent()) {
            loop.addAll(mitre.get());
        } else {
            loop.add(new Line(a, b));
        }
        loop.add(new Line(b, at));
        int[] flags = new int[loop.size() - 2];
        Arrays.setAll(flags, i -> i + 1);
        add(loop, flags);
    }

    /** From the end of one parallel out to where both run on to and back to the start of the other; empty beyond the limit. */
    private static Optional<List<Curve>> mitre(
            Curve arriving, Curve leaving, Point a, Point b, double distance, double limit) {
        Point at = leaving.start();
        Optional<Curve> first = carrier(arriving, true, distance);
        Optional<Curve> second = carrier(leaving, false, distance);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        Optional<Point> tip = Parallel.carriersMeet(
                first.get(), second.get(), a.middle(b).plus(a.middle(b).minus(at)));
        if (tip.isEmpty() || tip.get().distance(at) > limit * Math.abs(distance)) {
            return Optional.empty();
        }
        Curve out = runOn(first.get(), a, tip.get(), true);
        Curve back = runOn(second.get(), b, tip.get(), false);
        return out == null || back == null ? Optional.empty() : Optional.of(List.of(out, back));
    }

    private static Optional<Curve> carrier(Curve curve, boolean atEnd, double distance) {
        if (curve instanceof Arc arc) {
            return arc.parallel(distance).map(c -> c);
        }
        Point p = atEnd ? curve.end() : curve.start();
        Point heading = curve.tangent(atEnd ? 1 : 0);
        return Optional.of(new Line(p, p.plus(heading)).parallel(distance));
    }

    /** The way on along a carrier from the parallel's end to the tip, or from the tip to its start. */
    private static Curve runOn(Curve carrier, Point from, Point tip, boolean outward) {
        if (carrier instanceof Arc arc) {
            double a = Math.atan2(
                    from.y() - arc.centre().y(), from.x() - arc.centre().x());
            double b = Math.atan2(
                    tip.y() - arc.centre().y(), tip.x() - arc.centre().x());
            double way = outward ? b - a : a - b;
            double turn = 2 * Math.PI;
            double sweep = Math.signum(arc.sweep()) * (((Math.signum(arc.sweep()) * way) % turn + turn) % turn);
            // Only a short way on counts as a corner.
            if (Math.abs(sweep) > Math.PI || Math.abs(sweep) < 1e-12) {
                return null;
            }
            return new Arc(arc.centre(), arc.radius(), outward ? a : b, sweep);
        }
        return outward ? new Line(from, tip) : new Line(tip, from);
    }

    /** The band along one curve whose width changes evenly with length. */
    void tapered(Curve curve, double fromHalf, double toHalf) {
        List<Curve> right = Beside.tapered(curve, fromHalf, toHalf, 1, tolerance);
        List<Curve> left = Beside.tapered(curve, fromHalf, toHalf, -1, tolerance);
        List<Curve> loop = new ArrayList<>(right);
        line(loop, right.get(right.size() - 1).end(), left.get(left.size() - 1).end());
        for (int i = left.size() - 1; i >= 0; i--) {
            loop.add(left.get(i).reversed());
        }
        line(loop, left.get(0).start(), right.get(0).start());
        add(loop);
        // Where the curve bends more tightly than half the width, discs fill what the edges fold over.
        for (int i = 0; i <= 16; i++) {
            double t = i / 16.0;
            double half = fromHalf + (toHalf - fromHalf) * curve.lengthTo(t) / curve.length();
            if (Math.abs(curve.curvature(t)) * half > 1) {
                disc(curve.at(t), half);
            }
        }
    }

    private static void line(List<Curve> loop, Point from, Point to) {
        if (!from.equals(to)) {
            loop.add(new Line(from, to));
        }
    }

    /** The cap beyond an end of a path: at its place, with the heading out of the band and half the band's width. */
    void cap(Point at, Point outward, double half, Ends ends) {
        if (half <= 0 || ends == Ends.BUTT) {
            return;
        }
        Point right = at.plus(outward.right().times(half));
        Point left = at.minus(outward.right().times(half));
        Point out = outward.times(half);
        List<Curve> loop = new ArrayList<>(4);
        switch (ends) {
            case ROUND -> loop.add(new Arc(at, half, Math.atan2(right.y() - at.y(), right.x() - at.x()), -Math.PI));
            case SQUARE -> {
                loop.add(new Line(right, right.plus(out)));
                loop.add(new Line(right.plus(out), left.plus(out)));
                loop.add(new Line(left.plus(out), left));
            }
            case POINTED -> {
                loop.add(new Line(right, at.plus(out)));
                loop.add(new Line(at.plus(out), left));
            }
            default -> throw new IllegalStateException("no cap for " + ends);
        }
        loop.add(new Line(left, right));
        add(loop);
    }
}
