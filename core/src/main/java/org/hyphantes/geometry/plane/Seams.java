package org.hyphantes.geometry.plane;

import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;

/**
 * Takes out the seams where a curve was divided and the pieces belong together again. One is used for all loops of a
 * subdivision, one after another, so that its arrays are made once.
 */
final class Seams {
    private final Sources sources;
    private final Edges edges;
    private final double epsilon;

    /** The runs so far: stretches of one source curve that follow on one another; from is the greater when run against it. */
    private int[] curve = new int[16];

    private double[] from = new double[16];
    private double[] to = new double[16];
    private int runs;

    Seams(Sources sources, Edges edges, double epsilon) {
        this.sources = sources;
        this.edges = edges;
        this.epsilon = epsilon;
    }

    /** Begins a new loop. */
    void begin() {
        runs = 0;
    }

    /** Goes on along a half-edge: with the last run, if one of the edge's sources goes on where that ends, or with a new one. */
    void add(int half) {
        int edge = half / 2;
        int last = runs - 1;
        for (int use = edges.firstUse(edge); use >= 0 && last >= 0; use = edges.nextUse(use)) {
            if (edges.useCurve(use) == curve[last] && grow(last, begin(use, half), end(use, half))) {
                return;
            }
        }
        if (runs == curve.length) {
            curve = Arrays.copyOf(curve, 2 * runs);
            from = Arrays.copyOf(from, 2 * runs);
            to = Arrays.copyOf(to, 2 * runs);
        }
        int use = edges.firstUse(edge);
        curve[runs] = edges.useCurve(use);
        from[runs] = begin(use, half);
        to[runs++] = end(use, half);
    }

    private double begin(int use, int half) {
        return isAgainst(use, half) ? edges.useTo(use) : edges.useFrom(use);
    }

    private double end(int use, int half) {
        return isAgainst(use, half) ? edges.useFrom(use) : edges.useTo(use);
    }

    private boolean isAgainst(int use, int half) {
        return edges.useAgainst(use) != (half % 2 == 1);
    }

    /** Lets a run go on over a stretch of the same curve, if that follows on it the same way. */
    private boolean grow(int run, double begin, double end) {
        if (from[run] < to[run] != begin < end) {
            return false;
        }
        double lap = Crossings.isWhole(sources.curve(curve[run])) ? Math.rint(to[run] - begin) : 0;
        // Cuts of one curve are the same numbers from both sides, but for a lap and its rounding.
        double slack = lap == 0 ? 0 : 1e-14;
        boolean goesOn = Math.abs(to[run] - begin - lap) <= slack && Math.abs(end + lap - from[run]) <= 1 + 1e-13;
        if (goesOn) {
            to[run] = end + lap;
        }
        return goesOn;
    }

    /** The loop as a path of whole stretches again. Where they came from is added to {@code traced}, unless that is null. */
    Path close(List<Stretch> traced) {
        int first = 0;
        if (runs > 1 && curve[runs - 1] == curve[0] && grow(runs - 1, from[0], to[0])) {
            first = 1;
        }
        Curve[] round = new Curve[runs - first];
        for (int r = first; r < runs; r++) {
            if (traced != null) {
                traced.add(new Stretch(sources.path()[curve[r]], sources.place()[curve[r]], from[r], to[r]));
            }
            Curve source = sources.curve(curve[r]);
            round[r - first] = from[r] < to[r]
                    ? source.part(from[r], to[r])
                    : source.part(to[r], from[r]).reversed();
        }
        return new Path(Joining.joined(Arrays.asList(round), true, epsilon), true);
    }
}
