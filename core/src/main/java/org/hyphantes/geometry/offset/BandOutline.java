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
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;

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
        return edges(path, width, ends).map(edges -> {
            if (edges.size() == 1) {
                return Region.of(edges.get(0));
            }
            Path right = edges.get(0);
            Path left = edges.get(1);
            boolean rightOutside = Math.abs(right.signedArea()) > Math.abs(left.signedArea());
            return new Region(rightOutside ? right : left, List.of(rightOutside ? left : right));
        });
    }

    /** The edges of a band on the right-hand side and on the left of a closed path, or all round an open one; if there are any that are exact. */
    private static Optional<List<Path>> edges(Path path, double width, Ends ends) {
        Optional<Path> right = Parallel.of(path, width / 2);
        Optional<Path> left = Parallel.of(path, -width / 2);
        if (right.isEmpty() || left.isEmpty()) {
            return Optional.empty();
        }
        if (path.closed()) {
            return Optional.of(List.of(right.get(), left.get()));
        }
        List<Curve> round = new ArrayList<>(right.get().curves());
        round.addAll(cap(right.get().end(), left.get().end(), ends));
        round.addAll(left.get().reversed().curves());
        round.addAll(cap(left.get().start(), right.get().start(), ends));
        return Optional.of(List.of(new Path(round, true)));
    }

    /**
     * The band as regions, as {@link #regions} has it, but whole where it lies over itself: where its path crosses itself, or comes back
     * beside itself nearer than the band is wide.
     */
    public static List<Region> whole(Path path, WidthProfile widths, Ends ends, Corners corners) {
        if (path.size() > 1 && isExact(path, widths, corners)) {
            Optional<List<Path>> edges = edges(path, widths.widest(), ends);
            if (edges.isPresent() && OverItself.crosses(edges.get())) {
                // Wound so that every part of the band is gone round clockwise.
                List<Path> wound = new ArrayList<>(edges.get());
                wound.set(0, wound.get(0).reversed());
                return Booleans.enclosed(wound, FillRule.POSITIVE);
            }
        }
        return regions(path, widths, ends, corners);
    }

    /** Whether edges are sought that lie beside each curve by itself. */
    private static boolean isExact(Path path, WidthProfile widths, Corners corners) {
        return widths.isEven() && (corners.kind() == Corner.MITRED || Parallel.isSmooth(path));
    }

    /**
     * The band as regions: exact along lines and arcs; where a path has cubics, or bends back on its own band, as {@link Bands}
     * makes it. A band too wide for a circle to bear on its inner side is none. One that the subdivision cannot resolve is tried again
     * wider by parts in ten million, far below what any cutter tells apart, and then in two halves.
     */
    public static List<Region> regions(Path path, WidthProfile widths, Ends ends) {
        return regions(path, widths, ends, Corners.MITRED);
    }

    /** The same, with the outer side of corners done as told. */
    public static List<Region> regions(Path path, WidthProfile widths, Ends ends, Corners corners) {
        boolean circle = path.size() == 1 && path.curves().get(0) instanceof Arc;
        if (isExact(path, widths, corners)) {
            Optional<Region> exact = of(path, widths.widest(), ends);
            if (exact.isPresent() || circle) {
                return exact.map(List::of).orElse(List.of());
            }
        } else if (!widths.isEven() && circle && Math.abs(path.curves().get(0).curvature(0)) * widths.widest() >= 2) {
            return List.of();
        }
        for (double wider : WIDER) {
            try {
                return Bands.of(path, widths.plus(wider * widths.widest()), ends, corners);
            } catch (IllegalStateException e) {
                // Edges that run almost upon one another, as at a cusp: a little wider they do not.
            }
        }
        return halves(path, widths, ends, corners);
    }

    private static List<Region> halves(Path path, WidthProfile widths, Ends ends, Corners corners) {
        double length = path.length();
        if (length < widths.widest() / 8) {
            return List.of();
        }
        double middle = path.positionAt(length / 2);
        List<Region> both =
                new ArrayList<>(regions(new Path(path.part(0, middle), false), widths.stretch(0, 0.5), ends, corners));
        both.addAll(regions(new Path(path.part(middle, path.size()), false), widths.stretch(0.5, 1), ends, corners));
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
