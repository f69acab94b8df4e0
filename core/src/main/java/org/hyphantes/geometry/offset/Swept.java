package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Piece;

/**
 * What lies beside paths as one area: the sum of a strip along each curve, a wedge on the outer side of each corner and a cap on each
 * end, all wound about clockwise. Lines that two of them share are run along both ways and left out, so that what is left is the raw
 * parallel: cut off at inner corners where it meets ({@link InnerCorners}) or joined there by way of the corner, and round arcs that
 * are too tight by way of their centres. It winds round a place as often as strips, wedges and caps lie over it; so one subdivision
 * tells what is in any of them. (Sources: winding numbers of the raw parallel, X. Chen and S. McMains, Polygon offsetting by computing
 * winding numbers, ASME DETC 2005, from memory; that they count parts, L. Guibas, L. Ramshaw and J. Stolfi, A kinetic framework for
 * computational geometry, FOCS 1983, from memory.)
 *
 * <p>A point beside the path has its nearest point on the path, and the way there is square to it or ends at a corner or an end.
 * So the strips need not reach beyond the centre about which a curve bends: an arc tighter than the distance gives its sector.
 * Where a cubic bends more tightly than that its parallel is folded, and strips count as less than nothing there: by the theory of
 * Morse what is left winds as often as there are nearest places, less those that are furthest, which is once for each part of the path
 * near enough. Or half discs ({@link TightBends}) take the place of the strip.
 */
final class Swept {
    /** Below this turn (radians) what runs beside two long curves is joined straight across on the inner side too. */
    private static final double HARDLY = 1e-4;

    private final boolean folded;
    private final Way way;
    private final double reach;
    private final double tolerance;
    private final double nothing;
    private final Corners corners;
    private final Folds folds = new Folds();
    private final List<Path> paths = new ArrayList<>();
    private final List<BitSet> far = new ArrayList<>();
    private List<Curve> chain = new ArrayList<>();
    private BitSet told = new BitSet();
    private boolean sharp;

    /**
     * @param all what is offset
     * @param folded whether parallels that are folded are taken as they are
     */
    Swept(Path all, double distance, Corners corners, boolean folded, Way way) {
        this.way = way;
        this.reach = Math.abs(distance);
        this.folded = folded;
        this.tolerance = way.fine() * OffsetCurves.fittingTolerance(all.box());
        this.nothing = Tolerance.of(all.box().grown(Math.abs(distance))).distance();
        this.corners = corners;
    }

    /** Whether tips were found that are known less well than parallels are fitted; then finer fits are worth their time. */
    boolean hasSharpTips() {
        return sharp;
    }

    /** For each path that bounds it, in the order they are traced in, which of its curves lie at the full distance beside what was marked. */
    List<BitSet> far() {
        return far;
    }

    /** All that bounds it, each path closed and clockwise. */
    List<Path> paths() {
        return paths;
    }

    /** All of it as regions, or what is left of an area bounded by it when it is taken away from that. */
    List<Region> regions(boolean left) {
        List<Path> all = left ? paths.stream().map(Path::reversed).toList() : paths;
        List<Region> bounded = (folds.isEmpty()
                        ? SimpleLoops.bounded(all, 8 * nothing)
                        : Optional.<List<Region>>empty())
                .orElseGet(() -> Booleans.combined(operands(all), w -> w.held() > 0).stream()
                        .map(this::turnedBack)
                        .toList());
        List<Region> found = bounded.stream()
                .filter(r -> !isSliver(r.outline()))
                .map(r -> new Region(
                        r.outline(),
                        r.holes().stream().filter(h -> !isSliver(h)).toList()))
                .toList();
        mustHold(found.stream().flatMap(r -> r.borders().stream()).toList());
        sharp = found.stream().flatMap(r -> r.borders().stream()).anyMatch(Tips::areSharp);
        return found;
    }

    private List<Operand> operands(List<Path> all) {
        Affine turn = Affine.turn(way.turn(), Point.ORIGIN);
        List<Path> turned =
                way.turn() == 0 ? all : all.stream().map(p -> p.map(turn)).toList();
        return List.of(new Operand(turned, FillRule.POSITIVE));
    }

