package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Design;
import org.hyphantes.design.Swaps;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** The snags of one weave. */
final class WeaveSnags {
    /** An open strand whose ends are nearer than this (mm) was most likely meant to close. */
    private static final double NEARLY_CLOSED = 0.5;

    /** So many snags of one kind are listed one by one; the rest are counted. */
    private static final int MOST_ALIKE = 40;

    private WeaveSnags() {}

    /** @param measured whether the mends of crowded places are looked for, which takes longer than the rest */
    static List<Snag> of(Design design, Laying laying, Watch watch, boolean measured) {
        Weave weave = laying.weave();
        List<Snag> snags = new ArrayList<>();
        Optional<Crammed> crammed = measured ? Optional.of(new Crammed(design, laying, watch)) : Optional.empty();
        for (Weave.Trouble.Kind kind : Weave.Trouble.Kind.values()) {
            List<Weave.Trouble> alike =
                    weave.troubles().stream().filter(t -> t.kind() == kind).toList();
            if (kind == Weave.Trouble.Kind.CANNOT_ALTERNATE && !alike.isEmpty()) {
                Optional<Snag> odd = SeamGauge.odd(laying, alike.size());
                if (odd.isPresent()) {
                    snags.add(odd.get());
                    continue;
                }
            }
            for (int i = 0; i < Math.min(alike.size(), MOST_ALIKE); i++) {
                boolean last = i == MOST_ALIKE - 1 && alike.size() > MOST_ALIKE;
                String more = last ? " So it is at " + (alike.size() - MOST_ALIKE) + " more places." : "";
                snags.add(snag(design, laying, alike.get(i), more, crammed));
            }
        }
        for (Strand strand : weave.strands()) {
            Point start = strand.path().start();
            double gap = start.distance(strand.path().end());
            if (!strand.isRound() && gap < NEARLY_CLOSED) {
                Snag open = Snag.of(
                        StrandsGauge.WORD,
                        State.CHIPPED,
                        laying.placed().of(start),
                        "Strand " + strand.name() + " is open: it ends " + Numerals.shown(gap, 2)
                                + " mm short of itself.");
                snags.add(open.mended(Mends.close(design, laying, strand)));
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
                            CrossingsGauge.WORD,
                            State.CHIPPED,
                            laying.placed().of(against.get(0).place()),
                            words)
                    .mended(Mend.of("Release them", Swaps.releaseAll(laying.group(), laying.step()))));
        }
        lost(weave, snags);
        return snags;
    }

    /** Breaks and swaps that have no place in the design as it is. */
    private static void lost(Weave weave, List<Snag> snags) {
        int gone = weave.lostBreaks().size();
        if (gone > 0) {
            snags.add(Snag.of(
                    CrossingsGauge.WORD,
                    State.CHIPPED,
                    null,
                    gone + (gone == 1 ? " break has" : " breaks have")
                            + " no place in the design as it is; what was broken comes back with its crossing."));
        }
        if (!weave.lostPins().isEmpty()) {
            int lost = weave.lostPins().size();
            snags.add(Snag.of(
                    CrossingsGauge.WORD,
                    State.CHIPPED,
                    null,
                    lost + (lost == 1 ? " swap has" : " swaps have")
                            + " no place in the design as it is; what was set comes back with its crossing."));
        }
    }

    /** @param crammed looks for the mends of crowded places; empty where none are looked for */
    private static Snag snag(
            Design design, Laying laying, Weave.Trouble trouble, String more, Optional<Crammed> crammed) {
        Strand strand = laying.weave().strands().get(trouble.strand());
        String gauge = trouble.kind() == Weave.Trouble.Kind.TOO_WIDE ? EvennessGauge.WORD : CrossingsGauge.WORD;
        Point place = laying.placed().of(trouble.place());
        return Snag.of(gauge, state(trouble.kind()), place, words(laying.weave(), trouble, strand.name()) + more)
                .mended(mend(design, laying, trouble, strand, crammed));
    }

    private static Optional<Mend> mend(
            Design design, Laying laying, Weave.Trouble trouble, Strand strand, Optional<Crammed> crammed) {
        return switch (trouble.kind()) {
            case CANNOT_ALTERNATE ->
                laying.weave().order().rhythm() == Rhythm.IN_PAIRS
                        ? Optional.of(Mends.rhythm(laying))
                        : Mends.breakOne(design, laying, trouble.meets());
            case TOUCH -> Mends.part(design, laying, strand, trouble.kind());
            case OVERLAP -> Mends.keepOne(design, laying, strand);
            case CROWDED, NO_ROOM -> crammed.flatMap(c -> c.mend(trouble));
            case TOO_WIDE -> tooWide(design, laying, strand);
        };
    }

    private static Optional<Mend> tooWide(Design design, Laying laying, Strand strand) {
        double radius = strand.path().length() / (2 * Math.PI);
        return Mends.width(design, laying, strand, Mends.cutDown(1.6 * radius), "Narrow");
    }

    private static State state(Weave.Trouble.Kind kind) {
        return kind == Weave.Trouble.Kind.TOUCH ? State.CHIPPED : State.BROKEN;
    }

    private static String words(Weave weave, Weave.Trouble trouble, String strand) {
        return switch (trouble.kind()) {
            case CANNOT_ALTERNATE -> cannot(weave, trouble, strand);
            case CROWDED -> "Three bands meet in one place here: narrow them, or move one.";
            case TOUCH -> "Two strands touch here without crossing: draw them apart, or through.";
            case OVERLAP -> "Two strands lie on one another here: remove one, or move it.";
            case NO_ROOM ->
                "Strand " + strand + " has no room between its crossings here: narrow the band or the clearance.";
            case TOO_WIDE ->
                "The band is wider than strand " + strand
                        + " bears on its inner side: narrow the band or enlarge the figure.";
        };
    }

    /** The smallest set of crossings that contradict one another, by the strands that cross at them. */
    private static String cannot(Weave weave, Weave.Trouble trouble, String strand) {
        StringBuilder pairs = new StringBuilder();
        List<Integer> meets = trouble.meets();
        for (int i = 0; i < Math.min(6, meets.size()); i++) {
            Crossing crossing = weave.crossings().get(meets.get(i));
            pairs.append(i == 0 ? "" : ", ")
                    .append(weave.strands().get(crossing.over()).name())
                    .append(" with ")
                    .append(weave.strands().get(crossing.under()).name());
        }
        String more = meets.size() > 6 ? " and " + (meets.size() - 6) + " more" : "";
        String set = Numerals.counted(meets.size(), "crossing") + " round here cannot all keep the rhythm: " + pairs
                + more + ".";
        return weave.order().rhythm() == Rhythm.IN_PAIRS
                ? "Strand " + strand + " cannot go over and under in pairs: " + set
                : "Strand " + strand + " goes the same way twice running: " + set
                        + (weave.strands().stream().allMatch(Strand::isRound)
                                ? " Mend what meets there without crossing first."
                                : " An open end lies within their round; move it across a strand, or break a crossing.");
    }
}
