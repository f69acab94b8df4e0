package org.hyphantes.geometry.plane;

import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/**
 * The edges of a subdivision in flat arrays: each a stretch of one source curve between two vertices. Stretches that lie on
 * one another are one edge that remembers all its sources.
 *
 * <p>Half-edge 2e runs along the edge's curve, 2e + 1 against it.
 */
final class Edges {
    private final List<Curve> curves;
    private int[] curve = new int[64];
    private double[] from = new double[64];
    private double[] to = new double[64];
    private int[] start = new int[64];
    private int[] end = new int[64];
    private int[][] sources = new int[64][];
    private int size;

    /** For each vertex the newest edge that has it as its lower end, and for each edge the one before it: to find what lies alike. */
    private int[] firstAt;

    private int[] nextAt = new int[64];

    private Edges(List<Curve> curves) {
        this.curves = curves;
    }

    /** @param owner for each curve, the number of the path it belongs to */
    static Edges of(List<Curve> curves, int[] owner, Crossings crossings, double epsilon) {
        Edges edges = new Edges(curves);
        edges.firstAt = new int[crossings.vertices().count()];
        Arrays.fill(edges.firstAt, -1);
        for (int c = 0; c < curves.size(); c++) {
            Crossings.Cuts cuts = crossings.cuts(c);
            boolean whole = Crossings.isWhole(curves.get(c));
            double length = curves.get(c).length();
            int last = cuts.size() - 1;
            for (int k = whole ? -1 : 0; k < last; k++) {
                // On a whole circle the stretch before the first cut goes on from the last one through the start.
                int a = k < 0 ? last : k;
                double t0 = cuts.parameter(a);
                double t1 = k < 0 ? cuts.parameter(0) + 1 : cuts.parameter(k + 1);
                int v0 = cuts.vertex(a);
                int v1 = cuts.vertex(k + 1);
                if (v0 != v1 || (t1 - t0) * length > 8 * epsilon) {
                    edges.add(c, owner[c], t0, t1, v0, v1, 4 * epsilon);
                }
            }
        }
        return edges;
    }

    private void add(int c, int owner, double t0, double t1, int v0, int v1, double epsilon) {
        int low = Math.min(v0, v1);
        int high = Math.max(v0, v1);
        int source = 2 * owner;
        Point middle = curves.get(c).at((t0 + t1) / 2);
        for (int e = firstAt[low]; e >= 0; e = nextAt[e]) {
            if (Math.max(start[e], end[e]) == high
                    && middle(e).distance(middle) <= epsilon
                    && alike(e, c, t0, t1, epsilon)) {
                boolean sameWay = v0 != v1 ? start[e] == v0 : sameHeading(e, c, t0, t1);
                sources[e] = Arrays.copyOf(sources[e], sources[e].length + 1);
                sources[e][sources[e].length - 1] = source + (sameWay ? 0 : 1);
                return;
            }
        }
        if (size == curve.length) {
            curve = Arrays.copyOf(curve, 2 * size);
            from = Arrays.copyOf(from, 2 * size);
            to = Arrays.copyOf(to, 2 * size);
            start = Arrays.copyOf(start, 2 * size);
            end = Arrays.copyOf(end, 2 * size);
            sources = Arrays.copyOf(sources, 2 * size);
            nextAt = Arrays.copyOf(nextAt, 2 * size);
        }
        curve[size] = c;
        from[size] = t0;
        to[size] = t1;
        start[size] = v0;
        end[size] = v1;
        sources[size] = new int[] {source};
        nextAt[size] = firstAt[low];
        firstAt[low] = size++;
    }

    private boolean alike(int e, int c, double t0, double t1, double epsilon) {
        Point quarter = curves.get(c).at(t0 + (t1 - t0) / 4);
        double span = to[e] - from[e];
        Curve other = curves.get(curve[e]);
        return other.at(from[e] + span / 4).distance(quarter) <= epsilon
                || other.at(from[e] + 3 * span / 4).distance(quarter) <= epsilon;
    }

    private boolean sameHeading(int e, int c, double t0, double t1) {
        Point mine = curves.get(c).tangent((t0 + t1) / 2);
        return mine.dot(curves.get(curve[e]).tangent((from[e] + to[e]) / 2)) > 0;
    }

    int size() {
        return size;
    }

    private Point middle(int e) {
        return curves.get(curve[e]).at((from[e] + to[e]) / 2);
    }

    int source(int e) {
        return curve[e];
    }

    double from(int e) {
        return from[e];
    }

    double to(int e) {
        return to[e];
    }

    /** The paths an edge is part of: twice the path's number, plus one when the path runs against the edge. */
    int[] sources(int e) {
        return sources[e];
    }

    /** The vertex a half-edge leaves. */
    int origin(int half) {
        return half % 2 == 0 ? start[half / 2] : end[half / 2];
    }

    /** The exact stretch of a half-edge. */
    Curve stretch(int half) {
        int e = half / 2;
        Curve part = curves.get(curve[e]).part(from[e], to[e]);
        return half % 2 == 0 ? part : part.reversed();
    }

    /** The heading with which a half-edge leaves its vertex. */
    Point heading(int half) {
        int e = half / 2;
        Point tangent = curves.get(curve[e]).tangent(half % 2 == 0 ? from[e] : to[e]);
        return half % 2 == 0 ? tangent : tangent.times(-1);
    }

    /** How a half-edge bends as it leaves, positive to its right-hand side. */
    double bend(int half) {
        double curvature = curves.get(curve[half / 2]).curvature();
        return half % 2 == 0 ? curvature : -curvature;
    }

    double sweptArea(int e) {
        return stretch(2 * e).sweptArea();
    }
}
