package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.symmetry.Lattice;

/** The pieces of ground that the bands of a weave enclose. */
public final class Grounds {
    /** Positions along a strand nearer than this, in curves, are one. */
    private static final double NOWHERE = 1e-7;

    private Grounds() {}

    /**
     * The enclosed grounds, the largest first. Bands count as whole: the clearance beside an under-pass joins no two grounds.
     *
     * @throws IllegalStateException if the bands cannot be united
     */
    public static List<Region> of(Weave weave) {
        if (weave.projection().lattice().isPresent()) {
            return ofCloth(weave, weave.projection().lattice().get());
        }
        List<Region> bands = new ArrayList<>();
        for (int s = 0; s < weave.strands().size(); s++) {
            stretches(weave, s).forEach(bands::addAll);
        }
        if (bands.isEmpty()) {
            return List.of();
        }
        return Booleans.union(bands).stream()
                .flatMap(r -> r.holes().stream())
                .map(hole -> Region.of(hole.signedArea() < 0 ? hole.reversed() : hole))
                .sorted(Comparator.comparingDouble(Region::area).reversed())
                .toList();
    }

    /** The grounds of a cloth that are enclosed, each once: what lies about a tile tells those that its seams go through. */
    private static List<Region> ofCloth(Weave weave, Lattice lattice) {
        double margin = Math.max(
                lattice.across().length(), lattice.down().map(Point::length).orElse(0.0));
        Box whole = Box.round(weave.strands().stream().map(s -> s.path().box()).toList())
                .grown(margin);
        List<Region> bands = new ArrayList<>();
        for (Strand strand : weave.about(margin)) {
            bands.addAll(strand.band().ended(Ends.BUTT).along(strand.path()));
        }
        record Known(Region ground, double area, Point centroid) {}
        List<Known> grounds = new ArrayList<>();
        double same = 1e-6 * margin;
        Booleans.union(bands).stream()
                .flatMap(r -> r.holes().stream())
                .map(hole -> Region.of(hole.signedArea() < 0 ? hole.reversed() : hole))
                .filter(ground -> isWithin(ground.outline().box(), whole))
                .map(ground -> new Known(ground, ground.area(), ground.centroid()))
                .sorted(Comparator.comparingDouble(Known::area).reversed())
                .forEach(next -> {
                    boolean known = grounds.stream()
                            .anyMatch(g -> Math.abs(g.area() - next.area()) < same * margin
                                    && lattice.apart(g.centroid(), next.centroid()) < same);
                    if (!known) {
                        grounds.add(next);
                    }
                });
        return grounds.stream().map(Known::ground).toList();
    }

    private static boolean isWithin(Box box, Box whole) {
        return whole.with(box).equals(whole);
    }

    /** Cuts without those in one place: where many strands go through one, there is nothing between their crossings. */
    private static List<Double> apart(List<Double> cuts) {
        List<Double> kept = new ArrayList<>();
        for (double cut : cuts) {
            if (kept.isEmpty() || cut - kept.get(kept.size() - 1) > NOWHERE) {
                kept.add(cut);
            }
        }
        return kept;
    }

    /** The band of a strand in stretches along it, each from half the way before a crossing to half the way after it, so that none overlaps itself. */
    public static List<List<Region>> stretches(Weave weave, int s) {
        Strand strand = weave.strands().get(s);
        Path path = strand.path();
        Projection projection = weave.projection();
        int n = projection.passages(s);
        if (n < 2) {
            return List.of(strand.band().along(path));
        }
        List<Double> cuts = new ArrayList<>();
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            double before =
                    projection.position(projection.passage(s, i == 0 ? n - 1 : i - 1)) - (i == 0 ? path.size() : 0);
            double middle = (before + projection.position(projection.passage(s, i))) / 2;
            cuts.add(middle < 0 ? middle + path.size() : middle);
        }
        cuts.sort(Comparator.naturalOrder());
        cuts = apart(cuts);
        List<List<Region>> bands = new ArrayList<>();
        for (int i = path.closed() ? 0 : -1; i < cuts.size(); i++) {
            double from = i < 0 ? 0 : cuts.get(i);
            boolean last = i == cuts.size() - 1;
            double to = !last ? cuts.get(i + 1) : path.closed() ? cuts.get(0) : path.size();
            Path stretch = new Path(path.part(from, to), false);
            bands.add(BandOutline.regions(
                    stretch,
                    Reaches.widths(strand, from, to),
                    path.closed() ? Ends.BUTT : strand.ends(),
                    strand.band().corners()));
        }
        return bands;
    }
}
