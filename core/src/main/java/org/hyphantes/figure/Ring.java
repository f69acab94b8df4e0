package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;

/** Two circles about one centre: the outer of a radius, the inner smaller by the width. */
public record Ring(Amount radius, Amount width, Amount out, Amount bearing, Amount turned) implements Seated {
    public static final Ring STARTING =
            new Ring(Amount.of(40), Amount.of(10), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Ring> SCHEMA = new Schema<>(
                    Ring.class,
                    "ring",
                    "Ring of radius {radius} outside, {width} wide" + SEAT,
                    Seated.settings(
                            Ring.class, List.of(Seated.size(Ring.class, "radius"), Seated.size(Ring.class, "width"))))
            .because("Two circles about one centre, for what a design is bound by.");

    @Override
    public Schema<Ring> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        Path outer = Path.closed(Arc.circle(Point.ORIGIN, radius.value(), 0));
        double inner = radius.value() - width.value();
        return inner <= 0 ? List.of(outer) : List.of(outer, Path.closed(Arc.circle(Point.ORIGIN, inner, 0)));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return new Ring(Amount.of(leg), width.value() < leg ? width : Amount.of(leg / 4), out, bearing, turned);
    }
}
