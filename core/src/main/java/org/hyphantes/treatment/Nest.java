package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/**
 * Sets of one figure within another: copies scaled about the point a figure is seated by, so that the radius to its furthest
 * point grows by an even step, or shrinks by a negative one until nothing is left.
 */
public record Nest(String figures, Amount times, Amount step) implements Treatment {
    public static final Nest STARTING = new Nest(Surroundings.EVERY_FIGURE, Amount.of(4), Amount.of(-5));

    private static final Schema<Nest> SCHEMA = new Schema<>(
                    Nest.class,
                    "nest",
                    "Nest {figures}, {times} in all about the same middle, each radius {step} on.",
                    List.of(
                            Setting.of(Nest.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Nest.class, "times", new Kind.Count(1, 1001)),
                            Setting.of(Nest.class, "step", new Kind.Length(-1e5, 1e5))))
            .because("Copies within one another, for arches, ripples and targets.");

    @Override
    public Schema<Nest> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    @Override
    public long laid(long before) {
        return before * (long) times.value();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            lines.add(line);
            double radius = furthest(line.path(), line.seat());
            for (int k = 1; k < times.value(); k++) {
                surroundings.watch().step();
                double wanted = radius + k * step.value();
                if (wanted > 1e-6 * radius && step.value() != 0) {
                    lines.add(line.mapped(
                            Affine.scale(wanted / radius, line.seat()),
                            line.key().part(k)));
                }
            }
        }
        return work.withLines(lines);
    }

    private static double furthest(Path path, Point from) {
        double furthest = 0;
        for (Curve curve : path.curves()) {
            for (int i = 0; i <= 8; i++) {
                furthest = Math.max(furthest, curve.at(i / 8.0).distance(from));
            }
        }
        return furthest;
    }

    @Override
    public String brief(Work done, Unit unit) {
        return (int) times.value() + " in all";
    }
}
