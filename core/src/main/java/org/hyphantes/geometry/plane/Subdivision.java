package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;

/**
 * The planar subdivision made by any number of paths, open or closed: vertices where they meet, edges that are stretches of
 * their exact curves, and faces. Face 0 is the unbounded one.
 *
 * <p>How it is made: all meetings are found in closed form; places within the tolerance become one vertex; every curve is
 * divided at its vertices; stretches that lie on one another become one edge with several sources; half-edges are put in
 * order round each vertex by heading, then by bend; faces are walked; parts that do not hang together are laid into the
 * face that a ray from each finds first. Snapping is by topology: edges keep their curves, so it makes no new crossings.
 *
 * <p>Every subdivision is proven as it is made, by Euler's formula V - E + F = 1 + C and by windings that agree over every
 * edge; if that fails it is made again with eight times the tolerance, three times at the most.
 */
public final class Subdivision {
    private final List<Path> paths;
    private final int[] operandOf;
    private final FillRule[] rules;
    private final Sources sources;
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

    private Subdivision(List<Path> paths, int[] operandOf, FillRule[] rules, double epsilon) {
        this.paths = List.copyOf(paths);
        this.operandOf = operandOf;
        this.rules = rules;
        this.epsilon = epsilon;
        this.sources = Sources.of(paths, epsilon);
        Crossings crossings = Crossings.of(sources.curves(), epsilon);
        this.vertices = crossings.vertices();
        this.edges = Edges.of(sources, crossings, epsilon);
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
     * The subdivision of the paths, with a tolerance to their size; each closed path by itself encloses an area, even-odd.
     *
     * @throws IllegalStateException if it cannot be proven sound at any of the tolerances tried
     */
    public static Subdivision of(List<Path> paths) {
        int[] each = new int[paths.size()];
        Arrays.setAll(each, i -> i);
        FillRule[] rules = new FillRule[paths.size()];
        Arrays.fill(rules, FillRule.EVEN_ODD);
        return of(paths, each, rules);
    }

    /** The same with the first paths taken together as operands, by the number of each one's operand, and a rule for each. */
    static Subdivision of(List<Path> paths, int[] operandOf, FillRule[] rules) {
        double epsilon =
                Tolerance.of(Box.round(paths.stream().map(Path::box).toList())).distance();
        Subdivision made = new Subdivision(paths, operandOf, rules, epsilon);
        for (int attempt = 0; attempt < 3 && !made.isSound(); attempt++) {
            epsilon *= 8;
            made = new Subdivision(paths, operandOf, rules, epsilon);
        }
        if (!made.isSound()) {
            throw new IllegalStateException("this arrangement could not be resolved; move one of its curves a little");
        }
        return made;
    }

    private boolean isSound() {
        return vertices() - edges() + faces() == 1 + components && windingsAgree();
    }

    /**
     * Whether the windings are the same by whatever way a face is reached. Each path has a number of its own that no sum of
     * others comes to but by great chance; so one sum stands for all windings.
     */
    private boolean windingsAgree() {
        int[] first = new int[faces];
        int[] following = new int[next.length];
        chainHalves(first, following);
        long[] weights = weights();
        long[] label = new long[faces];
        boolean[] seen = new boolean[faces];
        int[] waiting = new int[faces];
        int count = 1;
        seen[0] = true;
        for (int i = 0; i < count; i++) {
            Watch.ask();
            int here = waiting[i];
            for (int h = first[here]; h >= 0; h = following[h]) {
                int beyond = face(h ^ 1);
                long there = label[here] + change(h, weights);
                if (!seen[beyond]) {
                    seen[beyond] = true;
                    label[beyond] = there;
                    waiting[count++] = beyond;
                } else if (label[beyond] != there) {
                    return false;
                }
            }
        }
        return count == faces;
    }

    private long[] weights() {
        long[] weights = new long[paths.size()];
        for (int path = 0; path < weights.length; path++) {
            long weight = (path + 1) * 0x9E3779B97F4A7C15L;
            weights[path] = paths.get(path).closed() ? weight ^ weight >>> 29 : 0;
        }
        return weights;
    }

    /** How the one sum of all windings changes from a half-edge's face to the one beyond it. */
    private long change(int half, long[] weights) {
        long change = 0;
        for (int use = edges.firstUse(half / 2); use >= 0; use = edges.nextUse(use)) {
            int path = edges.usePath(use);
            change += half % 2 == 1 == edges.useAgainst(use) ? -weights[path] : weights[path];
        }
        return change;
    }

    private void chainHalves(int[] first, int[] following) {
        Arrays.fill(first, -1);
        for (int h = next.length - 1; h >= 0; h--) {
            int face = face(h);
            following[h] = first[face];
            first[face] = h;
        }
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
            Watch.ask();
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
        Point about = paths.isEmpty() ? Point.ORIGIN : paths.get(0).start();
        for (int e = 0; e < edges.size(); e++) {
            Watch.ask();
            double swept = edges.sweptArea(e, about);
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
     * How paths lie about a face, clockwise windings positive; of use only while that face is being looked at. Paths taken
     * together are an operand, which holds a face by its rule.
     */
    public final class Windings {
        private final int[] winding = new int[paths.size()];
        private final int[] sum = new int[rules.length];
        private final BitSet holding = new BitSet();
        private int covered;
        private int held;

        private Windings() {}

        public int of(int path) {
            return winding[path];
        }

        /** The number of paths that wind round the face at all. */
        public int covered() {
            return covered;
        }

        /** Whether an operand holds the face. */
        public boolean holds(int operand) {
            return rules[operand].holds(sum[operand]);
        }

        /** The number of operands that hold the face. */
        public int held() {
            return held;
        }

        /** The numbers of the operands that hold the face. */
        public BitSet holding() {
            return (BitSet) holding.clone();
        }

        private void cross(int half) {
            for (int use = edges.firstUse(half / 2); use >= 0; use = edges.nextUse(use)) {
                int path = edges.usePath(use);
                if (paths.get(path).closed()) {
                    // From the right-hand side of a path to its left-hand side it winds once less.
                    int change = half % 2 == 1 == edges.useAgainst(use) ? -1 : 1;
                    covered -= winding[path] == 0 ? 0 : 1;
                    winding[path] += change;
                    covered += winding[path] == 0 ? 0 : 1;
                    if (path < operandOf.length) {
                        int operand = operandOf[path];
                        held -= rules[operand].holds(sum[operand]) ? 1 : 0;
                        sum[operand] += change;
                        boolean holds = rules[operand].holds(sum[operand]);
                        held += holds ? 1 : 0;
                        holding.set(operand, holds);
                    }
                }
            }
        }
    }

    /** A label for each face, told by its windings. */
    public int[] labels(ToIntFunction<Windings> label) {
        int[] labels = new int[faces];
        boolean[] seen = new boolean[faces];
        int[] first = new int[faces];
        int[] following = new int[next.length];
        chainHalves(first, following);
        // A walk over the faces, crossing one edge at a time and back, so that the windings are kept as one running
        // count.
        Windings windings = new Windings();
        int[] path = new int[faces];
        int depth = 0;
        int face = 0;
        int[] at = first.clone();
        seen[0] = true;
        labels[0] = label.applyAsInt(windings);
        while (true) {
            Watch.ask();
            int h = at[face];
            if (h < 0) {
                if (depth == 0) {
                    return labels;
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
                labels[face] = label.applyAsInt(windings);
            }
        }
    }

    /** The regions made of the faces for which the answer is yes, with exact outlines and no seams within. */
    public List<Region> regions(Predicate<Windings> question) {
        return regions(labels(w -> question.test(w) ? 0 : -1), false);
    }

    /** The same with each face a region of its own. */
    public List<Region> faceRegions(Predicate<Windings> question) {
        return regions(labels(w -> question.test(w) ? 0 : -1), true);
    }

    /** Every bounded face as a region of its own. */
    public List<Region> faceRegions() {
        int[] labels = new int[faces];
        labels[0] = -1;
        return regions(labels, true);
    }

    /**
     * The regions made of the faces for which the answer is yes, with the stretches of the paths that bound them.
     *
     * @param apart whether each face is a piece of its own, or faces beside one another are one
     */
    public List<Piece> pieces(Predicate<Windings> question, boolean apart) {
        List<Piece> pieces = new ArrayList<>();
        borders()
                .walk(
                        labels(w -> question.test(w) ? 0 : -1),
                        apart,
                        true,
                        (label, region, from) -> pieces.add(new Piece(region, from)));
        return pieces;
    }

    /**
     * A bounded face as a region.
     *
     * @param face its number
     * @param sources for each of its borders the stretches of the given paths that it runs along
     */
    public record Face(int face, Region region, List<List<Stretch>> sources) {}

    /** All bounded faces, in order. */
    public List<Face> traced() {
        int[] labels = new int[faces];
        Arrays.setAll(labels, f -> f - 1);
        List<Face> all = new ArrayList<>();
        borders().walk(labels, true, true, (label, region, from) -> all.add(new Face(label + 1, region, from)));
        return all;
    }

    /** A region made of faces of one label. */
    public record Labelled(int label, Region region) {}

    /** The regions made of faces beside one another that have the same label, without those whose label is negative. */
    public List<Labelled> labelled(int[] labels) {
        List<Labelled> regions = new ArrayList<>();
        borders().walk(labels, false, false, (label, region, from) -> regions.add(new Labelled(label, region)));
        return regions;
    }

    /** Told of each edge: a path that runs along it, the face on the right-hand side of that path and the one on its left-hand side. */
    public interface Sides {
        void told(int path, int right, int left);
    }

    /** Tells what lies on either side of every stretch of every path. */
    public void sides(Sides taker) {
        for (int e = 0; e < edges.size(); e++) {
            Watch.ask();
            for (int use = edges.firstUse(e); use >= 0; use = edges.nextUse(use)) {
                boolean against = edges.useAgainst(use);
                taker.told(edges.usePath(use), face(against ? 2 * e + 1 : 2 * e), face(against ? 2 * e : 2 * e + 1));
            }
        }
    }

    /** Told of each edge once: the faces on both sides of it, and it itself. */
    public interface Edged {
        void told(int right, int left, Curve curve);
    }

    /** Tells what lies on either side of every edge. */
    public void edges(Edged taker) {
        for (int e = 0; e < edges.size(); e++) {
            Watch.ask();
            int use = edges.firstUse(e);
            Curve curve = sources.curve(edges.useCurve(use)).part(edges.useFrom(use), edges.useTo(use));
            boolean against = edges.useAgainst(use);
            taker.told(face(against ? 2 * e + 1 : 2 * e), face(against ? 2 * e : 2 * e + 1), curve);
        }
    }

    /** Told of each edge once: its curve, how many stretches of the paths lie along it, and the vertices that it runs between. */
    public interface Stretches {
        void told(Curve curve, int uses, int from, int to);
    }

    /** Tells how many paths run along every edge. */
    public void stretches(Stretches taker) {
        for (int e = 0; e < edges.size(); e++) {
            Watch.ask();
            int first = edges.firstUse(e);
            int uses = 0;
            for (int use = first; use >= 0; use = edges.nextUse(use)) {
                uses++;
            }
            Curve curve = sources.curve(edges.useCurve(first)).part(edges.useFrom(first), edges.useTo(first));
            taker.told(curve, uses, edges.origin(2 * e), edges.origin(2 * e + 1));
        }
    }

    private int face(int half) {
        return faceOfLoop[loopOf[half]];
    }

    private List<Region> regions(int[] labels, boolean apart) {
        List<Region> regions = new ArrayList<>();
        borders().walk(labels, apart, false, (label, region, from) -> regions.add(region));
        return regions;
    }

    private Borders borders() {
        return new Borders(sources, edges, next, this::face, faces, 8 * epsilon);
    }
}
