package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Box;
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
        List<Strand> strands = weave.strands();
        boolean even = !strands.isEmpty()
                && strands.stream()
                        .allMatch(s -> s.isRound()
                                && s.band().widths().isEven()
                                && s.width() == strands.get(0).width());
        if (even) {
            measure(faces(), strands.get(0).width() / 2);
        } else {
            measure(Grounds.of(weave), 0);
        }
        return new Found(least, narrow);
    }

    private List<Region> faces() {
        return CrossingFaces.of(weave.projection()).orElseGet(() -> {
            List<Path> paths = near.stream().map(Strand::path).toList();
            return Subdivision.of(paths).faceRegions();
        });
    }

    /** What is as wide as this is of no interest. */
    private double enough() {
        return Math.max(limit, least);
    }

    /** Regions of one shape, which may be narrow: their ground is at least as wide (mm) as is known, for so wide it is in their middle. */
    private record Kind(List<Region> alike, double known) {
        static Kind of(List<Region> alike, double half) {
            return new Kind(
                    alike, Math.max(0, 2 * (InscribedDisc.inMiddle(alike.get(0)).radius() - half)));
        }
    }

    /** @param half how far (mm) within its region each ground begins */
    private void measure(List<Region> regions, double half) {
        Map<List<Double>, List<Region>> shapes = new LinkedHashMap<>();
        for (Region region : regions) {
            Watch.ask();
            List<Double> shape = List.of(Math.rint(1e5 * region.area()), Math.rint(1e5 * region.borderLength()));
            shapes.computeIfAbsent(shape, s -> new ArrayList<>()).add(region);
        }
        // Once the narrowest is found the others need not be looked at closely.
        List<Kind> kinds = shapes.values().stream()
                .map(alike -> Kind.of(alike, half))
                .sorted(Comparator.comparingDouble(Kind::known))
                .toList();
        for (Kind kind : kinds) {
            Watch.ask();
            if (kind.known() < enough()) {
                measure(kind, half);
            }
        }
    }

    private void measure(Kind kind, double half) {
        Region first = kind.alike().get(0);
        InscribedDisc disc = InscribedDisc.of(first, half, half + enough() / 2);
        double across = 2 * (disc.radius() - half);
        if (across <= NOTHING) {
            // Bands only just touch where there is most room; of united bands nothing is left there.
            Box box = first.outline().box();
            double slack = Math.max(NOTHING, 2e-6 * Math.max(box.width(), box.height()));
            if (half == 0 || disc.radius() < half - slack) {
                return;
            }
            across = 0;
        }
        least = Math.min(least, across);
        if (across < limit) {
            narrow(kind.alike(), disc.centre(), across);
        }
    }

    private void narrow(List<Region> alike, Point centre, double across) {
        List<Point> known = new ArrayList<>();
        for (Region region : alike) {
            Watch.ask();
            Point centroid = region.centroid();
            if (lattice.isPresent()
                    && known.stream().anyMatch(k -> lattice.get().apart(k, centroid) < 1e-6 * margin)) {
                continue;
            }
            known.add(centroid);
            // The disc of a sibling lies elsewhere.
            Point middle = region.contains(centre) ? centre : centroid;
            narrow.add(new Ground(region, middle, across, beside(middle, across / 2)));
        }
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
}
