package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The closed path through places whose curvature changes least at them, as arcs that follow on one another smoothly.
 *
 * <p>Source of the headings: J. D. Hobby, Smooth, easy to compute interpolating splines, Discrete and Computational Geometry 1, 1986
 * (from memory): at each place the curvatures of the cubics before and behind it, to first order in their angles, are the same.
 */
final class Faired {
    private static final int ROUNDS = 60;

    /** The angle (radians) from which on handles do not grow any more. */
    private static final double MOST_ANGLE = 2.2;

    private final List<Point> places;
    private final int n;
    private final double[] chord;
    private final double[] bearing;
    private final double[] turn;
    private final double[] leaving;

    private Faired(List<Point> places) {
        this.places = places;
        n = places.size();
        chord = new double[n];
        bearing = new double[n];
        turn = new double[n];
        leaving = new double[n];
        for (int i = 0; i < n; i++) {
            Point way = places.get((i + 1) % n).minus(places.get(i));
            chord[i] = way.length();
            bearing[i] = Math.atan2(way.y(), way.x());
        }
        for (int i = 0; i < n; i++) {
            turn[i] = Math.IEEEremainder(bearing[i] - bearing[(i + n - 1) % n], 2 * Math.PI);
            leaving[i] = -turn[i] / 2;
        }
    }

    /** @param places at least three, none the same as the next */
    static Path path(List<Point> places) {
        Faired faired = new Faired(places);
        faired.solve();
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < faired.n; i++) {
            curves.addAll(faired.between(i));
        }
        return new Path(curves, true);
    }

    /** The angle of each heading to the chord behind it; the equations hold each its own angle fastest, so that rounds settle them. */
    private void solve() {
        for (int round = 0; round < ROUNDS; round++) {
            Watch.ask();
            for (int k = 0; k < n; k++) {
                int before = (k + n - 1) % n;
                int next = (k + 1) % n;
                double a = 1 / chord[before];
                double b = 1 / chord[k];
                leaving[k] = -(a * (leaving[before] + 2 * turn[k]) + b * (turn[next] + leaving[next])) / (2 * (a + b));
            }
        }
    }

    private Point heading(int k) {
        double angle = bearing[k] + leaving[k];
        return new Point(Math.cos(angle), Math.sin(angle));
    }

    /** Two pairs of arcs along the cubic between a place and the next. */
    private List<Curve> between(int k) {
        int next = (k + 1) % n;
        Point p = places.get(k);
        Point q = places.get(next);
        Point u = heading(k);
        Point v = heading(next);
        double reach = reach(leaving[k], turn[next] + leaving[next]) * chord[k];
        Cubic cubic = new Cubic(p, p.plus(u.times(reach)), q.minus(v.times(reach)), q);
        List<Curve> arcs = new ArrayList<>(Biarc.of(p, u, cubic.at(0.5), cubic.tangent(0.5)));
        arcs.addAll(Biarc.of(cubic.at(0.5), cubic.tangent(0.5), q, v));
        return arcs;
    }

    /** How long a handle is for angles at both ends, in chords: that of an arc of a circle where they are alike. */
    private static double reach(double leaving, double arriving) {
        double mean = (Math.abs(leaving) + Math.abs(arriving)) / 2;
        return 2 / (3 * (1 + Math.cos(Math.min(mean, MOST_ANGLE))));
    }
}
