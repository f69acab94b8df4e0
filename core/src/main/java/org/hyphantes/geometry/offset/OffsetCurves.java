package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Piece;
import org.hyphantes.geometry.plane.Stretch;
import org.hyphantes.geometry.plane.Subdivision;

/**
 * Regions grown and shrunk, and lines beside paths, with every loop that meets itself removed.
 *
 * <p>A region grows by the union with what lies beside its borders, and shrinks by the difference; so whatever it closes up or
 * shrinks away to nothing is gone. Lines and arcs stay exact. Cubics are fitted within {@link #fittingTolerance}.
 */
public final class OffsetCurves {
    private OffsetCurves() {}

    /** How far (mm) fitted curves stray: a millionth of the size of what is offset. */
    public static double fittingTolerance(Box box) {
        return 1e-6 * Math.max(Double.MIN_NORMAL, Math.max(box.width(), box.height()));
    }

    /** The region grown by a distance above 0; corners that point outwards are done as told. */
    public static List<Region> outset(Region region, double distance, Corners corners) {
        return changed(region, distance, corners, true, w -> w.held() > 0);
    }

    /** The region shrunk by a distance above 0; corners that point inwards are done as told. Empty when nothing is left. */
    public static List<Region> inset(Region region, double distance, Corners corners) {
        return changed(region, distance, corners, false, w -> w.holds(0) && w.held() == 1);
    }

    private static List<Region> changed(
            Region region, double distance, Corners corners, boolean outwards, Predicate<Subdivision.Windings> wanted) {
        if (!(distance > 0) || !Double.isFinite(distance)) {
            throw new IllegalArgumentException("an offset needs a distance above 0, not " + distance);
        }
        Optional<List<Region>> rings = Rings.grown(
                region,
                outwards ? distance : -distance,
                8 * Tolerance.of(region.outline().box()).distance());
        if (rings.isEmpty() && !outwards) {
            Optional<Region> shrunk = Shrunk.of(region, distance);
            if (shrunk.isPresent()) {
                return List.of(shrunk.get());
            }
        }
        return rings.orElseGet(() -> swept(region, distance, corners, outwards, wanted));
    }

    private static List<Region> swept(
            Region region, double distance, Corners corners, boolean outwards, Predicate<Subdivision.Windings> wanted) {
        Strips strips = new Strips(fittingTolerance(region.outline().box()));
        for (Path border : region.borders()) {
            boolean insideRight = border.signedArea() > 0 == (border == region.outline());
            strips.along(border, insideRight == outwards ? -distance : distance, corners);
        }
        List<Operand> all = new ArrayList<>(strips.areas());
        all.add(0, Operand.of(region));
        return Booleans.combined(all, wanted);
    }

    /**
     * The lines beside a path at a distance to its right-hand side, negative to its left: all of the parallel that lies
     * nowhere nearer to the path. Of a closed path closed lines, or none when the path has no room for them.
     */
    public static List<Path> beside(Path path, double distance, Corners corners) {
        if (distance == 0 || !Double.isFinite(distance)) {
            throw new IllegalArgumentException("a parallel needs a distance other than 0, not " + distance);
        }
        Strips strips = new Strips(fittingTolerance(path.box()));
        strips.along(path, distance, corners);
        int wanted = strips.far().size();
        strips.along(path, -distance, corners);
        if (!path.closed()) {
            // What lies round the ends is nearer too, though no line beside the path runs there.
            Curve first = path.curves().get(0);
            Curve last = path.curves().get(path.size() - 1);
            strips.cap(first.start(), first.tangent(0).times(-1), Math.abs(distance), Ends.ROUND);
            strips.cap(last.end(), last.tangent(1), Math.abs(distance), Ends.ROUND);
        }
        List<Path> paths = new ArrayList<>();
        strips.areas().forEach(area -> paths.addAll(area.paths()));
        double epsilon = 8 * Tolerance.of(path.box().grown(Math.abs(distance))).distance();
        List<Path> found = new ArrayList<>();
        for (Piece piece : Booleans.traced(strips.areas(), w -> w.held() > 0)) {
            for (List<Stretch> border : piece.sources()) {
                List<Stretch> kept = new ArrayList<>();
                boolean whole = border.stream().allMatch(s -> isFar(strips, s, wanted));
                int begin = 0;
                while (!whole && begin < border.size() && isFar(strips, border.get(begin), wanted)) {
                    begin++;
                }
                for (int i = 0; i < border.size(); i++) {
                    Stretch stretch = border.get((begin + i) % border.size());
                    if (isFar(strips, stretch, wanted)) {
                        kept.add(stretch);
                    } else {
                        addLine(found, kept, paths, false, epsilon);
                    }
                }
                addLine(found, kept, paths, whole, epsilon);
            }
        }
        return found;
    }

    private static boolean isFar(Strips strips, Stretch stretch, int wanted) {
        return stretch.path() < wanted && strips.far().get(stretch.path())[stretch.curve()];
    }

    private static void addLine(
            List<Path> found, List<Stretch> kept, List<Path> paths, boolean closed, double epsilon) {
        if (!kept.isEmpty()) {
            List<Curve> chain = new ArrayList<>(kept.size());
            for (Stretch s : kept) {
                Curve curve = paths.get(s.path()).curves().get(s.curve());
                chain.add(
                        s.from() < s.to()
                                ? curve.part(s.from(), s.to())
                                : curve.part(s.to(), s.from()).reversed());
            }
            found.add(new Path(Joining.joined(chain, closed, epsilon), closed));
            kept.clear();
        }
    }
}
