package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;

/**
 * Whether a strand and the bands that cross it at two of its passages have a place in common: told by how far places are from their centre lines
 * where that tells it, else by the subdivision.
 */
final class ThreeBands {
    /** A common part smaller than this share of the square of the narrowest band is none that anybody sees. */
    private static final double SEEN = 1e-4;

    /** A place so far within bands, in parts of half their width, has about it a part of them all that is seen. */
    private static final double WELL = 0.05;

    /** Where between two crossings such places are looked for, as shares of the way. */
    private static final double[] SHARES = {0.5, 0, 1, 0.25, 0.75};

    private final Projection projection;
    private final Reaches reaches;
    private final Map<Integer, List<Region>> across = new HashMap<>();
    private final Map<Integer, Path> paths = new HashMap<>();
    private final Map<Integer, Optional<InCommon.Spine>> spines = new HashMap<>();
    private final Map<Integer, Extent> extents = new HashMap<>();

    ThreeBands(Projection projection, Reaches reaches) {
        this.projection = projection;
        this.reaches = reaches;
    }

    /** A place in each part that they have in common and that is seen; none where there is none. */
    List<Point> places(int first, int second) {
        Optional<Point> within = within(first, second);
        if (within.isPresent()) {
            return List.of(within.get());
        }
        if (!Extent.meet(extent(first, both(first, second)), beside(first), beside(second))) {
            return List.of();
        }
        InCommon near = inCommon(first, second);
        return near.isSettled()
                ? near.place().stream().toList()
                : common(first, second).stream()
                        .filter(r -> isSeen(r, first, second))
                        .map(Region::centroid)
                        .toList();
    }

    private double width(int strand) {
        return projection.strands().get(strand).width();
    }

    /** A place well within three bands, if one of a few that come to mind is so; then what they have in common is seen. */
    private Optional<Point> within(int first, int second) {
        Path own = reaches.path(first);
        double at = reaches.along(first);
        double apart = reaches.apart(first, second);
        for (double share : SHARES) {
            Point place = Reaches.at(own, at + share * apart);
            if (isWellWithin(first ^ 1, place) && isWellWithin(second ^ 1, place)) {
                return Optional.of(place);
            }
        }
        return Optional.empty();
    }

    private boolean isWellWithin(int passage, Point place) {
        if (!reaches.isEven(passage)) {
            return false;
        }
        Path near = paths.computeIfAbsent(passage, p -> reaches.part(p, reaches.stretch(p)));
        double half = width(projection.strand(passage)) / 2;
        double on = near.nearest(place);
        // Beyond its ends a band is cut off, however near it is.
        boolean beside = on > 1e-6 && on < near.size() - 1e-6;
        return beside && near.at(on).distance(place) < (1 - WELL) * half;
    }

    /** Whether the three bands have a place in common, where they are even and have neither corners nor ends there. */
    private InCommon inCommon(int first, int second) {
        Optional<InCommon.Spine> own = spine(first, both(first, second));
        Optional<InCommon.Spine> other = spines.computeIfAbsent(first ^ 1, p -> spine(p, reaches.stretch(p)));
        Optional<InCommon.Spine> third = spines.computeIfAbsent(second ^ 1, p -> spine(p, reaches.stretch(p)));
        if (own.isEmpty() || other.isEmpty() || third.isEmpty()) {
            return InCommon.UNSETTLED;
        }
        double least = Math.min(
                own.get().half(), Math.min(other.get().half(), third.get().half()));
        return InCommon.of(List.of(own.get(), other.get(), third.get()), WELL * least, SEEN * 4 * least * least);
    }

    private Optional<InCommon.Spine> spine(int passage, Reaches.Stretch stretch) {
        Strand strand = projection.strands().get(projection.strand(passage));
        Path path = reaches.part(passage, stretch);
        return reaches.isEven(passage) && Extent.isPlain(strand, stretch, path)
                ? Optional.of(new InCommon.Spine(path, strand.width() / 2))
                : Optional.empty();
    }

    /** The stretch of the strand that both crossings reach. */
    private Reaches.Stretch both(int first, int second) {
        Reaches.Stretch own = reaches.stretch(first);
        Reaches.Stretch on = reaches.stretch(second);
        double apart = reaches.apart(first, second);
        double at = reaches.along(first);
        return new Reaches.Stretch(
                Math.min(own.from(), at + apart - on.length()), Math.max(own.to(), at + apart + on.length()));
    }

    /** What three bands have in common the one of the strand, and those that cross it. */
    private List<Region> common(int first, int second) {
        Reaches.Stretch both = both(first, second);
        List<Region> common = new ArrayList<>();
        for (Region one : band(first, both)) {
            for (Region other : across(first)) {
                for (Region third : across(second)) {
                    common.addAll(common(List.of(one, other, third)));
                }
            }
        }
        return common;
    }

    /** The band that crosses at a passage, as far as it reaches. */
    private List<Region> across(int passage) {
        return across.computeIfAbsent(passage ^ 1, other -> band(other, reaches.stretch(other)));
    }

    private Extent beside(int passage) {
        return extents.computeIfAbsent(passage ^ 1, other -> extent(other, reaches.stretch(other)));
    }

    private Extent extent(int passage, Reaches.Stretch stretch) {
        return Extent.of(projection.strands().get(projection.strand(passage)), stretch, 0);
    }

    private List<Region> band(int passage, Reaches.Stretch stretch) {
        return reaches.band(projection.strands().get(projection.strand(passage)), stretch, 0);
    }

    static List<Region> common(List<Region> bands) {
        try {
            return Booleans.common(bands);
        } catch (IllegalStateException | IllegalArgumentException e) {
            return List.of();
        }
    }

    /** Whether a common part is one that is seen. */
    private boolean isSeen(Region common, int first, int second) {
        double narrowest = Math.min(
                width(projection.strand(first)),
                Math.min(width(projection.strand(first ^ 1)), width(projection.strand(second ^ 1))));
        return common.area() > SEEN * narrowest * narrowest;
    }
}
