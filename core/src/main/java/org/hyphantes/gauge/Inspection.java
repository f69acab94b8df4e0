package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Executor;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Watch;

/** All gauges read on a design and its artwork, with the snags found, worst first. */
public record Inspection(List<GaugeReading> readings, List<Snag> snags) {
    public Inspection {
        readings = List.copyOf(readings);
        snags = List.copyOf(snags);
    }

    /** What the gauge of a word says. */
    public GaugeReading reading(String gauge) {
        return readings.stream()
                .filter(r -> r.gauge().word().equals(gauge))
                .findFirst()
                .orElseThrow();
    }

    public static Inspection of(Design design, Artwork artwork) {
        return of(design, artwork, Watch.NONE, true);
    }

    /** @param measured whether bands are measured against one another, which takes longer than the rest */
    public static Inspection of(Design design, Artwork artwork, Watch watch, boolean measured) {
        return of(design, artwork, watch, measured, Runnable::run);
    }

    /** @param beside does some of it meanwhile */
    public static Inspection of(Design design, Artwork artwork, Watch watch, boolean measured, Executor beside) {
        return Watch.over(watch, () -> read(design, artwork, watch, measured, beside));
    }

    private static Inspection read(Design design, Artwork artwork, Watch watch, boolean measured, Executor beside) {
        Examined recipe = Examined.of(design, artwork, watch, measured, beside);
        List<Snag> own = new ArrayList<>();
        Gauges.EACH.forEach(g -> own.addAll(g.snags(recipe)));
        Examined all = recipe.with(own);
        List<Snag> snags = new ArrayList<>(all.found());
        snags.sort(Comparator.comparing(Snag::state).reversed());
        return new Inspection(Gauges.EACH.stream().map(g -> g.read(all)).toList(), snags);
    }
}
