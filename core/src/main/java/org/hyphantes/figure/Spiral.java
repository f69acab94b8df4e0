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
 * A spiral out of an eye, ending the way it faces. Its first coil goes out by the spacing, each further one by growth times
 * the one before: growth 1 is the even spiral of Archimedes.
 */
public record Spiral(
        Amount coils,
        Amount eye,
        Amount spacing,
        Amount growth,
        Winding winding,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Seated {
    public static final Spiral STARTING = new Spiral(
            Amount.of(3),
            Amount.of(2),
            Amount.of(12),
            Amount.of(1),
            Winding.CLOCKWISE,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Spiral> SCHEMA = new Schema<>(
                    Spiral.class,
                    "spiral",
                    "Spiral of {coils} coils from an eye of {eye}, going out {spacing} in the first, growing by {growth}, winding"
                            + " {winding}" + SEAT,
                    Seated.settings(
                            Spiral.class,
                            List.of(
                                    Setting.of(Spiral.class, "coils", new Kind.Number(0.05, 200)),
                                    Setting.of(Spiral.class, "eye", new Kind.Length(0, 1e6)),
                                    Seated.size(Spiral.class, "spacing"),
                                    Setting.of(Spiral.class, "growth", new Kind.Number(0.1, 10)),
                                    Setting.of(Spiral.class, "winding"))))
            .because("Even or growing, it leads the eye inward; spirals in a ring make whirls.");

    @Override
    public Schema<Spiral> schema() {
        return SCHEMA;
    }

    /** The radius (mm) after so many coils. */
    public double radius(double coil) {
        double g = growth.value();
        double far = Math.abs(g - 1) < 1e-9 ? coil : (Math.pow(g, coil) - 1) / (g - 1);
        return eye.value() + spacing.value() * far;
    }

    private double slope(double coil) {
        double g = growth.value();
        double slope = Math.abs(g - 1) < 1e-9 ? 1 : Math.log(g) * Math.pow(g, coil) / (g - 1);
        return spacing.value() * slope;
    }

    @Override
    public List<Path> upright() {
        double all = coils.value();
        double way = (winding == Winding.CLOCKWISE ? 2 : -2) * Math.PI;
        SmoothCurve spiral = new SmoothCurve() {
            @Override
            public Point at(double coil) {
                return direction(coil).times(radius(coil));
            }

            @Override
            public Point velocity(double coil) {
                Point d = direction(coil);
                return d.times(slope(coil)).plus(d.right().times(radius(coil) * way));
            }

            private Point direction(double coil) {
                double angle = way * (coil - all) - Math.PI / 2;
                return new Point(Math.cos(angle), Math.sin(angle));
            }
        };
        double tolerance = Sizes.fitting(radius(all));
        int parts = (int) Math.ceil(4 * all);
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            curves.addAll(Fitting.of(spiral, all * i / parts, all * (i + 1) / parts, tolerance));
        }
        return List.of(new Path(curves, false));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double scale = leg / radius(coils.value());
        return (Spiral) Seated.scaled(this, scale, List.of("out"));
    }
}
