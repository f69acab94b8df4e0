package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;

/**
 * The planar subdivision made by any number of paths, open or closed: vertices where they meet, edges that are stretches of
 * their exact curves, and faces. Face 0 is the unbounded one.
 *
 * <p>How it is made: all meetings are found in closed form; places within the tolerance become one vertex; every curve is
 * divided at its vertices; stretches that lie on one another become one edge with several sources; half-edges are put in
 * order round each vertex by heading, then by bend; faces are walked; parts that do not hang together are laid into the
 * face that a ray from each finds first. Snapping is by topology: edges keep their curves, so it makes no new crossings.
 *
 * <p>Every subdivision is proven as it is made, by Euler's formula V - E + F = 1 + C; if that fails it is made again with
 * eight times the tolerance, three times at the most.
 */
public final class Subdivision {
    private final List<Path> paths;
    private final Edges edges;
    private final VertexGrid vertices;
    private final double epsilon;
    private final int[] next;
    private final int[] loopOf;
    private final int loops;
    private final UnionFind parts;
    private int components;
    private final int usedVertices;
    private final int[] faceOfLoop;
    private int faces = 1;

    private Subdivision(List<Path> paths, double epsilon) {
        this.paths = List.copyOf(paths);
        this.epsilon = epsilon;
        List<Curve> curves = new ArrayList<>();
        List<Integer> owners = new ArrayList<>();
        for (int p = 0; p < paths.size(); p++) {
            for (Curve curve : paths.get(p).curves()) {
                if (curve.length() > epsilon) {
                    curves.add(curve);
                    owners.add(p);
                }
            }
        }
        Crossings crossings = Crossings.of(curves, epsilon);
        this.vertices = crossings.vertices();
        this.edges =
                Edges.of(curves, owners.stream().mapToInt(Integer::intValue).toArray(), crossings, epsilon);
        VertexOrder order = new VertexOrder(edges, vertices.count());
        this.next = order.next();
        this.usedVertices = order.used();
        this.loopOf = new int[next.length];
        this.loops = walk();
        this.parts = new UnionFind(vertices.count());
        findComponents();
        this.faceOfLoop = new int[loops];
        layFaces();
    }

    /**
     * The subdivision of the paths, with a tolerance to their size.
     *
     * @throws IllegalStateException if it cannot be proven sound at any of the tolerances tried
     */
    public static Subdivision of(List<Path> paths) {
        double epsilon =
                Tolerance.of(Box.round(paths.stream().map(Path::box).toList())).distance();
        Subdivision made = new Subdivision(paths, epsilon);
        for (int attempt = 0; attempt < 3 && !made.isSound(); attempt++) {
            epsilon *= 8;
            made = new Subdivision(paths, epsilon);
        }
        if (!made.isSound()) {
            throw new IllegalStateException("this arrangement could not be resolved; move one of its curves a little");
        }
        return made;
    }

    private boolean isSound() {
        return vertices() - edges() + faces() == 1 + components;
    }

    public int vertices() {
        return usedVertices;
    }

    public int edges() {
        return edges.size();
    }

    /** All faces, the unbounded one among them. */
    public int faces() {
        return faces;
    }

    /** The parts that do not hang together. */
    public int components() {
        return components;
    }

    private int walk() {
        Arrays.fill(loopOf, -1);
        int count = 0;
        for (int h = 0; h < next.length; h++) {
            if (loopOf[h] < 0) {
                for (int at = h; loopOf[at] < 0; at = next[at]) {
                    loopOf[at] = count;
                }
                count++;
            }
        }
        return count;
    }

    private void findComponents() {
        for (int e = 0; e < edges.size(); e++) {
            parts.join(edges.origin(2 * e), edges.origin(2 * e + 1));
        }
        boolean[] counted = new boolean[parts.size()];
        for (int e = 0; e < edges.size(); e++) {
            int part = part(2 * e);
            components += counted[part] ? 0 : 1;
            counted[part] = true;
        }
    }

    /** The part that a half-edge belongs to, of those that do not hang together. */
    private int part(int half) {
        return parts.find(edges.origin(half));
    }

    /** Gives every loop its face: the loops about a face from within have one of their own, the outer loop of a part that round it. */
    private void layFaces() {
        double[] area = new double[loops];
        for (int e = 0; e < edges.size(); e++) {
            double swept = edges.sweptArea(e);
            area[loopOf[2 * e]] += swept;
            area[loopOf[2 * e + 1]] -= swept;
        }
        int[] outer = new int[parts.size()];
        Arrays.fill(outer, -1);
        for (int h = 0; h < next.length; h++) {
            int c = part(h);
            if (outer[c] < 0 || area[loopOf[h]] < area[loopOf[outer[c]]]) {
                outer[c] = h;
            }
        }
        boolean[] isOuter = new boolean[loops];
        for (int h : outer) {
            if (h >= 0) {
                isOuter[loopOf[h]] = true;
            }
        }
        for (int loop = 0; loop < loops; loop++) {
            faceOfLoop[loop] = isOuter[loop] ? -1 : faces++;
        }
        if (components > 1) {
            new Nesting(edges, vertices, parts, loopOf, faceOfLoop, outer, epsilon).lay();
        }
        for (int loop = 0; loop < loops; loop++) {
            faceOfLoop[loop] = Math.max(0, faceOfLoop[loop]);
        }
    }

