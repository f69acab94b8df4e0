package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Function;
import org.hyphantes.cut.Cuts;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Parts;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Strand;

/**
 * A design and its artwork with all that the gauges measure together, each found but once.
 *
 * @param bands what was measured on the bands of each weave; empty while they are not measured
 * @param across the narrowest width (mm) of a piece, infinite while there is none or none is measured
 * @param bare the crossings of lines that no interlacing has taken up; empty without any, or when they are too many
 * @param cuts what goes to a machine; empty while it is not measured or the recipe is amiss, and for what is not cut
 * @param found the snags of the recipe and of the weaves, each for its gauge
 */
public record Examined(
        Design design,
        Artwork artwork,
        Optional<List<Bandwork.Measured>> bands,
        double across,
        Optional<Projection> bare,
        Optional<Cuts> cuts,
        List<Snag> found) {
    /**
     * @param measured whether bands are measured against one another, which takes longer than the rest
     * @param beside does some of it meanwhile
     */
    static Examined of(Design design, Artwork artwork, Watch watch, boolean measured, Executor beside) {
        List<Snag> recipe = RecipeOrder.snags(design, artwork.faults());
        List<Snag> found = new ArrayList<>(recipe);
        List<Bandwork.Measured> bands = new ArrayList<>();
        for (Laying laying : artwork.work().woven()) {
            found.addAll(WeaveSnags.of(design, laying, watch, measured));
            if (measured) {
                Bandwork.Measured own = measured(design, laying, watch, beside);
                bands.add(own);
                found.addAll(own.snags());
            }
        }
        found.addAll(Piecework.undone(design, artwork.work()));
        double across = Double.POSITIVE_INFINITY;
        for (Inlay inlay : artwork.work().mosaics()) {
            Piecework.Measured own = Piecework.of(design, inlay, measured);
            across = Math.min(across, own.narrowest());
            found.addAll(own.snags());
        }
        Optional<Projection> bare = bare(artwork, watch);
        Optional<Cuts> cuts = measured && recipe.isEmpty() && design.material().isCut()
                ? Optional.of(cuts(design, artwork))
                : Optional.empty();
        return new Examined(
                design, artwork, measured ? Optional.of(bands) : Optional.empty(), across, bare, cuts, found);
    }

    private static Cuts cuts(Design design, Artwork artwork) {
        return Cuts.of(
                Parts.of(design, artwork.scene()),
                design.job(),
                design.colourway(),
                design.handing().scale().value(),
                design.making().narrowest().value());
    }

    /** What was measured on a weave; one that cannot be measured is flagged, for nothing may be called whole unseen. */
    private static Bandwork.Measured measured(Design design, Laying laying, Watch watch, Executor beside) {
        try {
            return Bandwork.of(design, laying, watch, beside);
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            Snag snag = Snag.of(
                    NarrowestGauge.WORD,
                    State.BROKEN,
                    null,
                    "The bands of this weave cannot be measured: move one of its figures a little.");
            return new Bandwork.Measured(0, 0, 0, List.of(snag));
        }
    }

    private static Optional<Projection> bare(Artwork artwork, Watch watch) {
        List<Laid> lines = artwork.work().strandlike();
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        List<Strand> strands = lines.stream()
                .map(l -> new Strand("", l.key(), l.path(), 0, Ends.BUTT))
                .toList();
        return Projection.of(strands, artwork.work().cloth().map(Cloth::lattice), watch);
    }

    /** How a gauge stands by the worst of its snags. */
    State worst(Gauge gauge) {
        return found.stream()
                .filter(s -> s.gauge().equals(gauge.word()))
                .map(Snag::state)
                .max(State::compareTo)
                .orElse(State.WHOLE);
    }

    /** What a gauge says of the bands as they were measured; that nothing is woven, or that measuring waits, it says of itself. */
    GaugeReading ofBands(Gauge gauge, Function<List<Bandwork.Measured>, GaugeReading> reading) {
        if (!isWoven()) {
            return new GaugeReading(gauge, State.DOES_NOT_APPLY, "nothing woven");
        }
        return bands.map(reading).orElseGet(() -> new GaugeReading(gauge, State.RESOLVING, "at rest"));
    }

    boolean hasPieces() {
        return !artwork.work().mosaics().isEmpty();
    }

    boolean isWoven() {
        return !artwork.work().woven().isEmpty();
    }

    Examined with(List<Snag> more) {
        List<Snag> all = new ArrayList<>(found);
        all.addAll(more);
        return new Examined(design, artwork, bands, across, bare, cuts, all);
    }
}
