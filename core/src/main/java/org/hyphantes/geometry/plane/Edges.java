package org.hyphantes.geometry.plane;

import java.util.Arrays;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/**
 * The edges of a subdivision in flat arrays: each a stretch of one source curve between two vertices. Stretches that lie on
 * one another are one edge that remembers all its sources, as a chain of uses.
 *
 * <p>Half-edge 2e runs along the edge's curve, 2e + 1 against it.
 */
final class Edges {
    private final Sources sources;
    private int[] start = new int[64];
    private int[] end = new int[64];
    private int size;

    /** The uses of an edge, the edge's own first: for each a curve and its parameters, and the number of the next, -1 at the last. */
    private int[] firstUse = new int[64];

    private int[] useCurve = new int[64];
    private double[] useFrom = new double[64];
    private double[] useTo = new double[64];
    private boolean[] useAgainst = new boolean[64];
    private int[] useNext = new int[64];
    private int uses;

    /** For each vertex the newest edge that has it as its lower end, and for each edge the one before it: to find what lies alike. */
    private int[] firstAt;

    private int[] nextAt = new int[64];

    private Edges(Sources sources) {
        this.sources = sources;
    }

    static Edges of(Sources sources, Crossings crossings, double epsilon) {
        Edges edges = new Edges(sources);
        edges.firstAt = new int[crossings.vertices().count()];
        Arrays.fill(edges.firstAt, -1);
        for (int c = 0; c < sources.curves().size(); c++) {
            Crossings.Cuts cuts = crossings.cuts(c);
            boolean whole = Crossings.isWhole(sources.curve(c));
            int last = cuts.size() - 1;
            for (int k = whole ? -1 : 0; k < last; k++) {
                // On a whole circle the stretch before the first cut goes on from the last one through the start.
                int a = k < 0 ? last : k;
                double t0 = cuts.parameter(a);
                double t1 = k < 0 ? cuts.parameter(0) + 1 : cuts.parameter(k + 1);
                int v0 = cuts.vertex(a);
                int v1 = cuts.vertex(k + 1);
                if (t1 > t0 && (v0 != v1 || edges.length(c, t0, t1) > 8 * epsilon)) {
                    edges.add(c, t0, t1, v0, v1, 4 * epsilon);
                }
            }
        }
        edges.firstAt = null;
        edges.nextAt = null;
        return edges;
    }

    /** About the length of a stretch, never less. */
    private double length(int c, double t0, double t1) {
        if (sources.curve(c) instanceof Cubic cubic) {
            Cubic part = cubic.part(t0, t1);
            return part.start().distance(part.control1())
                    + part.control1().distance(part.control2())
                    + part.control2().distance(part.end());
        }
        return (t1 - t0) * sources.length()[c];
    }

    private void add(int c, double t0, double t1, int v0, int v1, double epsilon) {
        int low = Math.min(v0, v1);
        int high = Math.max(v0, v1);
        for (int e = firstAt[low]; e >= 0; e = nextAt[e]) {
            if (Math.max(start[e], end[e]) == high && alike(e, c, t0, t1, epsilon)) {
                boolean sameWay = v0 != v1 ? start[e] == v0 : sameHeading(e, c, t0, t1);
                int last = firstUse[e];
                while (useNext[last] >= 0) {
                    last = useNext[last];
                }
                useNext[last] = use(c, t0, t1, !sameWay);
                return;
            }
        }
        if (size == start.length) {
            start = Arrays.copyOf(start, 2 * size);
            end = Arrays.copyOf(end, 2 * size);
            firstUse = Arrays.copyOf(firstUse, 2 * size);
            nextAt = Arrays.copyOf(nextAt, 2 * size);
        }
        start[size] = v0;
        end[size] = v1;
        firstUse[size] = use(c, t0, t1, false);
        nextAt[size] = firstAt[low];
        firstAt[low] = size++;
    }

