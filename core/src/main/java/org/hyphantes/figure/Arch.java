package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Rounding;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * An arch with its sill: width, height, how high its crown rises over the springing, and whether the crown is one arc or two that
 * meet in a point. A round crown that rises half the width is a half circle; a pointed one that rises 0.866 of it is the
 * equilateral arch.
 */
public record Arch(
        Amount width,
        Amount height,
        Amount rise,
        Crown crown,
        Amount rounding,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Seated {
    public static final Arch STARTING = new Arch(
            Amount.of(60),
            Amount.of(90),
            Amount.of(30),
            Crown.ROUND,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Arch> SCHEMA = new Schema<>(
                    Arch.class,
                    "arch",
                    "Arch {width} wide and {height} high, its {crown} crown rising {rise}, its foot corners rounded by {rounding}"
                            + SEAT,
                    Seated.settings(
                            Arch.class,
                            List.of(
                                    Seated.size(Arch.class, "width"),
                                    Seated.size(Arch.class, "height"),
                                    Setting.of(Arch.class, "crown"),
                                    Seated.size(Arch.class, "rise"),
                                    Setting.of(Arch.class, "rounding", Sizes.ROUNDING))))
            .because("Portals, niches and gables are set out by it; nested, it makes the frame of a window.");

    @Override
    public Schema<Arch> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        double half = width.value() / 2;
        double high = Math.min(rise.value(), height.value());
        double top = -height.value() / 2;
        double foot = height.value() / 2;
        Point left = new Point(-half, top + high);
        Point right = new Point(half, top + high);
        List<Curve> round = new ArrayList<>();
        if (crown == Crown.ROUND) {
            double radius = (half * half + high * high) / (2 * high);
            round.add(arc(new Point(0, top + radius), radius, left, right));
        } else {
            // Both centres on the springing: as far from the foot of an arc as from its tip.
            double centre = (half * half - high * high) / (2 * half);
            Point tip = new Point(0, top);
            round.add(arc(new Point(-centre, left.y()), half - centre, left, tip));
            round.add(arc(new Point(centre, left.y()), half - centre, tip, right));
        }
        double legs = foot - left.y();
        if (legs > 1e-9 * height.value()) {
            round.add(new org.hyphantes.geometry.Line(right, new Point(half, foot)));
            round.add(new org.hyphantes.geometry.Line(new Point(half, foot), new Point(-half, foot)));
            round.add(new org.hyphantes.geometry.Line(new Point(-half, foot), left));
        } else {
            round.add(new org.hyphantes.geometry.Line(right, left));
        }
        Path path = new Path(round, true);
        double radius = Math.min(rounding.value(), Math.min(half, legs));
        int crowns = crown == Crown.ROUND ? 1 : 2;
        return List.of(
                radius <= 1e-9 * half
                        ? path
                        : Rounding.of(path, radius, i -> i == crowns + 1 || i == crowns + 2)
                                .path());
    }

    private static Arc arc(Point centre, double radius, Point from, Point to) {
        double a = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        double b = Math.atan2(to.y() - centre.y(), to.x() - centre.x());
        double sweep = b - a;
        return new Arc(centre, radius, a, sweep <= 0 ? sweep + 2 * Math.PI : sweep);
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return (Arch) Seated.scaled(this, 2 * leg / Math.hypot(width.value(), height.value()), List.of("out"));
    }

    /** The legs are opposite corners of the box round it; the crown keeps its share of the width. */
    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        Arch sized = (Arch) Rectangle.sized(this, first, second, otherWay);
        return Seated.put(sized, "rise", rise.value() * sized.width.value() / width.value());
    }
}
