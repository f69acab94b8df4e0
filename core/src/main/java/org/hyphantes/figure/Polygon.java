package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A regular polygon: its sides, the radius through its corners, a corner or a side upward, and its seat. */
public record Polygon(Amount sides, Amount radius, Upward upward, Amount out, Amount bearing, Amount turned)
        implements Seated {
    public static final Polygon STARTING =
            new Polygon(Amount.of(6), Amount.of(40), Upward.CORNER, Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Polygon> SCHEMA = new Schema<>(
                    Polygon.class,
                    "polygon",
                    "Polygon of {sides} sides, radius {radius}, with a {upward} upward" + SEAT,
                    Seated.settings(
                            Polygon.class,
                            List.of(
                                    Setting.of(Polygon.class, "sides", new Kind.Count(3, 360)),
                                    Seated.size(Polygon.class, "radius"),
                                    Setting.of(Polygon.class, "upward"))))
            .because("Regular sides give the order of a pattern: squares, hexagons and octagons fill a plane.");

    @Override
    public Schema<Polygon> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        int n = (int) sides.value();
        double first = upward == Upward.CORNER ? 0 : 180.0 / n;
        List<Point> corners = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            corners.add(Point.polar(radius.value(), first + 360.0 * i / n));
        }
        return List.of(Path.polygon(corners));
    }

    /** The other way the leg reaches the middle of a side. */
    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double through = otherWay ? leg / Math.cos(Math.PI / sides.value()) : leg;
        return new Polygon(sides, Amount.of(through), otherWay ? Upward.SIDE : Upward.CORNER, out, bearing, turned);
    }
}
