package org.hyphantes.geometry.measure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/** Where a path bends more tightly than a radius. */
public final class Bends {
    /** A bend: its tightest place, by position, and the radius (mm) of the circle that fits it there; corners are none. */
    public record Bend(double position, Point place, double radius) {}

    private static final int SAMPLES = 48;

    private Bends() {}

    /** The bends of a path tighter than a radius, one for each stretch of it that is, with its tightest place. */
    public static List<Bend> tighter(Path path, double radius) {
        List<Bend> bends = new ArrayList<>();
        Bend open = null;
        for (int c = 0; c < path.size(); c++) {
            Watch.ask();
            Curve curve = path.curves().get(c);
            int samples = curve instanceof Cubic ? SAMPLES : 1;
            for (int i = 0; i <= samples; i++) {
                double t = (double) i / samples;
                double bend = Math.abs(curve.curvature(t));
                if (bend * radius > 1 + 1e-9) {
                    if (open == null || bend * open.radius() > 1) {
                        open = new Bend(c + t, curve.at(t), 1 / bend);
                    }
                } else if (open != null) {
                    bends.add(open);
                    open = null;
                }
            }
        }
        if (open != null) {
            bends.add(open);
        }
        return bends;
    }
}
