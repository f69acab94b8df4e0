package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandFill;
import org.hyphantes.weave.StrandKey;

/** Strands filled by hand, kept by structure in the step that interlaces them. */
public final class StrandFills {
    private StrandFills() {}

    /** Fills a strand, and those that the act reaches, with a well; with none for 0. The same again gives them back to the colouring. */
    public static Edit fill(Design design, Laying laying, StrandKey strand, int well, Reach reach) {
        StrandFill fill = new StrandFill(strand, well, reach);
        long count = laying.weave().strands().stream()
                .filter(s -> fill.reaches(s.key()))
                .count();
        List<StrandFill> now = design.group(laying.group())
                .flatMap(g -> g.step(laying.step()))
                .map(s -> s.treatment() instanceof Interlace i ? i.fills() : List.<StrandFill>of())
                .orElse(List.of());
        boolean again = laying.weave().strands().stream()
                .map(Strand::key)
                .filter(fill::reaches)
                .allMatch(
                        s -> StrandFill.of(s, now).filter(f -> f.well() == well).isPresent());
        String words = Numerals.counted((int) count, "strand")
                + (again
                        ? " coloured as before."
                        : well == 0
                                ? " without fill."
                                : " in well " + well + ", "
                                        + design.colourway().well(well).name() + ".");
        return new Edit(
                words,
                d -> Interlacings.change(d, laying.group(), laying.step(), i -> {
                    List<StrandFill> fills = new ArrayList<>(i.fills());
                    // What this reaches is done with, unless that reached further.
                    fills.removeIf(f ->
                            fill.reaches(f.strand()) && (again || f.reach() == Reach.THIS_ONE || f.reach() == reach));
                    if (!again) {
                        fills.add(fill);
                    }
                    return i.withFills(fills);
                }));
    }
}
