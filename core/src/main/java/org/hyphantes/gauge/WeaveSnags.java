package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Swaps;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** The snags of one weave. */
final class WeaveSnags {
    /** An open strand whose ends are nearer than this (mm) was most likely meant to close. */
    private static final double NEARLY_CLOSED = 0.5;

    /** So many snags of one kind are listed one by one; the rest are counted. */
    private static final int MOST_ALIKE = 40;

    private WeaveSnags() {}

    static List<Snag> of(Laying laying) {
        Weave weave = laying.weave();
        List<Snag> snags = new ArrayList<>();
        for (Weave.Trouble.Kind kind : Weave.Trouble.Kind.values()) {
            List<Weave.Trouble> alike =
                    weave.troubles().stream().filter(t -> t.kind() == kind).toList();
            for (int i = 0; i < Math.min(alike.size(), MOST_ALIKE); i++) {
                boolean last = i == MOST_ALIKE - 1 && alike.size() > MOST_ALIKE;
                String more = last ? " So it is at " + (alike.size() - MOST_ALIKE) + " more places." : "";
                snags.add(snag(laying, alike.get(i), more));
            }
        }
        for (Strand strand : weave.strands()) {
            Point start = strand.path().start();
            double gap = start.distance(strand.path().end());
            if (!strand.path().closed() && gap < NEARLY_CLOSED) {
                snags.add(Snag.of(
                        Gauge.STRANDS,
                        State.CHIPPED,
                        laying.placed().of(start),
                        "Strand " + strand.name() + " is open: it ends " + Numerals.shown(gap, 2)
                                + " mm short of itself."));
            }
        }
        List<Crossing> against = weave.crossings().stream()
                .filter(c -> c.state() == Crossing.State.OUT_OF_RHYTHM)
                .toList();
        if (!against.isEmpty()) {
            String words = against.size() == 1
                    ? "1 pinned crossing breaks the rhythm."
                    : against.size() + " pinned crossings break the rhythm.";
            snags.add(Snag.of(
                            Gauge.CROSSINGS,
                            State.CHIPPED,
                            laying.placed().of(against.get(0).place()),
                            words)
                    .mended("Release them", Swaps.releaseAll(laying.group(), laying.step())));
        }
        if (!weave.lostPins().isEmpty()) {
            int lost = weave.lostPins().size();
            snags.add(Snag.of(
                    Gauge.CROSSINGS,
                    State.CHIPPED,
                    null,
                    lost + (lost == 1 ? " swap has" : " swaps have")
                            + " no place in the design as it is; what was set comes back with its crossing."));
        }
        return snags;
    }

    private static Snag snag(Laying laying, Weave.Trouble trouble, String more) {
        String strand = laying.weave().strands().get(trouble.strand()).name();
        Gauge gauge = trouble.kind() == Weave.Trouble.Kind.TOO_WIDE ? Gauge.STRANDS : Gauge.CROSSINGS;
        Point place = laying.placed().of(trouble.place());
        return Snag.of(gauge, state(trouble.kind()), place, words(trouble, strand) + more);
    }

    private static State state(Weave.Trouble.Kind kind) {
        return kind == Weave.Trouble.Kind.TOUCH ? State.CHIPPED : State.BROKEN;
    }

    private static String words(Weave.Trouble trouble, String strand) {
        return switch (trouble.kind()) {
            case CANNOT_ALTERNATE -> "Strand " + strand
                    + " goes the same way twice running: its crossings are odd in number.";
            case CROWDED -> "Three strands meet here: move one, so that each pair crosses by itself.";
            case TOUCH -> "Two strands touch here without crossing: draw them apart, or through.";
            case OVERLAP -> "Two strands lie on one another here: remove one, or move it.";
            case NO_ROOM -> "Strand " + strand
                    + " has no room between its crossings here: narrow the band or the clearance.";
            case TOO_WIDE -> "The band is wider than strand " + strand
                    + " bears on its inner side: narrow the band or enlarge the figure.";
        };
    }
}
