package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;

/** Takes out the seams where a curve was divided and the pieces belong together again. */
final class Seams {
    private final Sources sources;
    private final Edges edges;
    private final List<Run> runs = new ArrayList<>();

    /** Stretches of one source curve that follow on one another; {@code from} is the greater when run against it. */
    private record Run(int use, int curve, double from, double to) {}

    private Seams(Sources sources, Edges edges) {
        this.sources = sources;
        this.edges = edges;
    }

    /** A closed walk along half-edges as a path of whole stretches again; where they came from is added to {@code from}. */
    static Path closed(Sources sources, Edges edges, int[] halves, int count, double epsilon, List<Stretch> from) {
        Seams seams = new Seams(sources, edges);
        for (int i = 0; i < count; i++) {
            seams.add(halves[i]);
        }
        seams.close();
        List<Curve> round = new ArrayList<>(seams.runs.size());
        for (Run run : seams.runs) {
            from.add(new Stretch(sources.path()[run.curve], sources.place()[run.curve], run.from, run.to));
            Curve curve = sources.curve(run.curve);
            round.add(
                    run.from < run.to
                            ? curve.part(run.from, run.to)
                            : curve.part(run.to, run.from).reversed());
        }
        return new Path(Joining.joined(round, true, epsilon), true);
    }

    private void add(int half) {
        int last = runs.size() - 1;
        Run grown = last < 0 ? null : grown(runs.get(last), half);
        if (grown != null) {
            runs.set(last, grown);
            return;
        }
        runs.add(run(edges.firstUse(half / 2), half));
    }

    private Run run(int use, int half) {
        boolean against = edges.useAgainst(use) != (half % 2 == 1);
        return new Run(
                use,
                edges.useCurve(use),
                against ? edges.useTo(use) : edges.useFrom(use),
                against ? edges.useFrom(use) : edges.useTo(use));
    }

    /** The run with a half-edge added, if one of the edge's sources goes on where the run ends. */
    private Run grown(Run run, int half) {
        for (int use = edges.firstUse(half / 2); use >= 0; use = edges.nextUse(use)) {
            if (edges.useCurve(use) == run.curve) {
                Run joined = joined(run, run(use, half));
                if (joined != null) {
                    return joined;
                }
            }
        }
        return null;
    }

    private Run joined(Run a, Run b) {
        if (a.curve != b.curve || a.from < a.to != b.from < b.to) {
            return null;
        }
        double lap = Crossings.isWhole(sources.curve(a.curve)) ? Math.rint(a.to - b.from) : 0;
        // Cuts of one curve are the same numbers from both sides, but for a lap and its rounding.
        double slack = lap == 0 ? 0 : 1e-14;
        boolean goesOn = Math.abs(a.to - b.from - lap) <= slack && Math.abs(b.to + lap - a.from) <= 1 + 1e-13;
        return goesOn ? new Run(a.use, a.curve, a.from, b.to + lap) : null;
    }

    private void close() {
        if (runs.size() > 1) {
            Run joined = joined(runs.get(runs.size() - 1), runs.get(0));
            if (joined != null) {
                runs.remove(runs.size() - 1);
                runs.set(0, joined);
            }
        }
    }
}
