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
public record Polygon(Amount sides, Amount radius, Upward upward, Amount out, Amount bearing) implements Form {
    public static final Polygon STARTING =
            new Polygon(Amount.of(6), Amount.of(40), Upward.CORNER, Amount.of(0), Amount.of(0));

    private static final Schema<Polygon> SCHEMA = new Schema<>(
            Polygon.class,
            "polygon",
            "Polygon of {sides} sides, radius {radius}, with a {upward} upward, seated {out} out at {bearing}.",
            List.of(
                    Setting.number(
                            "sides",
                            new Kind.Count(3, 360),
                            Polygon::sides,
                            (p, v) -> new Polygon(v, p.radius, p.upward, p.out, p.bearing)),
                    Setting.number(
                            "radius",
                            Sizes.SIZE,
                            Polygon::radius,
                            (p, v) -> new Polygon(p.sides, v, p.upward, p.out, p.bearing)),
                    Setting.choice(
                            "upward",
                            Upward.class,
                            Polygon::upward,
                            (p, v) -> new Polygon(p.sides, p.radius, v, p.out, p.bearing)),
                    Setting.number(
                            "out",
                            Sizes.OUT,
                            Polygon::out,
                            (p, v) -> new Polygon(p.sides, p.radius, p.upward, v, p.bearing)),
                    Setting.number(
                            "bearing",
                            Sizes.BEARING,
                            Polygon::bearing,
                            (p, v) -> new Polygon(p.sides, p.radius, p.upward, p.out, v))));

    @Override
    public Schema<Polygon> schema() {
        return SCHEMA;
    }

    @Override
    public Path path() {
        int n = (int) sides.value();
        double first = bearing.value() + (upward == Upward.CORNER ? 0 : 180.0 / n);
        List<Point> corners = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            corners.add(centre().plus(Point.polar(radius.value(), first + 360.0 * i / n)));
        }
        return Path.polygon(corners);
    }

    @Override
    public Point centre() {
        return Point.polar(out.value(), bearing.value());
    }
}
