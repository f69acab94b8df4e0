package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Orbit;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Turning;

/**
 * Lays even copies round a centre: {@code times} of them, each {@code over / times} degrees on from the last.
 *
 * <p>Images that lie upon one another are laid once, so a circle about the centre stays one circle, over whatever angle.
 */
public record Turn(
        String figures,
        Amount times,
        String about,
        Amount over,
        Amount start,
        Spokes spokes,
        Facing facing,
        String inbetween)
        implements Treatment {
    /** The word for no figure. */
    public static final String NOTHING = "nothing";

    public static final Turn STARTING = new Turn(
            Surroundings.EVERY_FIGURE,
            Amount.of(6),
            Surroundings.THE_CENTRE,
            Amount.of(360),
            Amount.of(0),
            Spokes.ON,
            Facing.OUTWARD,
            NOTHING);

    private static final Schema<Turn> SCHEMA = new Schema<>(
                    Turn.class,
                    "turn",
                    "Turn {figures} {times} times about {about}, over {over}, starting at {start}, {spokes} the spokes, facing {facing}, with"
                            + " {inbetween} on the in-between angles.",
                    List.of(
                            Setting.of(Turn.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Turn.class, "times", new Kind.Count(1, 3600)),
                            Setting.of(Turn.class, "about", new Kind.Figure("the centre")),
                            Setting.of(Turn.class, "over", new Kind.Degrees(-360, 360)),
                            Setting.of(Turn.class, "start", new Kind.Degrees(-360, 360)),
                            Setting.of(Turn.class, "spokes"),
                            Setting.of(Turn.class, "facing"),
                            Setting.of(Turn.class, "inbetween", new Kind.Figure("nothing"))))
            .because("One figure drawn and turned is a rosette: change the one, and all follow.");

    /** Even copies, and nothing in between. */
    public static Turn of(int times) {
        return STARTING.withTimes(times);
    }

    @Override
    public Schema<Turn> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    /** The angle in degrees from each copy to the next. */
    public double step() {
        return over.value() / count();
    }

    public int count() {
        return (int) times.value();
    }

    public Turn withTimes(int count) {
        return new Turn(figures, Amount.of(count), about, over, start, spokes, facing, inbetween);
    }

    public Turn withAbout(String centre) {
        return new Turn(figures, times, centre, over, start, spokes, facing, inbetween);
    }

    public Turn withOver(double degrees) {
        return new Turn(figures, times, about, Amount.of(degrees), start, spokes, facing, inbetween);
    }

    public Turn withFacing(Facing other) {
        return new Turn(figures, times, about, over, start, spokes, other, inbetween);
    }

    public Turn withStart(double degrees) {
        return new Turn(figures, times, about, over, Amount.of(degrees), spokes, facing, inbetween);
    }

    /** Whether the copies close into a ring that its own turns carry to itself. */
    public boolean isRing() {
        return Math.abs(over.value()) == 360 && facing == Facing.OUTWARD;
    }

    @Override
    public long laid(long before) {
        return before * count();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        Point centre = surroundings.point(about);
        Turning turning = new Turning(count(), centre, first(false));
        double tolerance = 10 * work.tolerance().distance();
        Distinct distinct = new Distinct(tolerance);
        List<Laid> lines = new ArrayList<>();
        for (Laid laid : work.lines()) {
            surroundings.watch().step();
            int images = isRing() ? Orbit.size(laid.path(), turning, tolerance) : count();
            boolean between = surroundings
                    .figure(inbetween)
                    .filter(f -> f.id().equals(laid.key().figure()))
                    .isPresent();
            for (int k = 0; k < images; k++) {
                Laid there = laid.mapped(
                        place(k, between, centre, laid.seat()), laid.key().copy(k));
                if (distinct.add(there.path())) {
                    lines.add(there);
                }
            }
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            Point seat = laying.placed().of(Point.ORIGIN);
            for (int k = 0; k < count(); k++) {
                weaves.add(laying.carried(place(k, false, centre, seat)));
            }
        }
        List<Inlay> mosaics = new ArrayList<>();
        for (Inlay inlay : work.mosaics()) {
            Point seat = inlay.placed().of(Point.ORIGIN);
            for (int k = 0; k < count(); k++) {
                mosaics.add(inlay.carried(place(k, false, centre, seat)));
            }
        }
        return new Work(lines, weaves, mosaics, isRing() ? symmetry(work.symmetry(), turning, centre) : Symmetry.NONE);
    }

    /** The turns, and the mirror line the motif had if it goes through their centre. */
    private Symmetry symmetry(Symmetry before, Turning turning, Point centre) {
        Affine first = place(0, false, centre, centre);
        Optional<Affine> mirror = before.mirror()
                .filter(m -> m.of(centre).distance(centre) <= 1e-9 * (1 + centre.length()))
                .map(m -> first.after(m).after(first.inverse()));
        return new Symmetry(Optional.of(turning), mirror, List.of());
    }

    /** The angle (degrees) of the first copy of what stands on the spokes, or of what stands in between. */
    private double first(boolean between) {
        return start.value() + (between == (spokes == Spokes.BETWEEN) ? 0 : step() / 2);
    }

    private Affine place(int k, boolean between, Point centre, Point seat) {
        Affine turn = Affine.turn(first(between) + over.value() * k / count(), centre);
        return facing == Facing.OUTWARD ? turn : Affine.shift(turn.of(seat).minus(seat));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.shown(times.value(), 0) + (count() == 1 ? " time" : " times");
    }
}
