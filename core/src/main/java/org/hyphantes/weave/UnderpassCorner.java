package org.hyphantes.weave;

import java.util.Optional;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.offset.Parallel;

/**
 * A corner of an under-pass: where an edge of the band under meets the edge of the widened band over it.
 *
 * @param onEdge the position on the edge of the band under
 * @param onOver the position on the edge of the band over; before 0 or beyond its size by so many mm where that edge is taken to
 *     run on straight past its end
 */
record UnderpassCorner(Point place, double onEdge, double onOver) {
    private static final int MOST_STEPS = 40;

    /**
     * The corner near a crossing.
     *
     * @param own the edge of the band under, and its position beside the crossing
     * @param along the edge of the band over, and its position beside the crossing
     * @param sense the sign of the cross product of their headings there
     * @param reach how far (mm) along either it may lie
     */
    static Optional<UnderpassCorner> of(
            BandEdge own, double ownAt, BandEdge along, double overAt, Point crossing, double sense, double reach) {
        if (own.isPlain() && along.isPlain()) {
            Optional<UnderpassCorner> exact = nearby(own.path(), ownAt, along.path(), overAt, crossing);
            if (exact.isPresent()) {
                return exact;
            }
        }
        return stepwise(own.path(), ownAt, along.path(), overAt, sense, reach);
    }

    private static Optional<UnderpassCorner> nearby(Path edge, double at, Path along, double overAt, Point crossing) {
        int i = edge.index(at);
        int j = along.index(overAt);
        Optional<UnderpassCorner> here = ofCurves(edge, i, along, j, crossing);
        if (here.isPresent() || edge.size() == 1 && along.size() == 1) {
            return here;
        }
        Optional<UnderpassCorner> nearest = Optional.empty();
        for (int di = -1; di <= 1; di++) {
            for (int dj = -1; dj <= 1; dj++) {
                Optional<UnderpassCorner> other = ofCurves(edge, i + di, along, j + dj, crossing);
                if (other.isPresent()
                        && (nearest.isEmpty()
                                || other.get().place().distance(crossing)
                                        < nearest.get().place().distance(crossing))) {
                    nearest = other;
                }
            }
        }
        return nearest;
    }

    private static Optional<UnderpassCorner> ofCurves(Path edge, int i, Path along, int j, Point crossing) {
        int ei = edge.closed() ? Math.floorMod(i, edge.size()) : i;
        int aj = along.closed() ? Math.floorMod(j, along.size()) : j;
        if (ei < 0 || ei >= edge.size() || aj < 0 || aj >= along.size()) {
            return Optional.empty();
        }
        Curve own = edge.curves().get(ei);
        Curve other = along.curves().get(aj);
        Optional<Point> found = Parallel.carriersMeet(own, other, crossing);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        double t = parameter(own, found.get());
        double u = parameter(other, found.get());
        // The band over may end just beside the crossing; its edge is then taken to run on.
        boolean before = !along.closed() && aj == 0 && u < 0;
        boolean beyond = !along.closed() && aj == along.size() - 1 && u > 1;
        if (t < -1e-12 || t > 1 + 1e-12 || !before && !beyond && (u < -1e-12 || u > 1 + 1e-12)) {
            return Optional.empty();
        }
        double onOver = before || beyond ? aj + u * other.length() - (beyond ? other.length() - 1 : 0) : aj + clamp(u);
        return Optional.of(new UnderpassCorner(found.get(), ei + clamp(t), onOver));
    }

    /** The parameter of a point on the line or circle of a curve, below 0 before its start and above 1 beyond its end. */
    private static double parameter(Curve curve, Point p) {
        return curve.as(
                line -> {
                    Point along = line.end().minus(line.start());
                    return p.minus(line.start()).dot(along) / along.dot(along);
                },
                arc -> arc.along(p),
                cubic -> cubic.nearest(p));
    }

    /** Newton's method for two smooth edges, stepping along both by length. */
    private static Optional<UnderpassCorner> stepwise(
            Path own, double ownAt, Path along, double overAt, double sense, double reach) {
        Stride a = new Stride(own, ownAt);
        Stride b = new Stride(along, overAt);
        double most = reach / 4;
        for (int step = 0; step < MOST_STEPS; step++) {
            Point apart = b.place().minus(a.place());
            Point u = a.heading();
            Point v = b.heading();
            double cross = u.cross(v);
            if (Math.abs(cross) < 1e-6) {
                return Optional.empty();
            }
            double ahead = apart.cross(v) / cross;
            double over = apart.cross(u) / cross;
            double part = Math.min(1, most / Math.max(1e-300, Math.max(Math.abs(ahead), Math.abs(over))));
            a.go(part * ahead);
            b.go(part * over);
            if (Math.abs(a.gone()) > reach || Math.abs(b.gone()) > reach) {
                return Optional.empty();
            }
            if (Math.abs(ahead) + Math.abs(over) <= 1e-12 * (1 + reach)) {
                boolean within = own.closed() || a.position() >= 0 && a.position() <= own.size();
                boolean right = a.heading().cross(b.heading()) * sense > 0;
                return within && right
                        ? Optional.of(new UnderpassCorner(a.place(), a.position(), b.position()))
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static double clamp(double t) {
        return Math.max(0, Math.min(1, t));
    }
}
