package org.hyphantes.geometry.plane;

import java.util.Arrays;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The edges of a subdivision in flat arrays: each a stretch of one source curve between two vertices. Stretches that lie on
 * one another are one edge that remembers all its sources, as a chain of uses.
 *
 * <p>Half-edge 2e runs along the edge's curve, 2e + 1 against it.
 */
final class Edges {
    /** A cubic that runs through no more than this share of its length by its parameter has its heading from the stretch itself. */
    private static final double SLOW = 1e-3;

    private final Sources sources;
    private final int[] start;
    private final int[] end;
    private int size;

    /** The uses of an edge, the edge's own first: for each a curve and its parameters, and the number of the next, -1 at the last. */
    private final int[] firstUse;

    private final int[] useCurve;
    private final double[] useFrom;
    private final double[] useTo;
    private final boolean[] useAgainst;
    private final int[] useNext;
    private int uses;

    /** For each vertex the newest edge that has it as its lower end, and for each edge the one before it: to find what lies alike. */
    private int[] firstAt;

    private int[] nextAt;

    private Edges(Sources sources, int most) {
        this.sources = sources;
        start = new int[most];
        end = new int[most];
        firstUse = new int[most];
        nextAt = new int[most];
        useCurve = new int[most];
        useFrom = new double[most];
        useTo = new double[most];
        useAgainst = new boolean[most];
        useNext = new int[most];
    }

    static Edges of(Sources sources, Crossings crossings, double epsilon) {
        int most = 0;
        for (int c = 0; c < sources.curves().size(); c++) {
            most += crossings.cuts(c).size();
        }
        Edges edges = new Edges(sources, most);
        edges.firstAt = new int[crossings.vertices().count()];
        Arrays.fill(edges.firstAt, -1);
        for (int c = 0; c < sources.curves().size(); c++) {
            Watch.ask();
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
        return sources.curve(c) instanceof Cubic cubic
                ? cubic.part(t0, t1).hullLength()
                : (t1 - t0) * sources.length()[c];
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
        start[size] = v0;
        end[size] = v1;
        firstUse[size] = use(c, t0, t1, false);
        nextAt[size] = firstAt[low];
        firstAt[low] = size++;
    }

    private int use(int c, double t0, double t1, boolean against) {
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

    /** The angle (radians, from the x axis towards the y axis, in (-pi, pi]) of the heading with which a half-edge leaves. */
    double heading(int half) {
        int e = half / 2;
        Curve curve = curve(e);
        double t = half % 2 == 0 ? from(e) : to(e);
        if (curve instanceof Arc arc) {
            double quarter = half % 2 == 0 == arc.sweep() > 0 ? Math.PI / 2 : -Math.PI / 2;
            double angle = arc.from() + t * arc.sweep() + quarter;
            return angle - 2 * Math.PI * Math.rint(angle / (2 * Math.PI));
        }
        Point way = curve.velocity(t);
        boolean isStill = curve instanceof Cubic && way.length() <= SLOW * sources.length()[useCurve[firstUse[e]]];
        Point tangent = isStill ? stretch(half).tangent(0) : way.times(half % 2 == 0 ? 1 : -1);
        return Math.atan2(tangent.y(), tangent.x());
    }

    /** How a half-edge bends as it leaves, positive to its right-hand side. */
    double bend(int half) {
        int e = half / 2;
        double curvature = curve(e).curvature(half % 2 == 0 ? from(e) : to(e));
        return half % 2 == 0 ? curvature : -curvature;
    }

    double sweptArea(int e, Point about) {
        if (curve(e) instanceof Arc arc) {
            // The same as of the stretch, without making it: this is asked of every edge.
            double a = arc.from() + from(e) * arc.sweep();
            double b = arc.from() + to(e) * arc.sweep();
            double x = arc.centre().x() - about.x();
            double y = arc.centre().y() - about.y();
            double r = arc.radius();
            return r * (x * (Math.sin(b) - Math.sin(a)) - y * (Math.cos(b) - Math.cos(a)) + r * (b - a)) / 2;
        }
        return stretch(2 * e).sweptArea(about);
    }
}
