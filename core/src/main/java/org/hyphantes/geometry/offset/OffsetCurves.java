package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.plane.Piece;
import org.hyphantes.geometry.plane.Stretch;

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
        return changed(region, distance, corners, true);
    }

    /** The region shrunk by a distance above 0; corners that point inwards are done as told. Empty when nothing is left. */
    public static List<Region> inset(Region region, double distance, Corners corners) {
        return changed(region, distance, corners, false);
    }

    private static List<Region> changed(Region region, double distance, Corners corners, boolean outwards) {
        if (!(distance > 0) || !Double.isFinite(distance)) {
            throw new IllegalArgumentException("an offset needs a distance above 0, not " + distance);
        }
        Optional<List<Region>> rings = Rings.grown(
                region,
                outwards ? distance : -distance,
                8 * Tolerance.of(region.outline().box()).distance());
        if (!outwards && isWithin(region.outline(), distance)) {
            return List.of();
        }
        if (rings.isEmpty() && !outwards) {
            Optional<Region> shrunk = Shrunk.of(region, distance);
            if (shrunk.isPresent()) {
                return List.of(shrunk.get());
            }
        }
        return rings.orElseGet(() -> swept(region, distance, corners, outwards));
    }

    /** Whether an outline lies in a disc of a radius about its middle, so that nothing in it is that far from it. */
    private static boolean isWithin(Path outline, double radius) {
        Point middle = outline.box().centre();
        for (Curve curve : outline.curves()) {
            double far = curve.as(
                    line -> line.start().distance(middle),
                    arc -> arc.centre().distance(middle) + arc.radius(),
                    cubic -> Math.max(
                            Math.max(cubic.start().distance(middle), cubic.end().distance(middle)),
                            Math.max(
                                    cubic.control1().distance(middle),
                                    cubic.control2().distance(middle))));
            if (far > radius) {
                return false;
            }
        }
        return true;
    }

    /** What lies beside the borders, and they themselves, is more than the region; shrunk it is what is left of the region without that. */
    private static List<Region> swept(Region region, double distance, Corners corners, boolean outwards) {
        List<Path> borders = region.borders().stream().map(Joining::joined).toList();
        return Attempts.over(borders, distance, corners, Ends.ROUND, swept -> {
            for (Path border : borders) {
                boolean insideRight = border.signedArea() > 0 == (border == borders.get(0));
                swept.beside(border, insideRight == outwards ? -distance : distance, false);
            }
            return swept.regions(!outwards);
        });
    }

    /**
     * The lines beside a path at a distance to its right-hand side, negative to its left: all of the parallel that lies
     * nowhere nearer to the path. Of a closed path closed lines, or none when the path has no room for them.
     */
    public static List<Path> beside(Path path, double distance, Corners corners) {
        if (distance == 0 || !Double.isFinite(distance)) {
            throw new IllegalArgumentException("a parallel needs a distance other than 0, not " + distance);
        }
        return Attempts.over(List.of(path), distance, corners, Ends.ROUND, swept -> lines(swept, path, distance));
    }

    private static List<Path> lines(Swept swept, Path path, double distance) {
        if (path.closed()) {
            swept.beside(path, distance, true);
            swept.beside(path, -distance, false);
        } else {
            // What lies round the ends is nearer too, though no line beside the path runs there.
            swept.round(path, Math.abs(distance), Ends.ROUND, distance > 0 ? 1 : -1);
        }
        List<Path> paths = swept.paths();
        double epsilon = 8 * Tolerance.of(path.box().grown(Math.abs(distance))).distance();
        List<Path> found = new ArrayList<>();
        for (Piece piece : swept.traced()) {
            for (int b = 0; b < piece.sources().size(); b++) {
                List<Stretch> border = piece.sources().get(b);
                if (swept.isSliver(piece.region().borders().get(b))) {
                    continue;
                }
                List<Stretch> kept = new ArrayList<>();
                boolean whole = border.stream().allMatch(s -> isFar(swept, s));
                int begin = 0;
                while (!whole && begin < border.size() && isFar(swept, border.get(begin))) {
                    begin++;
                }
                for (int i = 0; i < border.size(); i++) {
                    Stretch stretch = border.get((begin + i) % border.size());
                    if (isFar(swept, stretch)) {
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

    private static boolean isFar(Swept swept, Stretch stretch) {
        return swept.far().get(stretch.path()).get(stretch.curve());
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
