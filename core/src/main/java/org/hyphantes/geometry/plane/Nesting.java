package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/** Finds for each part the face of another part that it lies in, by a ray to the nearest edge. */
final class Nesting {
    private final Edges edges;
    private final VertexGrid vertices;
    private final UnionFind parts;
    private final int[] loopOf;
    private final int[] faceOfLoop;
    private final double epsilon;
    private final int[] outer;
    private final Box[] boxes;
    private final double reach;
    private final EdgeGrid grid;

    /** The edges of each part. */
    private final Map<Integer, List<Integer>> own = new HashMap<>();

    /**
     * @param outer for each part a half-edge of its outer loop, -1 where there is no such part
     * @param faceOfLoop the face of each loop, -1 for the outer ones, which {@link #lay} fills in
     */
    Nesting(
            Edges edges,
            VertexGrid vertices,
            UnionFind parts,
            int[] loopOf,
            int[] faceOfLoop,
            int[] outer,
            double epsilon) {
        this.edges = edges;
        this.vertices = vertices;
        this.parts = parts;
        this.loopOf = loopOf;
        this.faceOfLoop = faceOfLoop;
        this.epsilon = epsilon;
        this.outer = outer;
        this.boxes = new Box[edges.size()];
        Box all = null;
        for (int e = 0; e < boxes.length; e++) {
            Watch.ask();
            boxes[e] = edges.stretch(2 * e).box();
            all = all == null ? boxes[e] : all.with(boxes[e]);
            own.computeIfAbsent(part(2 * e), c -> new ArrayList<>()).add(e);
        }
        grid = new EdgeGrid(boxes);
        reach = 3 * Math.max(all.width(), all.height());
    }

    void lay() {
        for (int c = 0; c < outer.length; c++) {
            Watch.ask();
            if (outer[c] >= 0) {
                resolve(c);
            }
        }
    }

    private int resolve(int c) {
        int loop = loopOf[outer[c]];
        if (faceOfLoop[loop] >= 0) {
            return faceOfLoop[loop];
        }
        faceOfLoop[loop] = 0;
        int hit = nearest(c);
        if (hit >= 0) {
            int found = loopOf[hit];
            int other = part(hit);
            faceOfLoop[loop] = found == loopOf[outer[other]] ? resolve(other) : faceOfLoop[found];
        }
        return faceOfLoop[loop];
    }

    /** The half-edge that a ray from a part meets first, the ray's side being its right-hand side; -1 at none. */
    private int nearest(int c) {
        Point from = vertices.place(edges.origin(outer[c]));
        for (int attempt = 0; attempt < 8; attempt++) {
            Watch.ask();
            double angle = 2.6 + 0.7390851 * attempt;
            Line ray = new Line(from, from.plus(new Point(Math.cos(angle), Math.sin(angle)).times(reach)));
            int found = cast(c, ray);
            if (found > -2) {
                return found;
            }
        }
        return -1;
    }

    /** The same for one ray; -2 when it meets the deciding edge at an end or in a touch, so that another must be cast. */
    private int cast(int c, Line ray) {
        Box box = ray.box();
        // The ray may run through the part's own faces first; what it meets there lies within the part, not round it.
        double left = 0;
        for (int e : own.get(c)) {
            Watch.ask();
            if (boxes[e].meets(box)) {
                for (Meeting meeting : CurveMeetings.of(ray, edges.stretch(2 * e), new Tolerance(epsilon))) {
                    left = meeting instanceof Meeting.At at ? Math.max(left, at.first()) : left;
                }
            }
        }
        Hit hit = new Hit(left);
        grid.along(
                ray,
                e -> {
                    if (boxes[e].meets(box) && part(2 * e) != c) {
                        hit.meet(ray, e);
                    }
                },
                () -> hit.best);
        return hit.half;
    }

    /** What a ray has met so far, beyond so much of it. */
    private final class Hit {
        private final double left;
        private double best = Double.POSITIVE_INFINITY;
        private int half = -1;

        Hit(double left) {
            this.left = left;
        }

        void meet(Line ray, int e) {
            Curve stretch = edges.stretch(2 * e);
            for (Meeting meeting : CurveMeetings.of(ray, stretch, new Tolerance(epsilon))) {
                if (meeting instanceof Meeting.At at && at.first() < best && at.first() > left) {
                    double slack = 4 * epsilon / stretch.length();
                    boolean clear = !at.tangent() && at.second() > slack && at.second() < 1 - slack;
                    best = at.first();
                    // The ray's start is on the right-hand side of an edge that runs to the ray's right.
                    boolean toRight = ray.tangent(0).cross(stretch.tangent(at.second())) > 0;
                    half = !clear ? -2 : toRight ? 2 * e : 2 * e + 1;
                }
            }
        }
    }

    private int part(int half) {
        return parts.find(edges.origin(half));
    }
}
