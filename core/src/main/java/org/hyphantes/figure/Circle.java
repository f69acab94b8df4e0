package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A circle of a radius, seated a distance out from the centre of its group at a bearing. */
public record Circle(Amount radius, Amount out, Amount bearing) implements Seated {
    public static final Circle STARTING = new Circle(Amount.of(40), Amount.of(0), Amount.of(0));

    private static final Schema<Circle> SCHEMA = new Schema<>(
                    Circle.class,
                    "circle",
                    "Circle of radius {radius}, seated {out} out at {bearing}.",
                    List.of(
                            Seated.size(Circle.class, "radius"),
                            Setting.of(Circle.class, "out", Sizes.OUT),
                            Setting.of(Circle.class, "bearing", Sizes.BEARING)))
            .because(
                    "Most ornament is set out from circles: where they meet are the points from which all else is drawn.");

    @Override
    public Schema<Circle> schema() {
        return SCHEMA;
    }

    /** A circle turned on itself is the same. */
    @Override
    public Amount turned() {
        return Amount.of(0);
    }

    @Override
    public List<Path> upright() {
        return List.of(Path.closed(Arc.circle(Point.ORIGIN, radius.value(), 0)));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return new Circle(Amount.of(leg), out, bearing);
    }

    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        Point middle = otherWay ? first.middle(second) : first;
        return reaching(middle.distance(second), false).seated(middle, Angle.bearing(second.minus(first)));
    }

    @Override
    public Affine placed() {
        // About its own centre, exactly.
        return Affine.shift(centre()).after(Affine.turn(bearing.value(), Point.ORIGIN));
    }
}
