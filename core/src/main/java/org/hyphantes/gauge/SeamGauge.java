package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Group;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.seam.Seams;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.Closing;
import org.hyphantes.weave.Weave;

/** Whether all that comes to a seam of a cloth goes on beyond it. */
final class SeamGauge implements Gauge {
    static final String WORD = "seam";
    static final Gauge GAUGE = new SeamGauge();

    /** So many snags of one kind are listed. */
    private static final int MOST_ALIKE = 8;

    private SeamGauge() {}

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
        return "12 of 12 met, over meets over";
    }

    @Override
    public String why() {
        return "What leaves a tile on one side must enter the next in the same place, as wide, and over or under in turn.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        if (examined.artwork().work().cloth().isEmpty()) {
            if (isLeftOut(examined)) {
                return new GaugeReading(this, State.BROKEN, "repeat left out");
            }
            boolean pieces = examined.artwork().work().mosaics().stream()
                    .anyMatch(m -> m.mosaic().division().repeating().isPresent());
            return pieces
                    ? new GaugeReading(this, State.WHOLE, "pieces as one")
                    : new GaugeReading(this, State.DOES_NOT_APPLY, "no repeat");
        }
        State worst = examined.worst(this);
        if (Seams.isTooLarge(examined.artwork().work())) {
            return new GaugeReading(this, worst, "not told");
        }
        List<SeamMark> marks = Seams.of(examined.artwork().work());
        if (marks.isEmpty()) {
            return new GaugeReading(this, worst, worst == State.WHOLE ? "nothing crosses" : "does not close");
        }
        long met = marks.stream().filter(m -> m.kind() == SeamMark.Kind.MET).count();
        String odd = worst == State.BROKEN && met == marks.size() ? ", over meets over" : "";
        return new GaugeReading(this, worst, met + " of " + marks.size() + " met" + odd);
    }

    /** Whether there is a Repeat, but one that could not be laid. */
    private static boolean isLeftOut(Examined examined) {
        return examined.artwork().faults().stream()
                .flatMap(f -> examined.design().group(f.group()).flatMap(g -> g.step(f.step())).stream())
                .anyMatch(s -> s.treatment() instanceof Repeat);
    }

    @Override
    public List<Snag> snags(Examined examined) {
        List<Snag> snags = new ArrayList<>();
        if (Seams.isTooLarge(examined.artwork().work())) {
            snags.add(
                    Snag.of(
                            WORD,
                            State.BROKEN,
                            null,
                            "What is drawn is hundreds of times as large as a tile, so its seams are not told: make the cells larger."));
        }
        List<SeamMark> marks = Seams.of(examined.artwork().work());
        for (SeamMark.Kind kind : SeamMark.Kind.values()) {
            List<SeamMark> alike = marks.stream().filter(m -> m.kind() == kind).toList();
            for (int i = 0; kind != SeamMark.Kind.MET && i < Math.min(alike.size(), MOST_ALIKE); i++) {
                boolean last = i == MOST_ALIKE - 1 && alike.size() > MOST_ALIKE;
                String more = last ? " So it is at " + (alike.size() - MOST_ALIKE) + " more places." : "";
                snags.add(snag(examined, alike.get(i), more));
            }
        }
        return snags;
    }

    private static Snag snag(Examined examined, SeamMark mark, String more) {
        String who = mark.strand().isEmpty() ? "A line" : "Strand " + mark.strand();
        String words = switch (mark.kind()) {
            case MET -> "";
            case TURNED -> who + " turns a corner at the seam.";
            case UNLIKE -> who + " meets what goes on with another width or colour.";
            case OUT ->
                who + " leaves "
                        + Numerals.length(mark.distance(), examined.design().unit())
                        + " from where its partner enters.";
            case UNANSWERED -> who + " has no partner on the far side.";
        };
        State state = mark.kind() == SeamMark.Kind.TURNED ? State.CHIPPED : State.BROKEN;
        return Snag.of(WORD, state, mark.place(), words + more).mended(SeamMends.of(examined.design(), mark));
    }

    /** That a weave cannot close over one tile, with its mend; empty where that is not what is amiss. */
    static Optional<Snag> odd(Laying laying, int odd) {
        Weave weave = laying.weave();
        Optional<Closing.Over> over =
                Closing.of(weave.projection(), weave.order().rhythm());
        if (over.isEmpty()) {
            return Optional.empty();
        }
        long goOn = weave.strands().stream().filter(s -> s.isRound()).count();
        String words = "Over meets over on " + odd + " of " + goOn
                + " strands: on its way round the tile each crosses an odd number of others.";
        Weave.Trouble first = weave.troubles().stream()
                .filter(t -> t.kind() == Weave.Trouble.Kind.CANNOT_ALTERNATE)
                .findFirst()
                .orElseThrow();
        return Optional.of(Snag.of(WORD, State.BROKEN, laying.placed().of(first.place()), words)
                .mended(closed(laying, over.get())));
    }

    private static Mend closed(Laying laying, Closing.Over over) {
        return Mend.of(
                "Close the weave over " + over.across() + " by " + over.down() + " tiles",
                new Edit("The weave closes over " + over.across() + " by " + over.down() + " tiles.", d -> {
                    Group group = d.group(laying.group()).orElse(d.root());
                    Optional<Step> step = group.recipe().stream()
                            .filter(s -> s.over() && s.treatment() instanceof Repeat)
                            .reduce((a, b) -> b);
                    if (step.isEmpty()) {
                        return d;
                    }
                    Repeat repeat = (Repeat) step.get().treatment();
                    Repeat wider = repeat.with(
                                    "closes", Amount.of(repeat.closes().value() * over.across()))
                            .with("closesdown", Amount.of(repeat.closesdown().value() * over.down()));
                    return new Subject.OfStep(group.id(), step.get().id()).put(d, wider);
                }));
    }
}
