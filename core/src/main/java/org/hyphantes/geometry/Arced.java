package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/** Cubics as lines and arcs, for files that have no other curves: two arcs that share a heading where they meet (Bolton 1975), halved until near enough. */
public final class Arced {
    private static final int PLACES = 12;
    private static final int MOST_HALVINGS = 14;

    private Arced() {}

    /** Curves with each cubic in arcs and lines that stray from it by no more than a distance (mm). */
    public static List<Curve> of(List<Curve> curves, double tolerance) {
        List<Curve> arced = new ArrayList<>();
        for (Curve curve : curves) {
            if (curve instanceof Cubic cubic) {
                add(cubic, tolerance, arced, 0);
            } else {
                arced.add(curve);
            }
        }
        return arced;
    }

    private static void add(Cubic cubic, double tolerance, List<Curve> to, int halvings) {
        Watch.ask();
        double length = cubic.hullLength();
        if (length == 0) {
            return;
        }
        List<Curve> two = cubic.start().equals(cubic.end())
                ? List.of()
                : Biarc.of(cubic.start(), cubic.tangent(0), cubic.end(), cubic.tangent(1));
        if (halvings == MOST_HALVINGS || length < tolerance / 4) {
            if (!cubic.start().equals(cubic.end())) {
                to.add(new Line(cubic.start(), cubic.end()));
            }
        } else if (!two.isEmpty() && isNear(cubic, two, tolerance)) {
            to.addAll(two);
        } else {
            add(cubic.part(0, 0.5), tolerance, to, halvings + 1);
            add(cubic.part(0.5, 1), tolerance, to, halvings + 1);
        }
    }

    /** Whether places on either lie near the other; a little less than wanted, since only places are looked at. */
    private static boolean isNear(Cubic cubic, List<Curve> two, double tolerance) {
        double near = 0.8 * tolerance;
        double arcs = two.stream().mapToDouble(Curve::length).sum();
        if (arcs > 1.2 * cubic.hullLength()) {
            return false;
        }
        for (int i = 1; i < PLACES; i++) {
            double t = (double) i / PLACES;
            Point place = cubic.at(t);
            double least = two.stream()
                    .mapToDouble(c -> c.at(c.nearest(place)).distance(place))
                    .min()
                    .orElse(0);
            if (least > near) {
                return false;
            }
            for (Curve arc : two) {
                Point on = arc.at(t);
                if (cubic.at(cubic.nearest(on)).distance(on) > near) {
                    return false;
                }
            }
        }
        return true;
    }
}
