package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** An arc of a circle: it starts the way it faces and sweeps clockwise, or against it by a negative angle. */
public record Arc(Amount radius, Amount sweep, Amount out, Amount bearing, Amount turned) implements Seated {
    public static final Arc STARTING = new Arc(Amount.of(40), Amount.of(120), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Arc> SCHEMA = new Schema<>(
            Arc.class,
            "arc",
            "Arc of radius {radius}, sweeping {sweep}" + SEAT,
            Seated.settings(
                    Arc.class,
                    List.of(
                            Seated.size(Arc.class, "radius"),
                            Setting.of(Arc.class, "sweep", new Kind.Degrees(-360, 360)))));

    @Override
    public Schema<Arc> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        double angle = Math.abs(sweep.value()) < 1e-3 ? 1e-3 : sweep.value();
        if (Math.abs(angle) >= 360) {
            return List.of(Path.closed(org.hyphantes.geometry.Arc.circle(Point.ORIGIN, radius.value(), 0)));
        }
        return List.of(Path.open(
                new org.hyphantes.geometry.Arc(Point.ORIGIN, radius.value(), -Math.PI / 2, Math.toRadians(angle))));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return new Arc(Amount.of(leg), sweep, out, bearing, turned);
    }
}
