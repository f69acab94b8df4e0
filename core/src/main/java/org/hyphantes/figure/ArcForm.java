package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** An arc of a circle: it starts the way it faces and sweeps clockwise, or against it by a negative angle. */
public record ArcForm(Amount radius, Amount sweep, Amount out, Amount bearing, Amount turned) implements Seated {
    public static final ArcForm STARTING =
            new ArcForm(Amount.of(40), Amount.of(120), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<ArcForm> SCHEMA = new Schema<>(
                    ArcForm.class,
                    "arc",
                    "Arc of radius {radius}, sweeping {sweep}" + SEAT,
                    Seated.settings(
                            ArcForm.class,
                            List.of(
                                    Seated.size(ArcForm.class, "radius"),
                                    Setting.of(ArcForm.class, "sweep", new Kind.Degrees(-360, 360)))))
            .because("Parts of circles join smoothly: arches, rims and round ends are made of them.");

    @Override
    public Schema<ArcForm> schema() {
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
        return new ArcForm(Amount.of(leg), sweep, out, bearing, turned);
    }
}
