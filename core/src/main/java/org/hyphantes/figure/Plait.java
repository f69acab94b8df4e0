package org.hyphantes.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.plait.Bar;
import org.hyphantes.plait.Bars;
import org.hyphantes.plait.Lattice;
import org.hyphantes.plait.Rule;
import org.hyphantes.plait.Sides;
import org.hyphantes.plait.Turns;
import org.hyphantes.plait.Where;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A plait panel: strands that run aslant, cross between each two neighbouring cells and turn back at the edges. Of m by n cells it
 * has gcd(m, n) strands and 2mn - m - n crossings while it is unbroken.
 *
 * @param across the number of cells from side to side
 * @param along the number of cells from top to bottom
 * @param width across the outermost lines, in mm
 * @param height along the outermost lines, in mm
 * @param sides whether strands turn back at its sides, or go on into the next tile of a repeat
 * @param bars how the crossings of the rule are broken
 * @param every after how many rows of cells the rule breaks again; 0 for never
 * @param breaks single breaks, as {@link Bars}
 */
public record Plait(
        Amount across,
        Amount along,
        Amount width,
        Amount height,
        Sides sides,
        Turns turns,
        Bar bars,
        Amount every,
        Where where,
        String breaks,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Panelled {
    public static final Plait STARTING = new Plait(
            Amount.of(4),
            Amount.of(6),
            Amount.of(60),
            Amount.of(90),
            Sides.CLOSED,
            Turns.ROUNDED,
            Bar.LEVEL,
            Amount.of(0),
            Where.IN_THE_MIDDLE,
            Bars.NONE,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    /** So many cells at most in either direction: a drawing of more would be neither seen nor cut. */
    static final Kind CELLS = new Kind.Count(1, 200);

    static final Kind EVERY = new Kind.Count(0, 200);
    static final Kind BREAKS = new Kind.Text("breaks by column and row, such as 3-6 or 4|7, or none", Limits.LIST);

    private static final Schema<Plait> SCHEMA = new Schema<>(
                    Plait.class,
                    "plait",
                    "Plait of {across} by {along} cells, {width} wide and {height} high, its sides {sides}, turns {turns}, broken {bars} every {every} rows"
                            + " {where}, and at {breaks}" + SEAT,
                    Seated.settings(
                            Plait.class,
                            List.of(
                                    Setting.of(Plait.class, "across", CELLS),
                                    Setting.of(Plait.class, "along", CELLS),
                                    Seated.size(Plait.class, "width"),
                                    Seated.size(Plait.class, "height"),
                                    Setting.of(Plait.class, "sides"),
                                    Setting.of(Plait.class, "turns"),
                                    Setting.of(Plait.class, "bars"),
                                    Setting.of(Plait.class, "every", EVERY),
                                    Setting.of(Plait.class, "where"),
                                    Setting.of(Plait.class, "breaks", BREAKS))))
            .because(
                    "The plan of most knotwork panels: strands run aslant, and turn back at its edges and wherever it is broken.");

    public Plait {
        Bars.read(breaks);
    }

    @Override
    public Schema<Plait> schema() {
        return SCHEMA;
    }

    @Override
    public Panel panel() {
        int m = (int) across.value();
        int n = (int) along.value();
        Map<Lattice.Spot, Bar> all = new LinkedHashMap<>(rule().bars(m, n, sides == Sides.OPEN));
        all.putAll(Bars.read(breaks));
        return new Panel(m, n, width.value(), height.value(), all, 0, turns, sides);
    }

    private Rule rule() {
        return new Rule(bars, (int) every.value(), where);
    }

    @Override
    public boolean isRuled(Lattice.Spot spot) {
        return rule().bars((int) across.value(), (int) along.value(), sides == Sides.OPEN)
                .containsKey(spot);
    }
}
