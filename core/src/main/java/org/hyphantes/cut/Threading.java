package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Subdivision;

/** Joins lines end to end, so that the tool is lifted as seldom as can be. */
final class Threading {
    private final List<Path> paths;
    private final double reach;

    /** For the end {@code 2 i + 1} and the start {@code 2 i} of each path the end or start that it goes on to; -1 for none. */
    private final int[] onTo;

    private Threading(List<Path> paths, double reach) {
        this.paths = paths;
        this.reach = reach;
        this.onTo = new int[2 * paths.size()];
        Arrays.fill(onTo, -1);
    }

    /** Curves that follow on one another, chained. */
    static List<List<Curve>> chains(List<Curve> curves) {
        List<List<Curve>> chains = new ArrayList<>();
        for (Curve curve : curves) {
            List<Curve> last = chains.isEmpty() ? null : chains.get(chains.size() - 1);
            if (last != null && last.get(last.size() - 1).end().distance(curve.start()) < 1e-9) {
                last.add(curve);
            } else {
                chains.add(new ArrayList<>(List.of(curve)));
            }
        }
        return chains;
    }

    /** A chain as a path, closed where it comes back to its start. */
    static Path path(List<Curve> chain) {
        Tolerance tolerance =
                Tolerance.of(Box.round(chain.stream().map(Curve::box).toList()));
        Point end = chain.get(chain.size() - 1).end();
        boolean closed = end.distance(chain.get(0).start()) <= 8 * tolerance.distance();
        List<Curve> joined = Joining.joined(chain, closed, tolerance.distance());
        return new Path(joined, closed);
    }

    /**
     * Open paths joined wherever two ends lie nearer to one another than a reach (mm): each to the nearest that is free, and by a line
     * where they do not meet. Closed ones stay as they are.
     */
    static List<Path> joined(List<Path> given, double reach) {
        List<Path> closed = given.stream().filter(Path::closed).toList();
        List<Path> open = given.stream().filter(p -> !p.closed()).toList();
        if (open.isEmpty()) {
            return given;
        }
        Box box = Box.round(open.stream().map(Path::box).toList());
        Threading threading =
                new Threading(open, Math.max(reach, 8 * Tolerance.of(box).distance()));
        threading.pair();
        List<Path> all = new ArrayList<>(closed);
        all.addAll(threading.walked());
        return all;
    }

    private record Meeting(int one, int other, double distance) {}

    private Point place(int end) {
        Path path = paths.get(end / 2);
        return end % 2 == 0 ? path.start() : path.end();
    }

    private void pair() {
        PlaceGrid<Integer> grid = new PlaceGrid<>(Math.max(reach, 1e-6));
        for (int end = 0; end < onTo.length; end++) {
            grid.add(place(end), end);
        }
        List<Meeting> meetings = new ArrayList<>();
        for (int end = 0; end < onTo.length; end++) {
            Watch.ask();
            for (int other : grid.within(place(end), reach)) {
                if (other > end && !(other / 2 == end / 2 && paths.get(end / 2).length() <= 2 * reach)) {
                    meetings.add(new Meeting(end, other, place(end).distance(place(other))));
                }
            }
        }
        meetings.sort((a, b) -> Double.compare(a.distance(), b.distance()));
        for (Meeting meeting : meetings) {
            if (onTo[meeting.one()] < 0 && onTo[meeting.other()] < 0) {
                onTo[meeting.one()] = meeting.other();
                onTo[meeting.other()] = meeting.one();
            }
        }
    }

    private List<Path> walked() {
        List<Path> found = new ArrayList<>();
        boolean[] done = new boolean[paths.size()];
        // From the ends that are free first, so that only rounds are left.
        for (int end = 0; end < onTo.length; end++) {
            if (onTo[end] < 0 && !done[end / 2]) {
                found.add(path(walk(end, done), false));
            }
        }
        for (int i = 0; i < paths.size(); i++) {
            if (!done[i]) {
                found.add(path(walk(2 * i, done), true));
            }
        }
        return found;
    }

    private List<Curve> walk(int from, boolean[] done) {
        List<Curve> chain = new ArrayList<>();
        int at = from;
        while (at >= 0 && !done[at / 2]) {
            done[at / 2] = true;
            Path path = at % 2 == 0 ? paths.get(at / 2) : paths.get(at / 2).reversed();
            bridge(chain, path.start());
            chain.addAll(path.curves());
            at = onTo[at ^ 1];
        }
        return chain;
    }

    private static void bridge(List<Curve> chain, Point to) {
        if (!chain.isEmpty()) {
            Point end = chain.get(chain.size() - 1).end();
            if (end.distance(to) > 1e-7) {
                chain.add(new Line(end, to));
            }
        }
    }

    private static Path path(List<Curve> chain, boolean round) {
        if (round) {
            bridge(chain, chain.get(0).start());
        }
        Tolerance tolerance =
                Tolerance.of(Box.round(chain.stream().map(Curve::box).toList()));
        return new Path(Joining.joined(chain, round, tolerance.distance()), round);
    }

    /** Lines with each stretch that several share but once: cut where they meet, and chained again where only two do. */
    static List<Path> once(Subdivision subdivision) {
        List<Path> stretches = new ArrayList<>();
        subdivision.stretches((curve, uses, from, to) -> stretches.add(Path.open(curve)));
        return joined(stretches, 0);
    }
}
