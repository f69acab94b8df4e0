package org.hyphantes.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.hatch.Clipping;
import org.hyphantes.geometry.hatch.Hatching;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.OffsetCurves;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Edge;
import org.hyphantes.paint.Edged;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Finish;
import org.hyphantes.paint.Finished;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Hatch;
import org.hyphantes.paint.Motif;
import org.hyphantes.paint.Over;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Patterned;
import org.hyphantes.paint.Run;
import org.hyphantes.paint.Stops;
import org.hyphantes.paint.Strewn;
import org.hyphantes.paint.Sweep;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Spine;
import org.hyphantes.symmetry.Turning;

/**
 * Lays fills, edges and finishes over parts that lie about a middle: what a scene has no fill for as patches, hatches as lines.
 */
final class Filling {
    /** A line is no coarser than so many steps of 255. */
    private static final double FINEST = 2;

    /** The weight (mm) of the line about a side face. */
    private static final double FACE_LINE = 0.1;

    private final Point middle;

    /** The box (mm) round all parts. */
    private final Box whole;

    private final Map<Parallels, List<Curve>> parallels = new HashMap<>();

    private final List<Standing> sides = new ArrayList<>();

    /** A side face of a part. */
    private record Standing(Finish.Raised.Side side, Origin origin) {}

    /** Lines along a path at even distances, made once for all its courses. */
    private record Parallels(Path path, double width, double spacing) {}

    private Filling(Point middle, Box whole) {
        this.middle = middle;
        this.whole = whole;
    }

    /**
     * Of parts in a box that lie about the centre of the turns, or about the middle of the box.
     *
     * @param placed what lays the parts in their place
     */
    static Filling about(Optional<Turning> turning, Box whole, Affine placed) {
        Point middle = turning.filter(t -> t.count() > 1)
                .map(t -> placed.equals(Affine.IDENTITY)
                        ? t.centre()
                        : placed.inverse().of(t.centre()))
                .orElse(whole.centre());
        return new Filling(middle, whole);
    }

    /** The paint of a part, its fill laid over all of it. */
    Paint laid(Paint paint, Path part) {
        return paint.laid(part, middle, whole);
    }

    /** A bare line: in one colour, or where its colour runs along it in stretches no coarser than two steps. */
    static void line(List<Mark> into, Path path, Optional<Fill> fill, Origin origin) {
        Paint paint = Paint.line(fill);
        Fill own = fill.flatMap(Fill::within).orElse(null);
        if (!(own instanceof Gradient gradient && gradient.way() == Gradient.Way.ALONG)) {
            into.add(new Mark.Stroke(path, paint, origin));
            return;
        }
        Stops stops = new Stops(gradient.stops());
        Stops all = path.closed() ? stops.thereAndBack() : stops;
        List<Double> places = all.steps(FINEST);
        for (int k = 0; k + 1 < places.size(); k++) {
            double from = path.positionAt(places.get(k) * path.length());
            // Each reaches under the next, so that nothing shows between them.
            double to = path.positionAt(places.get(Math.min(places.size() - 1, k + 2)) * path.length());
            if (to > from) {
                Colour colour = all.at((places.get(k) + places.get(k + 1)) / 2);
                into.add(new Mark.Stroke(
                        new Path(path.part(from, to), false), paint.lined(colour, paint.weight()), origin));
            }
        }
    }

    /**
     * An area with its fill, its edge and its hatch, added to marks.
     *
     * @param area with its paint as {@link Paint#band} or the like has it, laid over all of the part
     * @param fill what the part was given, with its edge
     * @param run the stretch of a strand that it is the band about
     * @param number of the part, from which what is strewn begins
     */
    void add(List<Mark> into, Mark.Area area, Optional<Fill> fill, Optional<Run> run, int number) {
        Region hewn = area.region();
        Paint paint = area.paint();
        List<Path> borders = area.sides();
        for (Finish finish : Finished.each(fill)) {
            if (finish instanceof Finish.Hewn rough) {
                hewn = rough.of(hewn);
                // A hewn border is one line, across the band too.
                borders = hewn.borders();
            } else if (finish instanceof Finish.Raised raised) {
                Colour own = paint.fill().map(Fill::colour).orElse(Paint.INK);
                for (Finish.Raised.Side side : raised.sides(hewn, own)) {
                    sides.add(new Standing(side, area.origin()));
                }
            }
        }
        Region region = hewn;
        if (paint.fill().isPresent()) {
            Fill over = over(paint.fill().get(), region, run, number);
            paint = over == paint.fill().get() ? paint : paint.filled(over);
        }
        Optional<Edge> aside = edge(fill).filter(e -> e.side() != Edge.Side.ON);
        boolean textured = !Over.textures(fill).isEmpty();
        Optional<Spine> spine = area.spine();
        Paint inner = aside.isPresent() || textured ? paint.unlined() : paint;
        into.add(new Mark.Area(region, borders, spine, inner, area.origin()));
        if (textured) {
            textures(into, region, fill, run, area.origin(), number);
            // The edge lies over what ends at it.
            if (aside.isEmpty() && paint.line().isPresent()) {
                into.add(new Mark.Area(region, borders, Optional.empty(), paint.filled(null), area.origin()));
            }
        }
        aside.ifPresent(edge -> beside(into, region, edge, area.origin()));
    }

