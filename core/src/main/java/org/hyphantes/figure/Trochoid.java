package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Fitting;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.SmoothCurve;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * The line of a point on a circle that rolls along the inside (hypotrochoid) or the outside (epitrochoid) of a fixed circle. With
 * radii in the ratio p to q in lowest terms it closes after q turns with p lobes; it is left open when it would need more than
 * {@link #MOST_TURNS}.
 *
 * <p>Source of the equations: J. D. Lawrence, A Catalog of Special Plane Curves, Dover 1972, sections 6.1 and 6.2.
 *
 * @param rolling on which side of the fixed circle the other rolls
 * @param fixed the radius of the fixed circle, in mm
 * @param wheel the radius of the rolling circle, in mm
 * @param reach the distance of the point from the middle of the rolling circle, in mm
 */
public record Trochoid(
        Rolling rolling, Amount fixed, Amount wheel, Amount reach, Amount out, Amount bearing, Amount turned)
        implements Seated {
    public static final int MOST_TURNS = 60;

    public static final Trochoid STARTING = new Trochoid(
            Rolling.INSIDE, Amount.of(40), Amount.of(15), Amount.of(20), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Trochoid> SCHEMA = new Schema<>(
                    Trochoid.class,
                    "trochoid",
                    "Trochoid of a wheel of radius {wheel} rolling {rolling} a circle of radius {fixed}, its point {reach} from its"
                            + " middle" + SEAT,
                    Seated.settings(
                            Trochoid.class,
                            List.of(
                                    Seated.size(Trochoid.class, "wheel"),
                                    Setting.of(Trochoid.class, "rolling"),
                                    Seated.size(Trochoid.class, "fixed"),
                                    Setting.of(Trochoid.class, "reach", new Kind.Length(0, 1e6)))))
            .because("What a point of a rolling circle draws: evenly looped bands round a centre.");

    @Override
    public Schema<Trochoid> schema() {
        return SCHEMA;
    }

    /** The distance of the wheel's middle from the centre; negative when the wheel is wider than what it rolls inside. */
    private double arm() {
        return rolling == Rolling.INSIDE ? fixed.value() - wheel.value() : fixed.value() + wheel.value();
    }

    @Override
    public List<Path> upright() {
        double arm = arm();
        double d = reach.value();
        double ratio = arm / wheel.value();
        // Seen with the start at the top; inside, the wheel spins against its way round.
        double spin = rolling == Rolling.INSIDE ? -ratio : ratio;
        double sign = rolling == Rolling.INSIDE ? 1 : -1;
        if (Math.abs(arm) < 1e-9 * fixed.value()) {
            return List.of(
                    Path.closed(org.hyphantes.geometry.Arc.circle(Point.ORIGIN, Math.max(d, 1e-3 * fixed.value()), 0)));
        }
        SmoothCurve line = new SmoothCurve() {
            @Override
            public Point at(double t) {
                return turned(arm, t).plus(turned(sign * d, spin * t));
            }

            @Override
            public Point velocity(double t) {
                return turned(arm, t)
                        .right()
                        .plus(turned(sign * d * spin, spin * t).right());
            }
        };
        int[] closing = closing(fixed.value() / wheel.value());
        int turns = closing[1] == 0 ? MOST_TURNS : closing[1];
        int lobes = closing[1] == 0
                ? Math.max(1, (int) Math.round(MOST_TURNS * fixed.value() / wheel.value()))
                : closing[0];
        double tolerance = Sizes.fitting(Math.abs(arm) + d);
        // Each half lobe by itself, so that a cusp lies at a joint and all lobes are alike.
        int parts = 2 * lobes;
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            double from = 2 * Math.PI * turns * i / parts;
            curves.addAll(Fitting.of(line, from, 2 * Math.PI * turns * (i + 1) / parts, tolerance));
        }
        return List.of(closing[1] == 0 ? new Path(curves, false) : Joints.closed(curves));
    }

    private static Point turned(double length, double angle) {
        return new Point(length * Math.sin(angle), -length * Math.cos(angle));
    }

    /** The ratio as p / q in lowest terms, by its continued fraction; q is 0 when it would be above the most turns. */
    static int[] closing(double ratio) {
        long p0 = 1;
        long q0 = 0;
        long p1 = (long) Math.floor(ratio);
        long q1 = 1;
        double rest = ratio - p1;
        while (Math.abs(ratio - (double) p1 / q1) > 1e-9 * ratio || p1 == 0) {
            if (rest < 1e-12) {
                return new int[] {0, 0};
            }
            double inverse = 1 / rest;
            long a = (long) Math.floor(inverse);
            rest = inverse - a;
            long p2 = a * p1 + p0;
            long q2 = a * q1 + q0;
            p0 = p1;
            q0 = q1;
            p1 = p2;
            q1 = q2;
            if (q1 > MOST_TURNS) {
                return new int[] {0, 0};
            }
        }
        return new int[] {(int) p1, (int) q1};
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double scale = leg / (Math.abs(arm()) + reach.value());
        return (Trochoid) Seated.scaled(this, scale, List.of("out"));
    }
}
