package org.hyphantes.treatment;

import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.StrandKey;

/**
 * Makes every line not yet woven, or those of one figure, an even band, half its width on either side.
 *
 * @param lines which lines
 * @param corners what becomes of the outer side of corners
 * @param edged how many lines run within the band, which part it evenly
 */
public record Band(String lines, Amount width, Ends ends, CornerStyle corners, Amount edged) implements Treatment {
    public static final Band STARTING =
            new Band(Surroundings.EVERY_LINE, Amount.of(6), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0));

    private static final Schema<Band> SCHEMA = new Schema<>(
                    Band.class,
                    "band",
                    "Make {lines} a band {width} wide, ends {ends}, corners {corners}, edged with {edged} lines.",
                    List.of(
                            Setting.of(Band.class, "width", new Kind.Length(0.01, 1e5)),
                            Setting.of(Band.class, "lines", new Kind.Figure("every line", true)),
                            Setting.of(Band.class, "ends"),
                            Setting.of(Band.class, "corners"),
                            Setting.of(Band.class, "edged", new Kind.Count(0, 5))))
            .because("Ornament is made of bands more than of lines: only a band has edges, and can pass over another.");

    /** An even band along every line. */
    public static Band of(Amount width, Ends ends) {
        return new Band(Surroundings.EVERY_LINE, width, ends, CornerStyle.SQUARE, Amount.of(0));
    }

    public Band withWidth(double millimetres) {
        return new Band(lines, Amount.of(millimetres), ends, corners, edged);
    }

    @Override
    public Schema<Band> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.BANDS;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        BandStyle style = new BandStyle(WidthProfile.even(width.value()), ends, corners.corners(), (int) edged.value());
        Predicate<StrandKey> meant = surroundings.meaning(lines);
        return work.withLines(work.lines().stream()
                .map(l -> meant.test(l.key()) ? l.banded(style) : l)
                .toList());
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.length(width.value(), unit);
    }
}
