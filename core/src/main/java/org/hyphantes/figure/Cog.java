package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A cogwheel: teeth with straight flanks that taper alike on both sides, tips and gaps along circles.
 *
 * @param teeth the number of teeth
 * @param radius to the tips, in mm
 * @param depth of the teeth, in mm
 * @param foot how much of its pitch a tooth takes at its foot
 * @param tip how much of its pitch a tooth takes at its tip
 */
public record Cog(
        Amount teeth, Amount radius, Amount depth, Amount foot, Amount tip, Amount out, Amount bearing, Amount turned)
        implements Seated {
    public static final Cog STARTING = new Cog(
            Amount.of(12),
            Amount.of(40),
            Amount.of(8),
            Amount.of(0.6),
            Amount.of(0.4),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Cog> SCHEMA = new Schema<>(
                    Cog.class,
                    "cog",
                    "Cog of {teeth} teeth, radius {radius}, {depth} deep, a tooth taking {foot} of its pitch at the foot and {tip} at"
                            + " the tip" + SEAT,
                    Seated.settings(
                            Cog.class,
                            List.of(
                                    Setting.of(Cog.class, "teeth", new Kind.Count(3, 720)),
                                    Seated.size(Cog.class, "radius"),
                                    Seated.size(Cog.class, "depth"),
                                    Setting.of(Cog.class, "foot", new Kind.Number(0.05, 0.95)),
                                    Setting.of(Cog.class, "tip", new Kind.Number(0.05, 0.95)))))
            .because("Evenly toothed, it frames a rosette or makes the rim of a seal.");

    @Override
    public Schema<Cog> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        int n = (int) teeth.value();
        double pitch = 2 * Math.PI / n;
        double outer = radius.value();
        double inner = Math.max(outer / 100, outer - depth.value());
        List<Curve> round = new ArrayList<>(4 * n);
        for (int i = 0; i < n; i++) {
            double middle = i * pitch - Math.PI / 2;
            Arc top = new Arc(Point.ORIGIN, outer, middle - tip.value() * pitch / 2, tip.value() * pitch);
            double gapFrom = middle + foot.value() * pitch / 2;
            Arc gap = new Arc(Point.ORIGIN, inner, gapFrom, (1 - foot.value()) * pitch);
            double next = (i + 1) * pitch - Math.PI / 2 - tip.value() * pitch / 2;
            Point onward =
                    i + 1 == n ? round.get(0).start() : new Point(outer * Math.cos(next), outer * Math.sin(next));
            round.add(top);
            round.add(new org.hyphantes.geometry.Line(top.end(), gap.start()));
            round.add(gap);
            round.add(new org.hyphantes.geometry.Line(gap.end(), onward));
        }
        return List.of(new Path(round, true));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double share = depth.value() / radius.value();
        return (Cog) Seated.put(Seated.put(this, "radius", leg), "depth", share * leg);
    }
}
