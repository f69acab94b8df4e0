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
 * A rose curve: the radius goes as the cosine of waves/turns times the angle. In lowest terms it has as many petals as waves when
 * both are odd, else twice as many.
 *
 * <p>Source: J. D. Lawrence, A Catalog of Special Plane Curves, Dover 1972, section 6.4 (after G. Grandi, 1723).
 */
public record Rose(Amount waves, Amount turns, Amount radius, Amount out, Amount bearing, Amount turned)
        implements Seated {
    public static final Rose STARTING =
            new Rose(Amount.of(5), Amount.of(2), Amount.of(40), Amount.of(0), Amount.of(0), Amount.of(0));

    private static final Schema<Rose> SCHEMA = new Schema<>(
                    Rose.class,
                    "rose",
                    "Rose of {waves} waves in {turns} turns, radius {radius}" + SEAT,
                    Seated.settings(
                            Rose.class,
                            List.of(
                                    Setting.of(Rose.class, "waves", new Kind.Count(1, 60)),
                                    Setting.of(Rose.class, "turns", new Kind.Count(1, 60)),
                                    Seated.size(Rose.class, "radius"))))
            .because("Petals by a single curve: it passes the centre again and again, and weaves with itself.");

    @Override
    public Schema<Rose> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        int[] ratio = Trochoid.closing(waves.value() / turns.value());
        int n = ratio[0];
        int d = ratio[1];
        double k = (double) n / d;
        double r = radius.value();
        SmoothCurve rose = new SmoothCurve() {
            @Override
            public Point at(double a) {
                return direction(a).times(r * Math.cos(k * a));
            }

            @Override
            public Point velocity(double a) {
                Point u = direction(a);
                return u.times(-r * k * Math.sin(k * a)).plus(u.right().times(r * Math.cos(k * a)));
            }

            private Point direction(double a) {
                return new Point(Math.sin(a), -Math.cos(a));
            }
        };
        // Half of the way round is all of it when both are odd. Cut at the tips and at the middle.
        int quarters = n % 2 == 1 && d % 2 == 1 ? 2 * n : 4 * n;
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < quarters; i++) {
            curves.addAll(Fitting.of(rose, i * Math.PI / (2 * k), (i + 1) * Math.PI / (2 * k), Sizes.fitting(r)));
        }
        return List.of(Joints.closed(curves));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return (Rose) Seated.put(this, "radius", leg);
    }
}