    private Fill over(Fill fill, Region region, Optional<Run> run, int number) {
        if (fill instanceof Blended blended) {
            return new Blended(over(blended.inner(), region, run, number), blended.opacity(), blended.mode());
        }
        if (fill instanceof Sweep sweep) {
            return sweep.over(region);
        }
        if (fill instanceof Gradient gradient) {
            return run.map(r -> gradient.over(region, r))
                    .orElseGet(() -> gradient.offStrand().laid(region.outline(), middle, whole));
        }
        return fill instanceof Strewn strewn ? strewn.over(region, number) : fill;
    }

    private static Optional<Edge> edge(Optional<Fill> fill) {
        return Finished.bare(fill).filter(Edged.class::isInstance).flatMap(f -> ((Edged) f).edge());
    }

    /** The side faces of all that was added, those behind first; what lies on top comes after them. */
    List<Mark> sides() {
        sides.sort(Comparator.comparingDouble(s -> s.side().order()));
        return sides.stream().map(Filling::face).toList();
    }

    private static Mark face(Standing standing) {
        Patch face = standing.side().face();
        // Lined in its own colour, so that nothing shows between two faces of one bent side.
        Paint paint =
                new Paint(Optional.of(face.fill()), Optional.of(face.fill().colour()), FACE_LINE, false);
        return new Mark.Area(face.region(), paint, standing.origin());
    }

    /** An edge inside or outside a border, along its parallel at half its weight. */
    private static void beside(List<Mark> into, Region region, Edge edge, Origin origin) {
        Paint line = Paint.BARE_LINE.edged(edge);
        List<Region> moved = edge.side() == Edge.Side.INSIDE
                ? OffsetCurves.inset(region, edge.weight() / 2, Corners.MITRED)
                : OffsetCurves.outset(region, edge.weight() / 2, Corners.MITRED);
        moved.forEach(r -> r.borders().forEach(border -> into.add(new Mark.Stroke(border, line, origin))));
    }

    /** What lies over the fill of a part, from the back to the front. */
    private void textures(
            List<Mark> into, Region region, Optional<Fill> fill, Optional<Run> run, Origin origin, int number) {
        for (Fill texture : Over.textures(fill)) {
            if (texture instanceof Hatch hatch) {
                hatch(into, region, hatch, run, origin);
            } else if (texture instanceof Patterned pattern) {
                pattern(into, region, pattern, origin);
            } else {
                Paint paint = new Paint(Optional.of(over(texture, region, run, number)), Optional.empty(), 0, false);
                into.add(new Mark.Area(region, paint, origin));
            }
        }
    }

    private static void pattern(List<Mark> into, Region region, Patterned pattern, Origin origin) {
        Box box = region.outline().box();
        List<Patch> patches = pattern.motif().patches().stream()
                .filter(p -> p.region().outline().box().meets(box))
                .toList();
        if (!patches.isEmpty()) {
            Patched within = new Patched(
                    pattern.colour(),
                    Patched.Manner.LAYERED,
                    () -> patches.stream()
                            .flatMap(p -> Booleans.common(List.of(region, p.region())).stream()
                                    .map(r -> new Patch(r, pattern.area(p))))
                            .toList());
            into.add(new Mark.Area(region, new Paint(Optional.of(within), Optional.empty(), 0, false), origin));
        }
        for (Motif.Drawn line : pattern.motif().lines()) {
            if (line.path().box().meets(box)) {
                Clipping.of(region, line.path().curves())
                        .forEach(c -> into.add(new Mark.Stroke(path(c), pattern.line(line), origin)));
            }
        }
    }

    /** The lines of a hatch in exact stretches over a part. */
    private void hatch(List<Mark> into, Region region, Hatch hatch, Optional<Run> run, Origin origin) {
        List<Curve> lines = new ArrayList<>();
        switch (hatch.lie()) {
            case ROUND -> lines.addAll(Clipping.rounds(region, middle, hatch.spacing()));
            case ALONG ->
                lines.addAll(run.map(r -> Clipping.of(region, beside(r, hatch.spacing())))
                        .orElseGet(() -> List.copyOf(Hatching.of(region, hatch.spacing(), hatch.bearing()))));
            case STRAIGHT -> lines.addAll(Hatching.of(region, hatch.spacing(), hatch.bearing()));
            case CROSSED -> {
                lines.addAll(Hatching.of(region, hatch.spacing(), hatch.bearing()));
                lines.addAll(Hatching.of(region, hatch.spacing(), hatch.bearing() + 90));
            }
        }
        Paint paint = hatch.line();
        lines.forEach(line -> into.add(new Mark.Stroke(path(line), paint, origin)));
    }

    private static Path path(Curve line) {
        return line.start().distance(line.end()) <= 1e-12 * line.length() ? Path.closed(line) : Path.open(line);
    }

    /** Lines along a strand at even distances on both sides of its middle, as far as its band is wide. */
    private List<Curve> beside(Run run, double spacing) {
        double width = run.widths().widest();
        return parallels.computeIfAbsent(new Parallels(run.path(), width, spacing), p -> {
            List<Curve> lines = new ArrayList<>(run.path().curves());
            for (long k = 1; k * spacing < width / 2; k++) {
                WidthProfile apart = WidthProfile.even(2 * k * spacing);
                lines.addAll(BandEdge.of(run.path(), apart, 1, 0).path().curves());
                lines.addAll(BandEdge.of(run.path(), apart, -1, 0).path().curves());
            }
            return List.copyOf(lines);
        });
    }
}
