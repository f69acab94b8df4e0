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
import org.hyphantes.symmetry.Turning;

/**
 * Lays even copies round a centre: {@code times} of them, each {@code over / times} degrees on from the last.
 *
 * <p>Images that a full turn lays upon one another are laid once, so a circle about the centre stays one circle.
 */
public record Turn(Amount times, String about, Amount over, Amount start, Facing facing) implements Treatment {
    /** More lines than this are not laid: a drawing of them would be neither seen nor cut. */
    public static final int MOST_LINES = 20_000;

    public static final Turn STARTING =
            new Turn(Amount.of(6), Surroundings.THE_CENTRE, Amount.of(360), Amount.of(0), Facing.OUTWARD);

    private static final Schema<Turn> SCHEMA = new Schema<>(
            Turn.class,
            "turn",
            "Turn {times} times about {about}, over {over}, starting at {start}, facing {facing}.",
            List.of(
                    Setting.number(
                            "times",
                            new Kind.Count(1, 3600),
                            Turn::times,
                            (t, v) -> new Turn(v, t.about, t.over, t.start, t.facing)),
                    Setting.reference(
                            "about",
                            "the centre or a figure",
                            Turn::about,
                            (t, v) -> new Turn(t.times, v, t.over, t.start, t.facing)),
                    Setting.number(
                            "over",
                            new Kind.Degrees(-360, 360),
                            Turn::over,
                            (t, v) -> new Turn(t.times, t.about, v, t.start, t.facing)),
                    Setting.number(
                            "start",
                            new Kind.Degrees(-360, 360),
                            Turn::start,
                            (t, v) -> new Turn(t.times, t.about, t.over, v, t.facing)),
                    Setting.choice(
                            "facing",
                            Facing.class,
                            Turn::facing,
                            (t, v) -> new Turn(t.times, t.about, t.over, t.start, v))));

    @Override
    public Schema<Turn> schema() {
        return SCHEMA;
    }

    /** The angle in degrees from each copy to the next. */
    public double step() {
        return over.value() / count();
    }

    public int count() {
        return (int) times.value();
    }

    public Turn withTimes(int count) {
        return new Turn(Amount.of(count), about, over, start, facing);
    }

    public Turn withStart(double degrees) {
        return new Turn(times, about, over, Amount.of(degrees), facing);
    }

    /** Whether the copies close into a ring that its own turns carry to itself. */
    public boolean isRing() {
        return Math.abs(over.value()) == 360 && facing == Facing.OUTWARD;
    }

    /** Whether so many lines would come of it that they are not laid. */
    public boolean isTooMuch(Work before) {
        return (long) (before.lines().size() + before.weaves().size()) * count() > MOST_LINES;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        Point centre = surroundings.point(about);
        Turning turning = new Turning(count(), centre);
        double tolerance = 10 * work.tolerance().distance();
        List<Laid> lines = new ArrayList<>();
        for (Laid laid : work.lines()) {
            surroundings.watch().step();
            int images = isRing() ? Orbit.size(laid.path(), turning, tolerance) : count();
            for (int k = 0; k < images; k++) {
                lines.add(laid.mapped(place(k, centre, laid.seat())).copy(k));
            }
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            Point seat = laying.placed().of(Point.ORIGIN);
            for (int k = 0; k < count(); k++) {
                Affine placed = place(k, centre, seat).after(laying.placed());
                weaves.add(new Laying(laying.weave(), laying.group(), laying.step(), placed));
            }
        }
        return new Work(lines, weaves, isRing() ? Optional.of(turning) : Optional.empty());
    }

    private Affine place(int k, Point centre, Point seat) {
        Affine turn = Affine.turn(start.value() + over.value() * k / count(), centre);
        return facing == Facing.OUTWARD ? turn : Affine.shift(turn.of(seat).minus(seat));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.shown(times.value(), 0) + (count() == 1 ? " time" : " times");
    }
}
