package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Rounding;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A box: its width, its height along the way it faces, and which of its corners are rounded by what radius. */
public record Rectangle(
        Amount width, Amount height, Amount rounding, Rounded rounded, Amount out, Amount bearing, Amount turned)
        implements Seated {
    public static final Rectangle STARTING = new Rectangle(
            Amount.of(80), Amount.of(50), Amount.of(0), Rounded.EVERY, Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Rectangle> SCHEMA = new Schema<>(
                    Rectangle.class,
                    "box",
                    "Box {width} wide and {height} high, {rounded} corner rounded by {rounding}" + SEAT,
                    Seated.settings(
                            Rectangle.class,
                            List.of(
                                    Seated.size(Rectangle.class, "width"),
                                    Seated.size(Rectangle.class, "height"),
                                    Setting.of(Rectangle.class, "rounded"),
                                    Setting.of(Rectangle.class, "rounding", Sizes.ROUNDING))))
            .because("Panels, frames and bars; its corners can be rounded.");

    @Override
    public Schema<Rectangle> schema() {
        return SCHEMA;
    }

    /** Its corners from the upper left clockwise. A radius with no room is made as large as there is room for. */
    @Override
    public List<Path> upright() {
        double x = width.value() / 2;
        double y = height.value() / 2;
        Path box = Path.polygon(List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y)));
        double radius = Math.min(rounding.value(), Math.min(x, y));
        return List.of(
                radius <= 0 ? box : Rounding.of(box, radius, rounded::corner).path());
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double scale = 2 * leg / Math.hypot(width.value(), height.value());
        return (Rectangle) Seated.scaled(this, scale, List.of("out", "rounding"));
    }

    /** The legs are opposite corners; the other way the first is the middle. */
    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        return sized(this, first, second, otherWay);
    }

    /** A form of a width and a height between two corners of the box round it. */
    static Form sized(Seated form, Point first, Point second, boolean fromMiddle) {
        Point middle = fromMiddle ? first : first.middle(second);
        double x = 2 * Math.abs(second.x() - middle.x());
        double y = 2 * Math.abs(second.y() - middle.y());
        double least = 1e-3 * Math.max(x, y);
        Form sized = Seated.put(Seated.put(form, "width", Math.max(x, least)), "height", Math.max(y, least));
        return ((Seated) sized).seated(middle, 0);
    }
}
