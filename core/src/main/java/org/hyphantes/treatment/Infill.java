package org.hyphantes.treatment;

import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.StrandKey;

/**
 * Fills what lines enclose, each figure by itself with its own colour; a line that is open is closed straight. A figure that is a band as well lies on
 * its own area.
 *
 * @param lines which lines
 * @param overlaps what becomes of places that lines of one figure go round more than once, the same way
 */
public record Infill(String lines, Overlaps overlaps) implements Treatment {
    public static final Infill STARTING = new Infill(Surroundings.EVERY_LINE, Overlaps.LEFT_OPEN);

    /** What becomes of places that are gone round more than once. */
    public enum Overlaps {
        /** Those that are gone round an even number of times are not filled. */
        LEFT_OPEN(FillRule.EVEN_ODD),
        /** Only those that are gone round as often one way as the other are not filled. */
        FILLED(FillRule.NON_ZERO);

        private final FillRule rule;

        Overlaps(FillRule rule) {
            this.rule = rule;
        }

        public static Overlaps of(FillRule rule) {
            return rule == FillRule.EVEN_ODD ? LEFT_OPEN : FILLED;
        }
    }

    private static final Schema<Infill> SCHEMA = new Schema<>(
                    Infill.class,
                    "infill",
                    "Fill in {lines}, overlaps {overlaps}.",
                    List.of(
                            Setting.of(Infill.class, "lines", new Kind.Figure("every line", true)),
                            Setting.of(Infill.class, "overlaps")))
            .because("An area needs no band to be seen: a leaf, a letter or a disc is filled as it is drawn.");

    @Override
    public Schema<Infill> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        Predicate<StrandKey> meant = surroundings.meaning(lines);
        return work.withLines(work.lines().stream()
                .map(l -> meant.test(l.key()) ? l.filledBy(overlaps.rule) : l)
                .toList());
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.counted(Infilled.of(done.lines()).size(), "area");
    }
}
