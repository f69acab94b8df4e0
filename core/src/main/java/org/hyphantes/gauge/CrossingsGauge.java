package org.hyphantes.gauge;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Weave;

/** How many crossings there are, and whether each is decided as the rhythm wants it. */
final class CrossingsGauge implements Gauge {
    static final String WORD = "crossings";
    static final Gauge GAUGE = new CrossingsGauge();

    private CrossingsGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public String usual() {
        return "32 of 32 alternate, 4";
    }

    @Override
    public String why() {
        return "Where over and under take turns along every strand, the weave holds together and reads at a glance.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        Artwork artwork = examined.artwork();
        Optional<Projection> bare = examined.bare();
        State worst = examined.worst(this);
        int bareCount = bare.map(d -> d.meets().size()).orElse(0);
        int woven = 0;
        int sound = 0;
        for (Laying laying : artwork.work().woven()) {
            for (Crossing crossing : laying.weave().crossings()) {
                woven++;
                sound += crossing.state() == Crossing.State.RESOLVED || crossing.state() == Crossing.State.PINNED
                        ? 1
                        : 0;
            }
        }
        if (woven + bareCount == 0) {
            return new GaugeReading(this, worst == State.WHOLE ? State.DOES_NOT_APPLY : worst, "none");
        }
        if (woven == 0) {
            return new GaugeReading(this, max(worst, State.CHIPPED), bareCount + " not woven");
        }
        boolean pairs =
                artwork.work().woven().stream().anyMatch(l -> l.weave().order().rhythm() == Rhythm.IN_PAIRS);
        boolean hand =
                artwork.work().woven().stream().anyMatch(l -> l.weave().order().rhythm() == Rhythm.BY_HAND);
        boolean odd = worst == State.WHOLE
                && artwork.work().cloth().isPresent()
                && artwork.work().woven().stream()
                        .flatMap(l -> l.weave().troubles().stream())
                        .anyMatch(t -> t.kind() == Weave.Trouble.Kind.CANNOT_ALTERNATE);
        if (odd) {
            // The gauge Seam says why.
            return new GaugeReading(this, State.CHIPPED, woven + ", not in turn over a tile");
        }
        String how = hand ? " decided" : pairs ? " in pairs" : " alternate";
        String text = sound + " of " + woven + how + (bareCount > 0 ? ", " + bareCount + " not woven" : "");
        return new GaugeReading(this, worst, text);
    }

    @Override
    public List<Snag> snags(Examined examined) {
        return examined.bare().isEmpty()
                        && !examined.artwork().work().strandlike().isEmpty()
                ? List.of(Snag.of(
                        WORD,
                        State.BROKEN,
                        null,
                        "The lines meet more than " + Projection.MOST_MEETINGS
                                + " times, so they are not woven: lay fewer copies."))
                : List.of();
    }

    private static State max(State a, State b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