    /**
     * How paths lie about a face, clockwise windings positive; of use only while that face is being looked at. Paths may be
     * taken together as operands, each of which holds a face that an odd number of windings of its paths are round.
     */
    public final class Windings {
        private final int[] winding = new int[paths.size()];
        private final int[] operandOf;
        private final boolean[] odd;
        private int covered;
        private int held;

        private Windings(int[] operandOf) {
            this.operandOf = operandOf;
            this.odd = new boolean[Arrays.stream(operandOf).max().orElse(-1) + 1];
        }

        public int of(int path) {
            return winding[path];
        }

        /** The number of paths that wind round the face at all. */
        public int covered() {
            return covered;
        }

        /** Whether an operand holds the face. */
        public boolean holds(int operand) {
            return odd[operand];
        }

        /** The number of operands that hold the face. */
        public int held() {
            return held;
        }

        private void cross(int half) {
            for (int source : edges.sources(half / 2)) {
                int path = source / 2;
                if (paths.get(path).closed()) {
                    covered -= winding[path] == 0 ? 0 : 1;
                    // From the right-hand side of a path to its left-hand side it winds once less.
                    winding[path] += half % 2 == source % 2 ? -1 : 1;
                    covered += winding[path] == 0 ? 0 : 1;
                    int operand = operandOf[path];
                    odd[operand] = !odd[operand];
                    held += odd[operand] ? 1 : -1;
                }
            }
        }
    }

    /** For every face, whether a question about its windings is answered with yes; every path is an operand by itself. */
    public boolean[] where(Predicate<Windings> question) {
        int[] each = new int[paths.size()];
        Arrays.setAll(each, i -> i);
        return where(each, question);
    }

    /** The same with paths taken together: the number of each path's operand, from 0. */
    private boolean[] where(int[] operandOf, Predicate<Windings> question) {
        boolean[] answers = new boolean[faces];
        boolean[] seen = new boolean[faces];
        int[] first = new int[faces];
        int[] following = new int[next.length];
        Arrays.fill(first, -1);
        for (int h = next.length - 1; h >= 0; h--) {
            int face = faceOfLoop[loopOf[h]];
            following[h] = first[face];
            first[face] = h;
        }
        // A walk over the faces, crossing one edge at a time and back, so that the windings are kept as one running
        // count.
        Windings windings = new Windings(operandOf);
        int[] path = new int[faces];
        int depth = 0;
        int face = 0;
        int[] at = first.clone();
        seen[0] = true;
        answers[0] = question.test(windings);
        while (true) {
            int h = at[face];
            if (h < 0) {
                if (depth == 0) {
                    return answers;
                }
                int back = path[--depth] ^ 1;
                windings.cross(back);
                face = faceOfLoop[loopOf[back ^ 1]];
                continue;
            }
            at[face] = following[h];
            int beyond = faceOfLoop[loopOf[h ^ 1]];
            if (!seen[beyond]) {
                seen[beyond] = true;
                windings.cross(h);
                path[depth++] = h;
                face = beyond;
                answers[face] = question.test(windings);
            }
        }
    }

    /** The regions made of the faces for which the answer is yes, with exact outlines and no seams within. */
    public List<Region> regions(Predicate<Windings> question) {
        return regions(where(question), false);
    }

    /** The same with paths taken together as operands: the number of each path's operand, from 0. */
    List<Region> regions(int[] operandOf, Predicate<Windings> question) {
        return regions(where(operandOf, question), false);
    }

    /** Every bounded face as a region of its own. */
    public List<Region> faceRegions() {
        boolean[] all = new boolean[faces];
        Arrays.fill(all, true);
        all[0] = false;
        return regions(all, true);
    }

    private int face(int half) {
        return faceOfLoop[loopOf[half]];
    }

    private List<Region> regions(boolean[] inside, boolean apart) {
        UnionFind whole = new UnionFind(faces);
        boolean[] border = new boolean[next.length];
        for (int h = 0; h < next.length; h++) {
            int here = face(h);
            int there = face(h ^ 1);
            boolean divides = here != there && (apart || inside[here] != inside[there]);
            border[h] = inside[here] && divides;
            if (!divides && inside[here]) {
                whole.join(here, there);
            }
        }
        boolean[] done = new boolean[next.length];
        List<List<Path>> loopsOf = new ArrayList<>();
        int[] slot = new int[faces];
        Arrays.fill(slot, -1);
        for (int h = 0; h < next.length; h++) {
            if (border[h] && !done[h]) {
                int group = whole.find(face(h));
                if (slot[group] < 0) {
                    slot[group] = loopsOf.size();
                    loopsOf.add(new ArrayList<>());
                }
                loopsOf.get(slot[group]).add(loop(h, border, done));
            }
        }
        List<Region> regions = new ArrayList<>(loopsOf.size());
        for (List<Path> bounds : loopsOf) {
            int outline = 0;
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < bounds.size(); i++) {
                double area = bounds.get(i).signedArea();
                if (area > most) {
                    most = area;
                    outline = i;
                }
            }
            Path outside = bounds.remove(outline);
            regions.add(new Region(outside, bounds));
        }
        return regions;
    }

    private Path loop(int begin, boolean[] border, boolean[] done) {
        List<Curve> round = new ArrayList<>();
        int h = begin;
        do {
            done[h] = true;
            round.add(edges.stretch(h));
            h = next[h];
            // Edges that do not bound are crossed: the loop goes on beyond them.
            while (!border[h]) {
                h = next[h ^ 1];
            }
        } while (h != begin);
        return new Path(Seams.closed(round, 8 * epsilon), true);
    }
}
