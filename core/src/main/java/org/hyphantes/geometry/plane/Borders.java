package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntUnaryOperator;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/** Walks the borders of the faces of a subdivision that belong together, and makes regions of them. */
final class Borders {
    private final Sources sources;
    private final Edges edges;
    private final int[] next;
    private final IntUnaryOperator face;
    private final int faces;
    private final double epsilon;

    /**
     * @param next the half-edge after each, with the same face on its right
     * @param face the face of a half-edge
     * @param epsilon how far (mm) apart the ends of stretches that follow on one another may lie
     */
    Borders(Sources sources, Edges edges, int[] next, IntUnaryOperator face, int faces, double epsilon) {
        this.sources = sources;
        this.edges = edges;
        this.next = next;
        this.face = face;
        this.faces = faces;
        this.epsilon = epsilon;
    }

    /** Told of each region, with the label of its faces, and where its borders came from if that was asked for. */
    interface Taker {
        void take(int label, Region region, List<List<Stretch>> from);
    }

    private int face(int half) {
        return face.applyAsInt(half);
    }

    /**
     * Makes the regions.
     *
     * @param label of each face, negative for none that is wanted
     * @param apart whether each face is a region of its own, or faces of one label beside one another are one
     * @param traced whether the stretches of the borders are wanted
     */
    void walk(int[] label, boolean apart, boolean traced, Taker taker) {
        UnionFind whole = new UnionFind(faces);
        boolean[] border = new boolean[next.length];
        for (int h = 0; h < next.length; h++) {
            Watch.ask();
            int here = face(h);
            int there = face(h ^ 1);
            boolean divides = here != there && (apart || label[here] != label[there]);
            border[h] = label[here] >= 0 && divides;
            if (!divides && label[here] >= 0) {
                whole.join(here, there);
            }
        }
        boolean[] done = new boolean[next.length];
        Seams seams = new Seams(sources, edges, epsilon);
        int[] first = new int[faces];
        Arrays.fill(first, -1);
        List<Path> loops = new ArrayList<>();
        List<List<Stretch>> stretches = new ArrayList<>();
        // The next loop of the same region, by the numbers of the loops; most regions have but one.
        int[] following = new int[16];
        for (int h = 0; h < next.length; h++) {
            if (border[h] && !done[h]) {
                Watch.ask();
                List<Stretch> from = traced ? new ArrayList<>() : null;
                int group = whole.find(face(h));
                int loop = loops.size();
                following = loop < following.length ? following : Arrays.copyOf(following, 2 * loop);
                following[loop] = first[group];
                first[group] = loop;
                loops.add(loop(h, border, done, seams, from));
                stretches.add(from);
            }
        }
        for (int f = 0; f < faces; f++) {
            if (first[f] >= 0) {
                List<Path> bounds = new ArrayList<>(1);
                List<List<Stretch>> from = traced ? new ArrayList<>(1) : null;
                for (int loop = first[f]; loop >= 0; loop = following[loop]) {
                    bounds.add(loops.get(loop));
                    if (traced) {
                        from.add(stretches.get(loop));
                    }
                }
                taker.take(label[f], region(bounds, from), from);
            }
        }
    }

    /** The loop that encloses the most is the outline, the others are holes. */
    private static Region region(List<Path> loops, List<List<Stretch>> from) {
        if (loops.size() == 1) {
            return new Region(loops.get(0), List.of());
        }
        int outline = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < loops.size(); i++) {
            double area = loops.get(i).signedArea();
            if (area > most) {
                most = area;
                outline = i;
            }
        }
        Path outside = loops.remove(outline);
        if (from != null) {
            from.add(0, from.remove(outline));
        }
        return new Region(outside, loops);
    }

    private Path loop(int begin, boolean[] border, boolean[] done, Seams seams, List<Stretch> from) {
        seams.begin();
        int h = begin;
        do {
            done[h] = true;
            seams.add(h);
            h = next[h];
            // Edges that do not bound are crossed: the loop goes on beyond them.
            while (!border[h]) {
                h = next[h ^ 1];
            }
        } while (h != begin);
        return seams.close(from);
    }
}
