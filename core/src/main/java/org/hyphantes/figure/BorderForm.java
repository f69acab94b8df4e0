package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.plait.Bars;
import org.hyphantes.plait.Sides;
import org.hyphantes.plait.Turns;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A frame of plait: a plait panel with a hollow middle that strands turn back at, so that its corners close of themselves.
 *
 * @param across the number of cells from side to side
 * @param along the number of cells from top to bottom
 * @param deep the number of cells from outside to the hollow
 * @param width across the outermost lines, in mm
 * @param height along the outermost lines, in mm
 * @param breaks single breaks, as {@link Bars}
 */
public record BorderForm(
        Amount across,
        Amount along,
        Amount deep,
        Amount width,
        Amount height,
        Turns turns,
        String breaks,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Panelled {
    public static final BorderForm STARTING = new BorderForm(
            Amount.of(10),
            Amount.of(14),
            Amount.of(2),
            Amount.of(90),
            Amount.of(126),
            Turns.ROUNDED,
            Bars.NONE,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<BorderForm> SCHEMA = new Schema<>(
                    BorderForm.class,
                    "border",
                    "Border of {across} by {along} cells, {deep} cells deep, {width} wide and {height} high, turns {turns}, broken at"
                            + " {breaks}" + SEAT,
                    Seated.settings(
                            BorderForm.class,
                            List.of(
                                    Setting.of(BorderForm.class, "across", new Kind.Count(3, 200)),
                                    Setting.of(BorderForm.class, "along", new Kind.Count(3, 200)),
                                    Setting.of(BorderForm.class, "deep", new Kind.Count(1, 99)),
                                    Seated.size(BorderForm.class, "width"),
                                    Seated.size(BorderForm.class, "height"),
                                    Setting.of(BorderForm.class, "turns"),
                                    Setting.of(BorderForm.class, "breaks", Plait.BREAKS))))
            .because("A plait that goes round a page or an inscription, its corners turned like its sides.");

    public BorderForm {
        Bars.read(breaks);
    }

    @Override
    public Schema<BorderForm> schema() {
        return SCHEMA;
    }

    @Override
    public Panel panel() {
        return new Panel(
                (int) across.value(),
                (int) along.value(),
                width.value(),
                height.value(),
                Bars.read(breaks),
                (int) deep.value(),
                turns,
                Sides.CLOSED);
    }
}
