package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Diagram;
import org.hyphantes.weave.Strand;

/** All gauges read on a design and its artwork, with the snags found, worst first. */
public record Inspection(List<Reading> readings, List<Snag> snags) {
    public Inspection {
        readings = List.copyOf(readings);
        snags = List.copyOf(snags);
    }

    public Reading reading(Gauge gauge) {
        return readings.stream().filter(r -> r.gauge() == gauge).findFirst().orElseThrow();
    }

    public static Inspection of(Design design, Artwork artwork) {
        return of(design, artwork, Watch.NONE);
    }

    public static Inspection of(Design design, Artwork artwork, Watch watch) {
        List<Snag> snags = new ArrayList<>(RecipeOrder.snags(design));
        for (Laying laying : artwork.work().weaves()) {
            snags.addAll(WeaveSnags.of(laying));
        }
        Optional<Diagram> bare = bare(artwork, watch);
        if (bare.isEmpty() && !artwork.work().lines().isEmpty()) {
            snags.add(Snag.of(
                    Gauge.CROSSINGS,
                    State.BROKEN,
                    null,
                    "The lines meet more than " + Diagram.MOST_MEETINGS
                            + " times, so they are not woven: lay fewer copies."));
        }
        snags.sort((a, b) -> b.state().compareTo(a.state()));
        return new Inspection(
                List.of(
                        strands(artwork, worst(snags, Gauge.STRANDS)),
                        crossings(artwork, bare, worst(snags, Gauge.CROSSINGS))),
                snags);
    }

    private static State worst(List<Snag> snags, Gauge gauge) {
        return snags.stream()
                .filter(s -> s.gauge() == gauge)
                .map(Snag::state)
                .max(State::compareTo)
                .orElse(State.WHOLE);
    }

    /** The crossings of lines that no interlacing has taken up. */
    private static Optional<Diagram> bare(Artwork artwork, Watch watch) {
        if (artwork.work().lines().isEmpty()) {
            return Optional.empty();
        }
        List<Strand> strands = artwork.work().lines().stream()
                .map(l -> new Strand("", l.key(), l.path(), 0, Ends.BUTT))
                .toList();
        return Diagram.of(strands, watch);
    }

    private static Reading strands(Artwork artwork, State worst) {
        List<Path> paths =
                new ArrayList<>(artwork.work().lines().stream().map(Laid::path).toList());
        artwork.work().weaves().forEach(l -> l.weave().strands().forEach(s -> paths.add(s.path())));
        if (paths.isEmpty()) {
            return new Reading(Gauge.STRANDS, State.DOES_NOT_APPLY, "none yet");
        }
        long open = paths.stream().filter(p -> !p.closed()).count();
        String text = paths.size()
                + (open == 0 ? ", all closed" : open == paths.size() ? ", all open" : ", " + open + " open");
        return new Reading(Gauge.STRANDS, worst, text);
    }

    private static Reading crossings(Artwork artwork, Optional<Diagram> bare, State worst) {
        int bareCount = bare.map(d -> d.meets().size()).orElse(0);
        int woven = 0;
        int sound = 0;
        for (Laying laying : artwork.work().weaves()) {
            for (Crossing crossing : laying.weave().crossings()) {
                woven++;
                sound += crossing.state() == Crossing.State.RESOLVED || crossing.state() == Crossing.State.PINNED
                        ? 1
                        : 0;
            }
        }
        if (woven + bareCount == 0) {
            return new Reading(Gauge.CROSSINGS, worst == State.WHOLE ? State.DOES_NOT_APPLY : worst, "none");
        }
        if (woven == 0) {
            return new Reading(Gauge.CROSSINGS, max(worst, State.CHIPPED), bareCount + " not woven");
        }
        String text = sound + " of " + woven + " alternate" + (bareCount > 0 ? ", " + bareCount + " not woven" : "");
        return new Reading(Gauge.CROSSINGS, worst, text);
    }

    private static State max(State a, State b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
