package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/** The exact outline of an even band along a path. */
public final class BandOutline {
    /** How much wider (of the width) a band is tried. */
    private static final double[] WIDER = {0, 1e-7, -1e-7, 7e-7};

    private BandOutline() {}

    /**
     * The band {@code width} millimetres wide, half on either side of the path. A band along a closed path has a hole.
     *
     * @return empty when the band is too wide for the path to bear on its inner side
     */
    public static Optional<Region> of(Path path, double width, Ends ends) {
        Optional<Path> right = Parallel.of(path, width / 2);
        Optional<Path> left = Parallel.of(path, -width / 2);
        if (right.isEmpty() || left.isEmpty()) {
            return Optional.empty();
        }
        if (path.closed()) {
            boolean rightOutside =
                    Math.abs(right.get().signedArea()) > Math.abs(left.get().signedArea());
            return Optional.of(new Region(
                    rightOutside ? right.get() : left.get(), List.of(rightOutside ? left.get() : right.get())));
        }
        List<Curve> round = new ArrayList<>(right.get().curves());
        round.addAll(cap(right.get().end(), left.get().end(), ends));
        round.addAll(left.get().reversed().curves());
        round.addAll(cap(left.get().start(), right.get().start(), ends));
        return Optional.of(Region.of(new Path(round, true)));
    }

    /**
     * The band as regions: exact along lines and arcs; where a path has cubics, or bends back on its own band, as {@link Bands}
     * makes it. A band too wide for a circle to bear on its inner side is none. One that the subdivision cannot resolve is tried again
     * wider by parts in ten million, far below what any cutter tells apart, and then in two halves.
     */
    public static List<Region> regions(Path path, WidthProfile widths, Ends ends) {
        boolean circle = path.size() == 1 && path.curves().get(0) instanceof Arc;
        if (widths.isEven()) {
            Optional<Region> exact = of(path, widths.widest(), ends);
            if (exact.isPresent() || circle) {
                return exact.map(List::of).orElse(List.of());
            }
        } else if (circle && Math.abs(path.curves().get(0).curvature(0)) * widths.widest() >= 2) {
            return List.of();
        }
        for (double wider : WIDER) {
            try {
                return Bands.of(path, widths.plus(wider * widths.widest()), ends, Corners.MITRED);
            } catch (IllegalStateException e) {
                // Edges that run almost upon one another, as at a cusp: a little wider they do not.
            }
        }
        return halves(path, widths, ends);
    }

    private static List<Region> halves(Path path, WidthProfile widths, Ends ends) {
        double length = path.length();
        if (length < widths.widest() / 8) {
            return List.of();
        }
        double middle = path.positionAt(length / 2);
        List<Region> both =
                new ArrayList<>(regions(new Path(path.part(0, middle), false), widths.stretch(0, 0.5), ends));
        both.addAll(regions(new Path(path.part(middle, path.size()), false), widths.stretch(0.5, 1), ends));
        return both;
    }

    /** The end of a band from one of its edges over to the other, bulging to the right-hand side of that way. */
    public static List<Curve> cap(Point from, Point to, Ends ends) {
        Point middle = from.middle(to);
        Point half = to.minus(from).times(0.5);
        return switch (ends) {
            case BUTT -> List.of(new Line(from, to));
            case SQUARE -> {
                Point out = half.right();
                yield List.of(
                        new Line(from, from.plus(out)),
                        new Line(from.plus(out), to.plus(out)),
                        new Line(to.plus(out), to));
            }
            case ROUND -> List.of(new Arc(middle, half.length(), Math.atan2(-half.y(), -half.x()), -Math.PI));
            case POINTED -> {
                Point tip = middle.plus(half.right());
                yield List.of(new Line(from, tip), new Line(tip, to));
            }
        };
    }
}
