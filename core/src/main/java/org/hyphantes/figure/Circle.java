package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A circle of a radius, seated a distance out from the centre of its group at a bearing. */
public record Circle(Amount radius, Amount out, Amount bearing) implements Form {
    public static final Circle STARTING = new Circle(Amount.of(40), Amount.of(0), Amount.of(0));

    private static final Schema<Circle> SCHEMA = new Schema<>(
            Circle.class,
            "circle",
            "Circle of radius {radius}, seated {out} out at {bearing}.",
            List.of(
                    Setting.number("radius", Sizes.SIZE, Circle::radius, (c, v) -> new Circle(v, c.out, c.bearing)),
                    Setting.number("out", Sizes.OUT, Circle::out, (c, v) -> new Circle(c.radius, v, c.bearing)),
                    Setting.number(
                            "bearing", Sizes.BEARING, Circle::bearing, (c, v) -> new Circle(c.radius, c.out, v))));

    @Override
    public Schema<Circle> schema() {
        return SCHEMA;
    }

    @Override
    public Path path() {
        return Path.closed(Arc.circle(centre(), radius.value(), bearing.value()));
    }

    @Override
    public Point centre() {
        return Angle.direction(bearing.value()).times(out.value());
    }
}
