package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.StepList;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Symmetry;

/** Lays copies in a row, each a step on from the one before: as many more as there are steps, equal or listed. Copies that lie upon one another are laid once. */
public record Row(String figures, String steps, Amount towards) implements Treatment {
    public static final Row STARTING = new Row(Surroundings.EVERY_FIGURE, "20 20 20", Amount.of(90));

    /** Acts are carried over so many shifts at most. */
    static final int MOST_SHIFTS = 2000;

    private static final Schema<Row> SCHEMA = new Schema<>(
                    Row.class,
                    "row",
                    "Lay a row of copies of {figures} towards {towards}, in steps of {steps}.",
                    List.of(
                            Setting.of(Row.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Row.class, "steps", new Kind.Steps(-1e6, 1e6)),
                            Setting.of(Row.class, "towards", new Kind.Degrees(-360, 360))))
            .because("Copies at measured steps: letters spaced by eye, bars of a fence, tiles of a strap.");

    @Override
    public Schema<Row> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    private List<Double> far() {
        List<Double> far = new ArrayList<>(List.of(0.0));
        for (double step : StepList.read(steps)) {
            far.add(far.get(far.size() - 1) + step);
        }
        return far;
    }

    @Override
    public long laid(long before) {
        return before * far().size();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        List<Laid> lines = new ArrayList<>();
        List<Laying> weaves = new ArrayList<>();
        List<Inlay> mosaics = new ArrayList<>();
        List<Double> far = far();
        Distinct distinct = new Distinct(10 * work.tolerance().distance());
        for (int k = 0; k < far.size(); k++) {
            surroundings.watch().step();
            Affine map = Affine.shift(Point.polar(far.get(k), towards.value()));
            for (Laid line : work.lines()) {
                Laid there = line.mapped(map, line.key().copy(k));
                if (distinct.add(there.path())) {
                    lines.add(there);
                }
            }
            for (Laying laying : work.weaves()) {
                weaves.add(laying.carried(map));
            }
            work.mosaics().forEach(m -> mosaics.add(m.carried(map)));
        }
        return new Work(lines, weaves, mosaics, new Symmetry(Optional.empty(), Optional.empty(), shifts(far)));
    }

    /** The shifts from each copy to every other, but for rounding each once. */
    private List<Affine> shifts(List<Double> far) {
        TreeSet<Double> apart = new TreeSet<>();
        for (double a : far) {
            for (double b : far) {
                double shift = Math.rint((b - a) * 1e9) / 1e9;
                if (shift != 0 && apart.size() < MOST_SHIFTS) {
                    apart.add(shift);
                }
            }
        }
        return apart.stream()
                .map(d -> Affine.shift(Point.polar(d, towards.value())))
                .toList();
    }

    @Override
    public String brief(Work done, Unit unit) {
        return far().size() + " in all";
    }
}
