package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Flaw;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;

/** Whether what goes to a machine can be cut: loose pieces, doubled and open lines, stray points, narrow bridges, and whether the bed is large enough. */
final class CutGauge implements Gauge {
    static final String WORD = "cut";
    static final Gauge GAUGE = new CutGauge();

    /** So many snags of one kind are listed. */
    private static final int MOST_ALIKE = 16;

    private CutGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public boolean comesAndGoes() {
        return true;
    }

    @Override
    public String usual() {
        return "13 loose";
    }

    @Override
    public String why() {
        return "A file that the machine cannot cut as it is meant costs the material; what would spoil it is told before it leaves.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        if (!examined.design().material().isCut()) {
            return new GaugeReading(
                    this, State.DOES_NOT_APPLY, examined.design().material().word() + " is not cut");
        }
        if (examined.cuts().isEmpty()) {
            boolean recipe = examined.bands().isPresent();
            return recipe
                    ? new GaugeReading(this, State.CHIPPED, "recipe first")
                    : new GaugeReading(this, State.RESOLVING, "at rest");
        }
        State worst = examined.worst(this);
        return new GaugeReading(
                this,
                worst,
                worst == State.WHOLE ? "ready" : first(examined.cuts().get()));
    }

    /** The worst in two words. */
    private static String first(Cuts cuts) {
        List<String> words = new ArrayList<>();
        for (Flaw flaw : cuts.flaws()) {
            words.add(
                    switch (flaw.kind()) {
                        case LOOSE -> flaw.places().size() + " loose";
                        case DOUBLED -> "doubled";
                        case STRAY -> flaw.places().size() + " stray";
                        case OPEN -> flaw.places().size() + " open";
                        case LARGER -> "too large";
                        case NO_ROOM -> (int) flaw.amount() + " have room";
                        case NARROW -> flaw.places().size() + " narrow";
                        case STRAYS -> "coarse";
                        case CUT_INTO -> "cut into";
                        case CROWDED -> "not told";
                        case NOTHING -> "nothing";
                        case UNRESOLVED -> "unresolved";
                    });
        }
        return words.isEmpty() ? "middles" : words.get(0);
    }

    @Override
    public List<Snag> snags(Examined examined) {
        List<Snag> snags = new ArrayList<>();
        examined.cuts().ifPresent(cuts -> {
            cuts.flaws().forEach(f -> add(examined, f, snags));
            boolean middles = examined.design().job().bands() == Job.Bands.AS_CENTRE_LINES && examined.isWoven();
            if (middles && !cuts.contours().isEmpty()) {
                snags.add(Snag.of(
                                WORD,
                                State.CHIPPED,
                                null,
                                "Bands are still lines: they are cut along their middle, without their width.")
                        .mended(set("Write them as outlines", "bands", Job.Bands.AS_OUTLINES)));
            }
        });
        return snags;
    }

    private static void add(Examined examined, Flaw flaw, List<Snag> snags) {
        Design design = examined.design();
        int many = flaw.places().size();
        String length = Numerals.length(Math.max(0.01, Math.rint(flaw.amount() * 100) / 100), design.unit());
        switch (flaw.kind()) {
            case LOOSE -> each(flaw, snags, State.BROKEN, "Loose piece: it would fall out.", ties(design));
            case DOUBLED ->
                snags.add(snag(
                        State.BROKEN,
                        flaw.places().get(0),
                        "Lines lie on one another for " + length + " in all: cut twice.",
                        Optional.of(set("Keep one", "lines", Job.Lines.EACH_ONCE))));
            case STRAY -> {
                String points = many == 1 ? "1 stray point." : many + " stray points.";
                Mend mend = set(many == 1 ? "Remove it" : "Remove them", "least", flaw.amount());
                each(flaw, snags, State.CHIPPED, points, Optional.of(mend));
            }
            case OPEN ->
                each(
                        flaw,
                        snags,
                        State.CHIPPED,
                        "Open line where a cut is wanted: the nearest ends lie " + length + " apart.",
                        open(design, flaw.amount()));
            case CUT_INTO ->
                snags.add(snag(
                        State.BROKEN,
                        flaw.places().get(0),
                        "Parts lie nearer to one another than the kerf of " + length
                                + ": each is cut into by the other, at " + Numerals.counted(many, "place") + ".",
                        Optional.of(CutMends.apart())));
            case STRAYS ->
                snags.add(snag(
                        State.CHIPPED,
                        flaw.places().get(0),
                        "Where a format has only arcs the file strays " + length + " from the design at "
                                + Numerals.counted(many, "bend") + ".",
                        Optional.of(set("Write finer curves", "fine", CutMends.FINE))));
            case NARROW -> {
                double limit = design.making().narrowest().value();
                Mend mend = set("Widen them to " + Numerals.length(limit, design.unit()), "bridge", limit);
                String words = "Bridge of " + length + " here or at one of its like, limit "
                        + Numerals.length(limit, design.unit()) + ".";
                each(flaw, snags, State.BROKEN, words, Optional.of(mend));
            }
            default -> whole(examined, flaw, length).ifPresent(snags::add);
        }
    }

    /** What is amiss with all of it. */
    private static Optional<Snag> whole(Examined examined, Flaw flaw, String length) {
        Design design = examined.design();
        int count = (int) flaw.amount();
        return switch (flaw.kind()) {
            case LARGER ->
                snagOf("The design is " + length + " larger than the bed.", Optional.of(CutMends.onBed(examined)));
            case NO_ROOM ->
                snagOf(count + " of " + wanted(examined) + " have room on the bed.", CutMends.room(examined, count));
            case NOTHING ->
                snagOf(
                        "No pass takes anything of this design.",
                        examined.artwork().scene().isEmpty() ? Optional.empty() : CutMends.everything(design.job()));
            case CROWDED ->
                snagOf(
                        "What is to be cut meets more than " + count
                                + " times, so doubled lines are not told: draw less of it, or let passes take less.",
                        Optional.empty());
            case UNRESOLVED ->
                Optional.of(snag(
                        State.BROKEN,
                        flaw.places().isEmpty() ? null : flaw.places().get(0),
                        "Something here cannot be cut as it is: move a figure a little, or change the kerf or the spacing.",
                        Optional.empty()));
            default -> Optional.empty();
        };
    }

    private static String wanted(Examined examined) {
        int parts = examined.cuts().map(c -> c.parts().size()).orElse(1);
        int copies = (int) examined.design().job().copies().value();
        return parts > 1 ? parts * copies + " parts" : copies + " copies";
    }

    private static Optional<Snag> snagOf(String words, Optional<Mend> mend) {
        return Optional.of(snag(State.BROKEN, null, words, mend));
    }

    private static Snag snag(State state, Point place, String words, Optional<Mend> mend) {
        return Snag.of(WORD, state, place, words).mended(mend);
    }

    private static void each(Flaw flaw, List<Snag> snags, State state, String words, Optional<Mend> mend) {
        int many = flaw.places().size();
        for (int i = 0; i < Math.min(many, MOST_ALIKE); i++) {
            boolean last = i == MOST_ALIKE - 1 && many > MOST_ALIKE;
            String more = last ? " So it is at " + (many - MOST_ALIKE) + " more places." : "";
            snags.add(snag(state, flaw.places().get(i), words + more, mend));
        }
    }

    private static Mend set(String offer, String key, Object value) {
        return CutMends.set(offer, key, value);
    }

    private static Optional<Mend> ties(Design design) {
        // With ties already a piece is loose only where they find nothing to hold to: more of them will not help.
        return design.job().ties().value() > 0 ? Optional.empty() : Optional.of(CutMends.ties(design));
    }

    private static Optional<Mend> open(Design design, double apart) {
        double least = Math.max(0.1, Math.ceil(apart * 10 - 1e-9) / 10);
        return apart <= CutMends.CLOSABLE && least > design.job().closing().value()
                ? Optional.of(set("Close it", "closing", least))
                : CutMends.lines(design.job(), Pass.Work.SCORE, "Make it a score");
    }
}