    private Region turnedBack(Region region) {
        return way.turn() == 0 ? region : region.map(Affine.turn(-way.turn(), Point.ORIGIN));
    }

    /** Borders beside folds may stray; then it is done otherwise. */
    private void mustHold(List<Path> borders) {
        if (!folds.hold(borders, reach, way.astray(), corners.kind() == Corner.ROUND)) {
            throw new IllegalStateException("a border strays beside a fold");
        }
    }

    /** The same with the stretches that each border came from. */
    List<Piece> traced() {
        List<Piece> found = Booleans.traced(operands(paths), w -> w.held() > 0).stream()
                .map(p -> new Piece(turnedBack(p.region()), p.sources()))
                .toList();
        mustHold(found.stream()
                .flatMap(p -> p.region().borders().stream())
                .filter(b -> !isSliver(b))
                .toList());
        return found;
    }

    /** Whether a border lies beside a cusp, where both branches of a folded parallel are nearer to one another than they are fitted. */
    boolean isSliver(Path border) {
        return folded && Sliver.is(border, tolerance);
    }

    /** What lies beside a closed path, the path itself not counted, at a distance to its right-hand side, negative to its left. */
    void beside(Path path, double wanted, boolean marked) {
        double distance = wanted * (1 + way.more());
        folds.addSource(path);
        List<Part> parts = InnerCorners.cut(parts(path, distance, marked), true, distance, nothing);
        along(parts, path.curves(), distance, true, marked);
        turn(distance);
        close();
    }

    /** What lies on both sides of an open path, marked on the right-hand side or left-hand side of it, or nowhere for 0. */
    void round(Path path, double wanted, Ends ends, int marked) {
        double half = wanted * (1 + way.more());
        folds.addSource(path);
        List<Part> right = InnerCorners.cut(parts(path, half, marked > 0), false, half, nothing);
        List<Part> left = InnerCorners.cut(parts(path, -half, marked < 0), false, -half, nothing);
        along(left, path.curves(), -half, false, marked < 0);
        turn(-half);
        List<Curve> forward = chain;
        BitSet forwardTold = told;
        chain = new ArrayList<>();
        told = new BitSet();
        along(right, path.curves(), half, false, marked > 0);
        Curve first = path.curves().get(0);
        Curve last = path.curves().get(path.size() - 1);
        cap(first.start(), first.tangent(0), right.get(0).from(), left.get(0).from(), half, ends);
        for (int i = 0; i < forward.size(); i++) {
            told.set(chain.size(), forwardTold.get(i));
            chain.add(forward.get(i));
        }
        int n = right.size() - 1;
        cap(
                last.end(),
                last.tangent(1).times(-1),
                left.get(left.size() - 1).to(),
                right.get(n).to(),
                half,
                ends);
        close();
    }

    /** Adds the way from where one side ends over to the other, about an end with the heading into the path. */
    private void cap(Point at, Point inwards, Point from, Point to, double half, Ends ends) {
        if (ends == Ends.BUTT) {
            line(from, to);
            return;
        }
        Point a = at.plus(inwards.right().times(half));
        Point b = at.minus(inwards.right().times(half));
        line(from, a);
        List<Curve> cap = BandOutline.cap(b, a, ends);
        for (int i = cap.size() - 1; i >= 0; i--) {
            chain.add(cap.get(i).reversed());
        }
        line(b, to);
    }

    /** Adds what runs beside the parts, from the last to the first, and what joins it at corners. */
    private void along(List<Part> parts, List<Curve> curves, double distance, boolean closed, boolean marked) {
        int corner = curves.size();
        for (int i = parts.size() - 1; i >= 0; i--) {
            Watch.ask();
            Part part = parts.get(i);
            for (int k = part.beside().size() - 1; k >= 0; k--) {
                told.set(chain.size(), marked && part.isBeside());
                chain.add(part.beside().get(k).reversed());
            }
            Part before = i > 0 ? parts.get(i - 1) : parts.get(parts.size() - 1);
            if (!part.isFirst()) {
                line(part.from(), before.to());
                continue;
            }
            corner--;
            if (corner > 0 || closed) {
                Curve arriving = curves.get(corner == 0 ? curves.size() - 1 : corner - 1);
                join(part.from(), before.to(), arriving, curves.get(corner), distance, marked);
            }
        }
    }

