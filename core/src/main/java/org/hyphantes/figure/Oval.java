package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.EllipticalArc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;

/** An ellipse by its two diameters: across, and along the way it faces. Its cubics stray 5e-6 of its size at the most. */
public record Oval(Amount across, Amount along, Amount out, Amount bearing, Amount turned) implements Seated {
    public static final Oval STARTING =
            new Oval(Amount.of(80), Amount.of(50), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Oval> SCHEMA = new Schema<>(
                    Oval.class,
                    "oval",
                    "Oval {across} across and {along} along" + SEAT,
                    Seated.settings(
                            Oval.class, List.of(Seated.size(Oval.class, "across"), Seated.size(Oval.class, "along"))))
            .because("Turned about its middle it makes linked loops; it is a true ellipse, not an approximation.");

    @Override
    public Schema<Oval> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        EllipticalArc ellipse = EllipticalArc.ellipse(Point.ORIGIN, across.value() / 2, along.value() / 2, 0);
        return List.of(new Path(new ArrayList<>(ellipse.cubics()), true));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return new Oval(Amount.of(2 * leg * across.value() / along.value()), Amount.of(2 * leg), out, bearing, turned);
    }

    /** The second leg is a corner of the box round it; the other way, both are. */
    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        Point middle = otherWay ? first.middle(second) : first;
        double x = Math.abs(second.x() - middle.x());
        double y = Math.abs(second.y() - middle.y());
        double least = 1e-3 * Math.max(x, y);
        return new Oval(Amount.of(2 * Math.max(x, least)), Amount.of(2 * Math.max(y, least)), out, bearing, turned)
                .seated(middle, 0);
    }
}
