package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Diagram;
import org.hyphantes.weave.Rhythm;
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
        return of(design, artwork, watch, true);
    }

    /** @param measured whether bands are measured against one another, which takes longer than the rest */
    public static Inspection of(Design design, Artwork artwork, Watch watch, boolean measured) {
        List<Snag> snags = new ArrayList<>(RecipeOrder.snags(design));
        List<Bandwork.Measured> work = new ArrayList<>();
        for (Laying laying : artwork.work().weaves()) {
            snags.addAll(WeaveSnags.of(design, laying));
            if (measured) {
                Bandwork.Measured bands = Bandwork.of(design, laying, watch);
                work.add(bands);
                snags.addAll(bands.snags());
            }
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
                        crossings(artwork, bare, worst(snags, Gauge.CROSSINGS)),
                        evenness(design, artwork, worst(snags, Gauge.EVENNESS)),
                        narrowest(design, artwork, work, measured, worst(snags, Gauge.NARROWEST)),
                        touching(design, artwork, work, measured, worst(snags, Gauge.TOUCHING))),
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
        boolean pairs =
                artwork.work().weaves().stream().anyMatch(l -> l.weave().order().rhythm() == Rhythm.IN_PAIRS);
        boolean hand =
                artwork.work().weaves().stream().anyMatch(l -> l.weave().order().rhythm() == Rhythm.BY_HAND);
        String how = hand ? " decided" : pairs ? " in pairs" : " alternate";
        String text = sound + " of " + woven + how + (bareCount > 0 ? ", " + bareCount + " not woven" : "");
        return new Reading(Gauge.CROSSINGS, worst, text);
    }

    private static Reading evenness(Design design, Artwork artwork, State worst) {
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (Laying laying : artwork.work().weaves()) {
            for (Strand strand : laying.weave().strands()) {
                for (WidthProfile.Stop stop : strand.band().widths().stops()) {
                    least = Math.min(least, stop.width());
                    most = Math.max(most, stop.width());
                }
            }
        }
        if (most == 0) {
            return new Reading(Gauge.EVENNESS, State.DOES_NOT_APPLY, "nothing woven");
        }
        String text = most - least < 1e-9
                ? Numerals.length(most, design.unit()) + " all along"
                : Numerals.length(least, design.unit()) + " to " + Numerals.length(most, design.unit());
        return new Reading(Gauge.EVENNESS, worst, text);
    }

    private static Reading narrowest(
            Design design, Artwork artwork, List<Bandwork.Measured> work, boolean measured, State worst) {
        if (artwork.work().weaves().isEmpty()) {
            return new Reading(Gauge.NARROWEST, State.DOES_NOT_APPLY, "nothing woven");
        }
        if (!measured) {
            return new Reading(Gauge.NARROWEST, State.RESOLVING, "at rest");
        }
        double least =
                work.stream().mapToDouble(Bandwork.Measured::narrowest).min().orElse(0);
        String limit =
                Numerals.shown(design.material().narrowest() / design.unit().millimetres(), 3);
        if (Double.isInfinite(least)) {
            return new Reading(Gauge.NARROWEST, worst, "wide, limit " + limit);
        }
        boolean touch = work.stream().anyMatch(m -> m.touching() > 0);
        String text = Numerals.length(Math.rint(least * 100) / 100, design.unit()) + ", limit " + limit;
        return new Reading(Gauge.NARROWEST, touch ? State.BROKEN : worst, text);
    }

    private static Reading touching(
            Design design, Artwork artwork, List<Bandwork.Measured> work, boolean measured, State worst) {
        if (artwork.work().weaves().isEmpty()) {
            return new Reading(Gauge.TOUCHING, State.DOES_NOT_APPLY, "nothing woven");
        }
        if (!measured) {
            return new Reading(Gauge.TOUCHING, State.RESOLVING, "at rest");
        }
        int places = work.stream().mapToInt(Bandwork.Measured::touching).sum();
        double deepest =
                work.stream().mapToDouble(Bandwork.Measured::deepest).max().orElse(0);
        String text = places == 0
                ? "nowhere"
                : Numerals.length(Math.rint(deepest * 100) / 100, design.unit()) + " at " + places
                        + (places == 1 ? " place" : " places");
        return new Reading(Gauge.TOUCHING, worst, text);
    }

    private static State max(State a, State b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