    private void join(Point from, Point to, Curve arriving, Curve leaving, double distance, boolean marked) {
        Point at = leaving.start();
        Point u = arriving.tangent(1);
        Point v = leaving.tangent(0);
        double turn = Math.atan2(Math.abs(u.cross(v)), u.dot(v));
        double aside = turn * Math.abs(distance);
        if (aside <= nothing) {
            line(from, to);
            return;
        }
        List<Curve> wedge = Wedge.across(arriving, leaving, distance, corners);
        if (!wedge.isEmpty()) {
            line(from, wedge.get(wedge.size() - 1).end());
            for (int i = wedge.size() - 1; i >= 0; i--) {
                told.set(chain.size(), marked);
                chain.add(wedge.get(i).reversed());
            }
            line(wedge.get(0).start(), to);
        } else if (from.equals(to)) {
            // Cut off where both meet.
            return;
        } else if (turn < HARDLY && aside < 0.1 * Math.min(arriving.length(), leaving.length())) {
            line(from, to);
        } else {
            line(from, at);
            line(at, to);
        }
    }

    private void line(Point from, Point to) {
        if (from.distance(to) > nothing) {
            chain.add(new Line(from, to));
        }
    }

    /** Turns the chain about where it is anticlockwise: what lies to the left is mirrored. */
    private void turn(double distance) {
        if (distance > 0) {
            return;
        }
        int n = chain.size();
        BitSet turned = new BitSet();
        for (int i = 0; i < n; i++) {
            chain.set(i, chain.get(i).reversed());
            turned.set(n - 1 - i, told.get(i));
        }
        Collections.reverse(chain);
        told = turned;
    }

    private void close() {
        if (!chain.isEmpty()) {
            paths.add(new Path(chain, true));
            far.add(told);
        }
        chain = new ArrayList<>();
        told = new BitSet();
    }

    private List<Part> parts(Path path, double distance, boolean marked) {
        List<Part> parts = new ArrayList<>(path.size());
        for (Curve curve : path.curves()) {
            Watch.ask();
            if (curve instanceof Cubic cubic) {
                cubic(parts, cubic, distance, marked);
            } else {
                part(parts, curve, true, distance, true);
            }
        }
        return parts;
    }

    private void part(List<Part> parts, Curve curve, boolean isFirst, double distance, boolean isBeside) {
        parts.add(Beside.parallel(curve, distance, tolerance)
                .map(beside -> new Part(
                        curve,
                        isFirst,
                        beside,
                        isBeside,
                        beside.get(0).start(),
                        beside.get(beside.size() - 1).end()))
                .orElseGet(() -> {
                    Point centre = ((Arc) curve).centre();
                    return new Part(curve, isFirst, List.of(), false, centre, centre);
                }));
    }

    private void cubic(List<Part> parts, Cubic cubic, double distance, boolean marked) {
        double[] cuts = TightBends.cuts(cubic, distance);
        for (int i = 1; i < cuts.length; i++) {
            Cubic part = cuts.length == 2 ? cubic : cubic.part(cuts[i - 1], cuts[i]);
            if (part.curvature(0.5) * distance < 1) {
                part(parts, part, i == 1, distance, true);
                continue;
            }
            if (folded) {
                folds.add(part);
                part(parts, part, i == 1, distance, false);
                continue;
            }
            parts.add(new Part(part, i == 1, List.of(part), false, part.start(), part.end()));
            double[] turns = part.monotone();
            for (int k = 1; k < turns.length; k++) {
                for (Path half : TightBends.halfDiscs(part.part(turns[k - 1], turns[k]), distance)) {
                    BitSet arc = new BitSet();
                    boolean clockwise = half.signedArea() > 0;
                    arc.set(clockwise ? 0 : 1, marked);
                    paths.add(clockwise ? half : half.reversed());
                    far.add(arc);
                }
            }
        }
    }
}