    private int use(int c, double t0, double t1, boolean against) {
        if (uses == useCurve.length) {
            useCurve = Arrays.copyOf(useCurve, 2 * uses);
            useFrom = Arrays.copyOf(useFrom, 2 * uses);
            useTo = Arrays.copyOf(useTo, 2 * uses);
            useAgainst = Arrays.copyOf(useAgainst, 2 * uses);
            useNext = Arrays.copyOf(useNext, 2 * uses);
        }
        useCurve[uses] = c;
        useFrom[uses] = t0;
        useTo[uses] = t1;
        useAgainst[uses] = against;
        useNext[uses] = -1;
        return uses++;
    }

    private boolean alike(int e, int c, double t0, double t1, double epsilon) {
        Curve curve = sources.curve(c);
        Curve other = curve(e);
        Point middle = curve.at((t0 + t1) / 2);
        if (curve instanceof Cubic || other instanceof Cubic) {
            return near(e, middle, epsilon)
                    && near(e, curve.at(t0 + (t1 - t0) / 4), epsilon)
                    && near(e, curve.at(t0 + 3 * (t1 - t0) / 4), epsilon);
        }
        double span = to(e) - from(e);
        if (other.at(from(e) + span / 2).distance(middle) > epsilon) {
            return false;
        }
        Point quarter = curve.at(t0 + (t1 - t0) / 4);
        return other.at(from(e) + span / 4).distance(quarter) <= epsilon
                || other.at(from(e) + 3 * span / 4).distance(quarter) <= epsilon;
    }

    private boolean near(int e, Point p, double epsilon) {
        Curve part = stretch(2 * e);
        return part.box().grown(epsilon).contains(p) && part.at(part.nearest(p)).distance(p) <= epsilon;
    }

    private boolean sameHeading(int e, int c, double t0, double t1) {
        Curve curve = sources.curve(c);
        double middle = (t0 + t1) / 2;
        Curve part = stretch(2 * e);
        return curve.tangent(middle).dot(part.tangent(part.nearest(curve.at(middle)))) > 0;
    }

    int size() {
        return size;
    }

    private Curve curve(int e) {
        return sources.curve(useCurve[firstUse[e]]);
    }

    private double from(int e) {
        return useFrom[firstUse[e]];
    }

    private double to(int e) {
        return useTo[firstUse[e]];
    }

    int firstUse(int e) {
        return firstUse[e];
    }

    /** The use after another of the same edge, -1 after the last. */
    int nextUse(int use) {
        return useNext[use];
    }

    int useCurve(int use) {
        return useCurve[use];
    }

    int usePath(int use) {
        return sources.path()[useCurve[use]];
    }

    /** Whether the source curve of a use runs against the edge. */
    boolean useAgainst(int use) {
        return useAgainst[use];
    }

    double useFrom(int use) {
        return useFrom[use];
    }

    double useTo(int use) {
        return useTo[use];
    }

    /** The vertex a half-edge leaves. */
    int origin(int half) {
        return half % 2 == 0 ? start[half / 2] : end[half / 2];
    }

    /** The exact stretch of a half-edge. */
    Curve stretch(int half) {
        int e = half / 2;
        Curve part = curve(e).part(from(e), to(e));
        return half % 2 == 0 ? part : part.reversed();
    }

    boolean isCubic(int half) {
        return curve(half / 2) instanceof Cubic;
    }

    /** The heading with which a half-edge leaves its vertex. */
    Point heading(int half) {
        int e = half / 2;
        Curve curve = curve(e);
        if (curve instanceof Cubic) {
            return stretch(half).tangent(0);
        }
        Point tangent = curve.tangent(half % 2 == 0 ? from(e) : to(e));
        return half % 2 == 0 ? tangent : tangent.times(-1);
    }

    /** How a half-edge bends as it leaves, positive to its right-hand side. */
    double bend(int half) {
        int e = half / 2;
        double curvature = curve(e).curvature(half % 2 == 0 ? from(e) : to(e));
        return half % 2 == 0 ? curvature : -curvature;
    }

    double sweptArea(int e, Point about) {
        return stretch(2 * e).sweptArea(about);
    }
}
