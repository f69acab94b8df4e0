package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.hatch.Hatching;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Edged;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Strewn;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Chequer;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.PieceName;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Strand;

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
            Amount.of(1),
            Through.NONE,
            Gradient.Over.EACH_OUTWARD,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(1),
            Amount.of(20),
            Amount.of(1),
            Amount.of(100),
            Blend.NORMAL);

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

    /** How far (mm) the middle of a gradient is moved. */
    Point shift() {
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

    /** Parts in the order in which they are met: each key once, so that all of one key are coloured alike. */
    private static final class Order {
        private final Map<String, Integer> places = new LinkedHashMap<>();

        void meet(String key) {
            places.putIfAbsent(key, places.size());
        }
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        Order order = new Order();
        boolean groundsAlone = by == ColouredBy.GROUND;
        if (!groundsAlone) {
            work.lines().forEach(l -> order.meet(key(l.key().figure(), l.key().toString())));
            work.weaves()
                    .forEach(laying -> laying.weave()
                            .strands()
                            .forEach(s ->
                                    order.meet(key(s.key().figure(), s.key().toString()))));
        }
        Colourway wells = surroundings.colourway();
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            lines.add(
                    groundsAlone
                            ? line
                            : fill(order, key(line.key().figure(), line.key().toString()), wells)
                                    .map(f -> line.coloured(Edged.as(line.colour(), f)))
                                    .orElse(line));
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            List<Optional<Fill>> fills = new ArrayList<>();
            for (int s = 0; s < laying.weave().strands().size(); s++) {
                Strand strand = laying.weave().strands().get(s);
                Optional<Fill> before = laying.colours().get(s);
                fills.add(before.filter(Fill::isByHand)
                        .or(() -> fill(
                                        order,
                                        key(strand.key().figure(), strand.key().toString()),
                                        wells)
                                .map(f -> Edged.as(before, f))
                                .or(() -> before)));
            }
            weaves.add(groundsAlone ? laying : laying.coloured(fills));
        }
        return new Work(
                lines,
                weaves,
                work.mosaics().stream().map(i -> inlaid(i, surroundings)).toList(),
                work.symmetry());
    }

    /** Pieces by their ring, by every second one, by their side of the figures, or the grounds alone; by strand or figure they keep what they have. */
    private Inlay inlaid(Inlay inlay, Surroundings surroundings) {
        List<Tessera> pieces = inlay.mosaic().pieces();
        Division division = inlay.mosaic().division();
        boolean[] odd = by == ColouredBy.CHEQUER ? new Chequer(division).odd() : new boolean[0];
        Set<Integer> inside = by == ColouredBy.SIDE ? inside(division, surroundings) : Set.of();
        List<String> keys = new ArrayList<>();
        Order order = new Order();
        for (Tessera piece : pieces) {
            int cell = piece.cells().get(0);
            boolean ground = division.cells().get(cell).isGround();
            String ring = "ring " + piece.ring();
            String key = switch (by) {
                case STRAND, FIGURE -> "";
                case RING -> ring;
                case CHEQUER -> odd[cell] ? "odd" : "even";
                case SIDE -> inside.contains(cell) ? "inside" : "outside";
                case GROUND -> ground ? ring : "";
            };
            keys.add(key);
        }
        if (by == ColouredBy.CHEQUER || by == ColouredBy.SIDE) {
            // The first well is that of the even ones, or of what is inside, even where there is none.
            order.meet(by == ColouredBy.SIDE ? "inside" : "even");
        }
        keys.stream().filter(k -> !k.isEmpty()).forEach(order::meet);
        List<Optional<Fill>> fills = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Optional<Fill> before = inlay.colours().get(i);
            boolean byHand = before.filter(Fill::isByHand).isPresent();
            fills.add(
                    byHand || keys.get(i).isEmpty()
                            ? before
                            : fill(order, keys.get(i), surroundings.colourway())
                                    .map(f -> Edged.as(before, f))
                                    .or(() -> before));
        }
        return inlay.coloured(fills);
    }

    private Set<Integer> inside(Division division, Surroundings surroundings) {
        Set<Integer> inside = new HashSet<>();
        surroundings.figures().keySet().stream()
                .filter(f -> figures.equals(Surroundings.EVERY_FIGURE)
                        || List.of(figures.split("\\s*,\\s*")).contains(f))
                .forEach(f -> inside.addAll(division.meant(PieceName.beside(f, true))));
        return inside;
    }

    private String key(String figure, String strand) {
        return by == ColouredBy.STRAND ? strand : figure;
    }

    /** The fill of a part; empty for one that keeps what it has. */
    private Optional<Fill> fill(Order of, String key, Colourway wells) {
        int place = of.places.getOrDefault(key, 0);
        int step = (int) every.value();
        if (place % step != 0) {
            return Optional.empty();
        }
        int count = (of.places.size() + step - 1) / step;
        Colour colour = colour(place / step, count, wells);
        return Optional.of(fill.fill(colour, this, wells));
    }

    private Colour colour(int place, int count, Colourway wells) {
        int first = (int) well.value();
        int end = (int) last.value();
        if (order == WellOrder.IN_STEPS) {
            double share = count < 2 ? 0 : (double) place / (count - 1);
            return wells.well(first).colour().towards(wells.well(end).colour(), share);
        }
        // To the very last well is all round: what begins with the eleventh has the first after the twelfth.
        int wide = end == Colourway.WELLS ? end : Math.floorMod(end - first, Colourway.WELLS) + 1;
        return wells.well(first + place % wide).colour();
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
        return fill.isStrewn() ? Strewn.most(area, spacing.value()) : Hatching.most(box, spacing.value());
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
