package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.hatch.Hatching;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Strewn;
import org.hyphantes.piece.Cell;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.FigureList;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.StrandKey;

/**
 * Gives strands, figures, rings of pieces, grounds or sides their colours of the design's colourway, one well after another or mixed
 * in steps, flat or passing into another well. Pieces that were filled by hand keep their fill.
 *
 * @param every of so many parts that follow on one another the first is coloured; the others keep what they have
 * @param well the first well
 * @param last the last one; in turn, after the twelfth comes the first again
 * @param towards the well into which each fill passes, where it is not flat
 * @param through the wells on its way there, with their places, as {@link Through} reads them
 * @param axis the bearing (degrees) along which it does, where it is linear, or along which the lines of a hatch run
 * @param right how far (mm) the middle of a gradient is moved to the right
 * @param down how far (mm) it is moved down
 * @param spacing how far apart (mm) lines, dots or chips are
 * @param coverage how many hundredths of the area dots cover
 * @param seed by which dots and chips are strewn
 * @param pattern the figures whose lines, bands and weaves are the pattern, and are seen no more by themselves
 * @param colours of the pattern
 * @param scale how many times as large the pattern is laid
 * @param opacity from 0, unseen, to 100, covering all
 */
public record Colouring(
        String figures,
        ColouredBy by,
        Amount every,
        Amount well,
        Amount last,
        WellOrder order,
        Shade fill,
        Amount towards,
        String through,
        Gradient.Over over,
        Amount axis,
        Amount right,
        Amount down,
        Amount spacing,
        Amount coverage,
        Amount seed,
        String pattern,
        Colours colours,
        Amount scale,
        Amount opacity,
        Blend blend)
        implements Treatment {
    public static final Colouring STARTING = new Colouring(
            Surroundings.EVERY_FIGURE,
            ColouredBy.STRAND,
            Amount.of(1),
            Amount.of(1),
            Amount.of(Colourway.WELLS),
            WellOrder.IN_TURN,
            Shade.FLAT,
            // Dark in Quay: towards the first well a first part would seem to have no gradient.
            Amount.of(7),
            Through.NONE,
            Gradient.Over.EACH_OUTWARD,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(1),
            Amount.of(20),
            Amount.of(1),
            Turn.NOTHING,
            Colours.ONE_WELL,
            Amount.of(1),
            Amount.of(100),
            Blend.NORMAL);

    /** What colours a pattern has. */
    public enum Colours {
        ONE_WELL,
        ITS_OWN_COLOURS
    }

    /** More lines than this are not laid: nobody could see them apart or cut them. */
    private static final long MOST_HATCH = 200_000;

    private static final Kind WELL = new Kind.Count(1, Colourway.WELLS);

    private static final Schema<Colouring> SCHEMA = new Schema<>(
                    Colouring.class,
                    "colouring",
                    "",
                    List.of(
                            Setting.of(Colouring.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Colouring.class, "by"),
                            Setting.of(Colouring.class, "every", new Kind.Count(1, 99)),
                            Setting.of(Colouring.class, "well", WELL),
                            Setting.of(Colouring.class, "last", WELL),
                            Setting.of(Colouring.class, "order"),
                            Setting.of(Colouring.class, "fill"),
                            Setting.of(Colouring.class, "towards", WELL),
                            Setting.of(Colouring.class, "through", new Kind.Text("wells on the way", 120)),
                            Setting.of(Colouring.class, "over"),
                            Setting.of(Colouring.class, "axis", new Kind.Degrees(-360, 360)),
                            Setting.of(Colouring.class, "right", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Colouring.class, "down", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Colouring.class, "spacing", new Kind.Length(1e-6, 1e4)),
                            Setting.of(Colouring.class, "coverage", new Kind.Number(0.1, 100 * Strewn.MOST)),
                            Setting.of(Colouring.class, "seed", new Kind.Count(0, 999)),
                            Setting.of(Colouring.class, "pattern", new Kind.Figure(Turn.NOTHING, true)),
                            Setting.of(Colouring.class, "colours"),
                            Setting.of(Colouring.class, "scale", new Kind.Number(1e-3, 1e3)),
                            Setting.of(Colouring.class, "opacity", new Kind.Number(0, 100)),
                            Setting.of(Colouring.class, "blend")))
            .telling(c -> "Colour {figures} by {by}, one in {every}, wells {well} to {last} {order}; "
                    + c.fill.sentence() + ".")
            .because("Colours by strand show how many there are and where each goes; by ring they tell near from far.");

    /** @throws IllegalArgumentException if the wells on the way cannot be read; its message says what is wanted */
    public Colouring {
        Through.read(through);
    }

    /** The same with one setting put as it is: an {@link Amount}, or a text. */
    public Colouring with(String key, Object value) {
        return SCHEMA.put(this, key, value);
    }

    public Colouring withBy(ColouredBy other) {
        return with("by", Entry.word(other));
    }

    /** Whether it lies over what was there before, so that both are seen. */
    public boolean liesOver() {
        return fill.isTexture();
    }

    /** Whether it is a gradient that lies on the page, with a middle and wells on its way. */
    public boolean isLaidGradient() {
        return fill == Shade.LINEAR || fill == Shade.RADIAL || fill == Shade.SWEPT;
    }

    /** Where the wells on the way of a gradient stand, from 0 to 1. */
    public List<Double> between() {
        return Through.read(through).stream().map(Through::share).toList();
    }

    /** The same with one of the wells on the way elsewhere, as far as its neighbours let it go. */
    public Colouring withBetween(int which, double share) {
        List<Through> each = new ArrayList<>(Through.read(through));
        double least = which == 0 ? 0 : each.get(which - 1).share();
        double most = which + 1 == each.size() ? 1 : each.get(which + 1).share();
        double held = Math.round(1000 * Math.max(least, Math.min(most, share))) / 1000.0;
        each.set(which, new Through(each.get(which).well(), Math.max(least, Math.min(most, held))));
        return with("through", Through.write(each));
    }

    /** The same with the middle of its gradient elsewhere (mm from where it would lie). */
    public Colouring withShift(Point shift) {
        return with("right", Amount.of(shift.x())).with("down", Amount.of(shift.y()));
    }

    /** How far (mm) the middle of a gradient is moved. */
    public Point shift() {
        return new Point(right.value(), down.value());
    }

    @Override
    public Schema<Colouring> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public String taken() {
        boolean more = isPatterned() && !figures.equals(Surroundings.EVERY_FIGURE);
        return more ? FigureList.of(List.of(figures, pattern)) : figures;
    }

    boolean isPatterned() {
        return fill == Shade.PATTERN && !pattern.equals(Turn.NOTHING);
    }

    /** Whether a line is part of the pattern. */
    boolean isOfPattern(StrandKey key) {
        return isPatterned() && FigureList.ids(pattern).contains(key.figure());
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        return new Dyeing(this, work, surroundings).done();
    }

    /** With how many lines it would be hatched, or dots strewn, at most; 0 for other fills. */
    private long hatched(Work before) {
        if (!fill.isHatch() && !fill.isStrewn()) {
            return 0;
        }
        double lines = 0;
        for (Laid line : before.lines()) {
            double width = line.band().map(b -> b.widths().widest()).orElse(0.0);
            lines += most(line.path().box(), line.path().length() * width);
        }
        for (Laying laying : before.weaves()) {
            for (Course course : laying.weave().courses()) {
                lines += most(course.region().outline().box(), course.region().area());
            }
        }
        for (Inlay inlay : before.mosaics()) {
            for (Cell cell : inlay.mosaic().division().cells()) {
                lines += most(cell.region().outline().box(), cell.area());
            }
        }
        return (long) Math.min(1e15, lines * (fill == Shade.NET ? 2 : 1));
    }

    private double most(Box box, double area) {
        double rows = Hatching.most(box, spacing.value());
        return fill.isStrewn() ? Strewn.most(area, spacing.value()) + rows : rows;
    }

    @Override
    public long wouldLay(Work before) {
        return Math.max(hatched(before), before.size() + before.courses());
    }

    @Override
    public boolean isTooMuch(Work before) {
        return hatched(before) > MOST_HATCH || Treatment.super.isTooMuch(before);
    }

    @Override
    public String brief(Work done, Unit unit) {
        return "by " + Entry.word(by);
    }
}
