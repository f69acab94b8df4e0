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
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.weave.StrandKey;

/**
 * Mirrors everything in lines through a point: the rosette group D_n of n lines, which stand 180/n degrees apart and give 2n
 * images. Images that lie upon one another are laid once.
 *
 * @param lines the number of mirror lines
 * @param through the point they go through
 * @param at the bearing (degrees) of the first, from the spokes of the turning before it, if any
 * @param spokes on the spokes of that turning, or half a step on
 * @param original whether what is mirrored stays
 */
public record Mirror(String figures, Amount lines, String through, Amount at, Spokes spokes, Keeping original)
        implements Treatment {
    public static final Mirror STARTING = new Mirror(
            Surroundings.EVERY_FIGURE, Amount.of(1), Surroundings.THE_CENTRE, Amount.of(0), Spokes.ON, Keeping.KEEPING);

    private static final Schema<Mirror> SCHEMA = new Schema<>(
                    Mirror.class,
                    "mirror",
                    "Mirror {figures} in {lines} lines through {through} at {at}, {spokes} the spokes, {original} the original.",
                    List.of(
                            Setting.of(Mirror.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Mirror.class, "lines", new Kind.Count(1, 360)),
                            Setting.of(Mirror.class, "through", new Kind.Figure("the centre")),
                            Setting.of(Mirror.class, "at", new Kind.Degrees(-360, 360)),
                            Setting.of(Mirror.class, "spokes"),
                            Setting.of(Mirror.class, "original")))
            .because("Left and right alike, exactly, and again after every change.");

    @Override
    public Schema<Mirror> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    private int count() {
        return (int) lines.value();
    }

    public Mirror through(String centre) {
        return new Mirror(figures, lines, centre, at, spokes, original);
    }

    public Mirror on(Spokes other) {
        return new Mirror(figures, lines, through, at, other, original);
    }

    /** The bearing (degrees) of the first line, given the turning before it. */
    public double bearing(Optional<Turning> turning) {
        double spoke = turning.map(Turning::spoke).orElse(0.0);
        double step = turning.map(Turning::step).orElse(180.0 / count());
        return spoke + at.value() + (spokes == Spokes.BETWEEN ? step / 2 : 0);
    }

    @Override
    public long laid(long before) {
        return before * 2 * count();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        Point middle = surroundings.point(through);
        Affine mirror = Affine.mirror(middle, bearing(work.turning()));
        boolean turnedBefore = work.turning()
                .filter(t -> t.centre().distance(middle) <= 1e-9 * (1 + middle.length()))
                .isPresent();
        Turning own =
                new Turning(count(), middle, work.turning().map(Turning::spoke).orElse(at.value()));
        Distinct distinct = new Distinct(10 * work.tolerance().distance());
        List<Laid> laid = new ArrayList<>();
        List<Laying> weaves = new ArrayList<>();
        List<Inlay> mosaics = new ArrayList<>();
        for (int image = 0; image < 2 * count(); image++) {
            surroundings.watch().step();
            if (image == 0 && original == Keeping.LEAVING_OUT) {
                continue;
            }
            int k = image % count();
            boolean mirrored = image >= count();
            Affine map = mirrored ? own.turn(k).after(mirror) : own.turn(k);
            for (Laid line : work.lines()) {
                Laid there = line.mapped(map, key(line.key(), mirrored, k, work.turning()));
                if (distinct.add(there.path())) {
                    laid.add(there);
                }
            }
            for (Laying laying : work.weaves()) {
                weaves.add(laying.carried(map));
            }
            work.mosaics().forEach(m -> mosaics.add(m.carried(map)));
        }
        if (original == Keeping.LEAVING_OUT) {
            return new Work(laid, weaves, mosaics, Symmetry.NONE);
        }
        Optional<Turning> turning = count() > 1 ? Optional.of(own) : turnedBefore ? work.turning() : Optional.empty();
        return new Work(laid, weaves, mosaics, new Symmetry(turning, Optional.of(mirror), List.of()));
    }

    /** In a mirror the copies of a turning follow on one another the other way round. */
    private StrandKey key(StrandKey key, boolean mirrored, int k, Optional<Turning> before) {
        StrandKey own = key;
        if (mirrored) {
            own = before.map(t -> key.asCopy(Math.floorMod(-key.outermost(), t.count())))
                    .orElse(key)
                    .part(1);
        }
        return count() > 1 ? own.copy(k) : own;
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.counted(count(), "line");
    }
}
