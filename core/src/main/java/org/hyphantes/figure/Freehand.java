package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** Paths drawn by hand. */
public final class Freehand {
    private Freehand() {}

    /** A smooth path through places drawn by hand, with as few cubics as come within a tolerance; closed when it ends at its start. */
    public static Path path(List<Point> places, double tolerance) {
        boolean closed = places.size() > 3 && places.get(0).distance(places.get(places.size() - 1)) <= 4 * tolerance;
        List<Point> kept = thinned(places, tolerance);
        if (closed) {
            kept = new ArrayList<>(kept.subList(0, kept.size() - 1));
        }
        int n = kept.size();
        if (n < 2) {
            Point only = places.get(0);
            return Path.open(new Line(only, only.plus(new Point(tolerance, 0))));
        }
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            Point p = kept.get(i);
            Point q = kept.get((i + 1) % n);
            Point before = i > 0 ? kept.get(i - 1) : closed ? kept.get(n - 1) : p;
            Point after = closed || i + 2 < n ? kept.get((i + 2) % n) : q;
            double reach = p.distance(q) / 3;
            curves.add(new Cubic(
                    p,
                    p.plus(unit(q.minus(before)).times(reach)),
                    q.minus(unit(after.minus(p)).times(reach)),
                    q));
        }
        return new Path(curves, closed);
    }

    private static Point unit(Point way) {
        return way.length() < 1e-12 ? Point.ORIGIN : way.unit();
    }

    /**
     * The places that matter. Source: D. H. Douglas and T. K. Peucker, Algorithms for the reduction of the number of points
     * required to represent a digitized line, The Canadian Cartographer 10 (1973).
     */
    private static List<Point> thinned(List<Point> places, double tolerance) {
        if (places.size() < 3) {
            return places;
        }
        Point a = places.get(0);
        Point b = places.get(places.size() - 1);
        int furthest = 0;
        double most = 0;
        Line chord = a.distance(b) < 1e-9 ? null : new Line(a, b);
        for (int i = 1; i + 1 < places.size(); i++) {
            Point p = places.get(i);
            double away =
                    chord == null ? p.distance(a) : chord.at(chord.nearest(p)).distance(p);
            if (away > most) {
                most = away;
                furthest = i;
            }
        }
        if (most <= tolerance) {
            return List.of(a, b);
        }
        List<Point> kept = new ArrayList<>(thinned(places.subList(0, furthest + 1), tolerance));
        kept.remove(kept.size() - 1);
        kept.addAll(thinned(places.subList(furthest, places.size()), tolerance));
        return kept;
    }
}
