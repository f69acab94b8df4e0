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

/** A sine wave from end to end: so many humps, to the left and to the right of its way in turn, each of a height. */
public record Wave(Amount out, Amount bearing, Amount farout, Amount farbearing, Amount humps, Amount height)
        implements Ended {
    public static final Wave STARTING =
            new Wave(Amount.of(60), Amount.of(270), Amount.of(60), Amount.of(90), Amount.of(6), Amount.of(8));

    private static final Schema<Wave> SCHEMA = new Schema<>(
                    Wave.class,
                    "wave",
                    "Wave of {humps} humps, each {height} high, from {out} out at {bearing} to {farout} out at {farbearing}.",
                    List.of(
                            Setting.of(Wave.class, "humps", new Kind.Count(1, 1000)),
                            Setting.of(Wave.class, "height", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Wave.class, "out", Sizes.OUT),
                            Setting.of(Wave.class, "bearing", Sizes.BEARING),
                            Setting.of(Wave.class, "farout", Sizes.OUT),
                            Setting.of(Wave.class, "farbearing", Sizes.BEARING)))
            .because("A line that swings: borders, vines and running scrolls begin with it.");

    @Override
    public Schema<Wave> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> paths(PageBox pageBox) {
        Point a = start();
        Point way = end().minus(a);
        int n = (int) humps.value();
        if (way.length() < 1e-9 || height.value() == 0) {
            Point b = way.length() < 1e-9 ? a.plus(new Point(1e-3, 0)) : end();
            return List.of(Path.open(new org.hyphantes.geometry.Line(a, b)));
        }
        Point aside = way.unit().right().times(-height.value());
        SmoothCurve sine = new SmoothCurve() {
            @Override
            public Point at(double t) {
                return a.plus(way.times(t / n)).plus(aside.times(Math.sin(Math.PI * t)));
            }

            @Override
            public Point velocity(double t) {
                return way.times(1.0 / n).plus(aside.times(Math.PI * Math.cos(Math.PI * t)));
            }
        };
        double tolerance = Sizes.fitting(way.length() / n + Math.abs(height.value()));
        List<Curve> curves = new ArrayList<>();
        for (int half = 0; half < 2 * n; half++) {
            curves.addAll(Fitting.of(sine, half / 2.0, (half + 1) / 2.0, tolerance));
        }
        return List.of(new Path(curves, false));
    }
}
