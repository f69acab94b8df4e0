package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * What two equal circles have in common, with its tips along the way it faces: the radius of the circles, and how far apart their
 * centres are. Where each centre lies on the other circle it is the vesica of the old masons.
 */
public record Lens(Amount radius, Amount apart, Amount out, Amount bearing, Amount turned) implements Seated {
    public static final Lens STARTING =
            new Lens(Amount.of(40), Amount.of(40), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Lens> SCHEMA = new Schema<>(
                    Lens.class,
                    "lens",
                    "Lens of two circles of radius {radius}, their centres {apart} apart" + SEAT,
                    Seated.settings(
                            Lens.class,
                            List.of(Seated.size(Lens.class, "radius"), Setting.of(Lens.class, "apart", Sizes.SIZE))))
            .because("Two arcs that meet in points: leaves, petals and eyes.");

    @Override
    public Schema<Lens> schema() {
        return SCHEMA;
    }

    /** Half the length from tip to tip. */
    private double half() {
        double r = radius.value();
        double aside = Math.min(apart.value() / 2, r * (1 - 1e-9));
        return Math.sqrt((r - aside) * (r + aside));
    }

    @Override
    public List<Path> upright() {
        double r = radius.value();
        double aside = Math.min(apart.value() / 2, r * (1 - 1e-9));
        double open = Math.acos(aside / r);
        Arc right = new Arc(new Point(-aside, 0), r, -open, 2 * open);
        Arc left = new Arc(new Point(aside, 0), r, Math.PI - open, 2 * open);
        return List.of(Path.closed(right, left));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double scale = leg / half();
        return new Lens(Amount.of(radius.value() * scale), Amount.of(apart.value() * scale), out, bearing, turned);
    }

    /** The legs are the tips; the other way they are the centres of the two circles. */
    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        double length = first.distance(second);
        double facing = Angle.bearing(second.minus(first));
        if (otherWay) {
            double scale = length / apart.value();
            return new Lens(Amount.of(radius.value() * scale), Amount.of(length), out, bearing, turned)
                    .seated(first.middle(second), facing + 90);
        }
        return reaching(length / 2, false).seated(first.middle(second), facing);
    }
}
