package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.InscribedDisc;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.symmetry.Lattice;

/**
 * How wide the grounds are that the bands of a weave enclose: the diameter of the widest disc in each that no band covers. Ground
 * that narrows towards its corners only, as between two bands that cross twice, has no other narrowest place.
 *
 * <p>Where bands are of one width and none ends, the ground lies in a face between the strands' paths, half a band from what
 * bounds it, so that no band need be made; elsewhere it is what the united bands leave.
 */
public final class GroundWidths {
    /** Where less than this (mm) lies between bands they touch, and there is no ground. */
    private static final double NOTHING = 1e-6;

    /** What is less far (mm) beyond a disc than this, its radius apart, may be what it touches. */
    private static final double NEAR = 1e-3;

    private final Weave weave;
    private final Optional<Lattice> lattice;
    private final double margin;
    private final List<Strand> near;
    private final double limit;
    /** By area and length of their border: regions of one shape have one disc. */
    private final Map<List<Double>, Widest> kinds = new HashMap<>();

    private final boolean even;
    private final List<Point> known = new ArrayList<>();
    private final List<Ground> narrow = new ArrayList<>();
    private double least;

    private GroundWidths(Weave weave, double limit, double least) {
        this.weave = weave;
        this.lattice = weave.projection().lattice();
        this.margin = lattice.map(l -> Math.max(
                        l.across().length(), l.down().map(Point::length).orElse(0.0)))
                .orElse(0.0);
        this.near = weave.about(margin);
        this.limit = limit;
        this.least = least;
        List<Strand> strands = weave.strands();
        this.even = !strands.isEmpty()
                && strands.stream()
                        .allMatch(s -> s.isRound()
                                && s.band().widths().isEven()
                                && s.width() == strands.get(0).width());
    }

    /**
     * A ground.
     *
     * @param within where it lies: the face between the strands' paths, or itself
     * @param middle the centre of the widest disc in it
     * @param across the diameter of that disc, mm; 0 where the bands about it only just touch, so that no ground is left
     * @param beside the bands nearest to it, the wider first; two at most, none where no band is nearer than it is wide
     */
    public record Ground(Region within, Point middle, double across, List<Strand> beside) {
        public Ground {
            beside = List.copyOf(beside);
        }
    }

    /**
     * What was found.
     *
     * @param least how wide (mm) the least wide ground is, or what else is known to be the narrowest
     * @param narrow the grounds less wide than a limit, each once, those of a cloth once for all its tiles
     */
    public record Found(double least, List<Ground> narrow) {}

    /**
     * The grounds that are narrow.
     *
     * @param limit all less wide than this (mm) are told
     * @param narrowest of those that are wider than this (mm) nothing is wanted
     * @throws IllegalStateException if the paths of the strands cannot be divided, or their bands not united
     * @throws org.hyphantes.geometry.BrokenOff if the watch breaks it off
     */
    public static Found of(Weave weave, double limit, double narrowest, Watch watch) {
        return Watch.over(watch, () -> new GroundWidths(weave, limit, narrowest).found());
    }

    private Found found() {
        if (even) {
            measure(faces(), weave.strands().get(0).width() / 2);
        } else {
            measure(Grounds.of(weave), 0);
        }
        return new Found(least, narrow);
    }

    private List<Region> faces() {
        List<Path> paths = near.stream().map(Strand::path).toList();
        return Subdivision.of(paths).faceRegions();
    }

    /** What is as wide as this is of no interest. */
    private double enough() {
        return Math.max(limit, least);
    }

    /** A region of ground that may be narrow: it is at least as wide (mm) as is known, for so wide it is in its middle. */
    private record Doubtful(Region region, ToDoubleFunction<Point> room, Point middle, double known) {
        static Doubtful of(Region region, double half) {
            Point middle = region.centroid();
            ToDoubleFunction<Point> border = InscribedDisc.distance(region);
            ToDoubleFunction<Point> room = p -> border.applyAsDouble(p) - half;
            double known = region.contains(middle) ? Math.max(0, 2 * room.applyAsDouble(middle)) : 0;
            return new Doubtful(region, room, middle, known);
        }

        double size() {
            return Math.max(
                    region.outline().box().width(), region.outline().box().height());
        }
    }

    /** @param half how far (mm) within its region each ground begins */
    private void measure(List<Region> regions, double half) {
        List<Doubtful> doubtful = new ArrayList<>();
        for (Region region : regions) {
            Watch.ask();
            Doubtful next = Doubtful.of(region, half);
            if (next.known() < enough()) {
                doubtful.add(next);
            }
        }
        // Once the narrowest is found the others need not be looked at closely.
        doubtful.sort(Comparator.comparingDouble(Doubtful::known));
        for (Doubtful next : doubtful) {
            Watch.ask();
            if (next.known() < enough()) {
                measure(next);
            }
        }
    }

    private void measure(Doubtful doubtful) {
        Region region = doubtful.region();
        Widest widest = kinds.computeIfAbsent(
                List.of(Math.rint(1e5 * region.area()), Math.rint(1e5 * region.borderLength())),
                kind -> widest(doubtful));
        double across = widest.isClosed() ? 0 : 2 * widest.disc().radius();
        if (!widest.isClosed() && across <= NOTHING) {
            return;
        }
        least = Math.min(least, across);
        if (across < limit && !isKnown(doubtful.middle())) {
            known.add(doubtful.middle());
            // The disc of a sibling lies elsewhere.
            Point centre = widest.disc().centre();
            Point middle = region.contains(centre) ? centre : doubtful.middle();
            narrow.add(new Ground(region, middle, across, beside(middle, across / 2)));
        }
    }

    /** The widest disc, and whether there is none since bands only just touch: of united bands no ground is left then. */
    private record Widest(InscribedDisc disc, boolean isClosed) {}

    private Widest widest(Doubtful doubtful) {
        InscribedDisc disc = InscribedDisc.of(doubtful.region(), doubtful.room(), enough() / 2);
        double most = doubtful.room().applyAsDouble(disc.centre());
        boolean closed =
                even && 2 * disc.radius() <= NOTHING && Math.abs(most) <= Math.max(NOTHING, 2e-6 * doubtful.size());
        return new Widest(disc, closed);
    }

    private List<Strand> beside(Point middle, double radius) {
        record Beside(Strand strand, double away) {}
        List<Beside> nearest = near.stream()
                .filter(s ->
                        s.path().box().grown(s.width() / 2 + 2 * radius + NEAR).contains(middle))
                .map(s -> {
                    double on = s.path().nearest(middle);
                    return new Beside(s, s.path().at(on).distance(middle) - s.width(on) / 2);
                })
                .filter(b -> b.away() < 2 * radius + NEAR)
                .sorted(Comparator.comparingDouble(Beside::away))
                .limit(2)
                .toList();
        return nearest.stream()
                .map(Beside::strand)
                .sorted(Comparator.comparingDouble((Strand s) -> s.width()).reversed())
                .toList();
    }

    private boolean isKnown(Point middle) {
        return lattice.isPresent() && known.stream().anyMatch(k -> lattice.get().apart(k, middle) < 1e-6 * margin);
    }
}
