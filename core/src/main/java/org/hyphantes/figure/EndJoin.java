package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** How two ends of paths are joined that lie apart. */
public enum EndJoin {
    /** Both run on straight to where they meet; by a straight line when they do not. */
    CORNER,
    /** By arcs that go on from both. */
    ARC,
    /** By a straight line. */
    STRAIGHT;

    /** What it joins by, in words. */
    public String words() {
        return switch (this) {
            case CORNER -> "a corner";
            case ARC -> "an arc";
            case STRAIGHT -> "a straight line";
        };
    }

    /** A free end of one of several paths: its start, or its end. */
    private record Free(int path, boolean start, Point place) {}

    /**
     * Joins the two free ends that lie nearest to one another, however far: two paths become one, or one closes.
     *
     * @return the paths, those that were joined as one in the place of the first; empty without two free ends
     */
    public Optional<List<Path>> nearest(List<Path> paths) {
        List<Free> ends = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            if (!paths.get(i).closed()) {
                ends.add(new Free(i, true, paths.get(i).start()));
                ends.add(new Free(i, false, paths.get(i).end()));
            }
        }
        Free a = null;
        Free b = null;
        for (int i = 0; i < ends.size(); i++) {
            for (int j = i + 1; j < ends.size(); j++) {
                boolean nearer = a == null
                        || ends.get(i).place().distance(ends.get(j).place())
                                < a.place().distance(b.place());
                if (nearer) {
                    a = ends.get(i);
                    b = ends.get(j);
                }
            }
        }
        return a == null ? Optional.empty() : Optional.of(joined(paths, a, b));
    }

    private List<Path> joined(List<Path> paths, Free a, Free b) {
        List<Path> all = new ArrayList<>(paths);
        if (a.path() == b.path()) {
            Path own = paths.get(a.path());
            List<Curve> curves = new ArrayList<>(own.curves());
            join(curves, new ArrayList<>(own.curves()), true);
            all.set(a.path(), new Path(curves, true));
            return all;
        }
        Path first = a.start() ? paths.get(a.path()).reversed() : paths.get(a.path());
        Path second = b.start() ? paths.get(b.path()) : paths.get(b.path()).reversed();
        List<Curve> curves = new ArrayList<>(first.curves());
        join(curves, new ArrayList<>(second.curves()), false);
        all.set(a.path(), new Path(curves, false));
        all.remove(b.path());
        return all;
    }

    /** Adds to a chain what joins it to the start of another, and that one; to itself when it closes. */
    private void join(List<Curve> chain, List<Curve> next, boolean closing) {
        int last = chain.size() - 1;
        Point p = chain.get(last).end();
        Point q = next.get(0).start();
        Point u = chain.get(last).tangent(1);
        Point v = next.get(0).tangent(0);
        Optional<Point> corner = this == CORNER ? meeting(p, u, q, v) : Optional.empty();
        if (p.distance(q) <= 1e-9 * (1 + p.length())) {
            next.set(0, Reshaping.between(next.get(0), p, next.get(0).end()));
        } else if (corner.isPresent()) {
            runOn(chain, last, corner.get());
            if (next.get(0) instanceof Line line && !(closing && last == 0)) {
                next.set(0, new Line(corner.get(), line.end()));
            } else {
                next.add(0, new Line(corner.get(), q));
            }
        } else if (this == ARC) {
            chain.addAll(Biarc.of(p, u, q, v));
        } else {
            chain.add(new Line(p, q));
        }
        if (!closing) {
            chain.addAll(next);
        } else if (next.size() > last + 1) {
            chain.add(next.get(0));
        } else {
            chain.set(0, next.get(0));
        }
    }

    private static void runOn(List<Curve> chain, int last, Point to) {
        if (chain.get(last) instanceof Line line) {
            chain.set(last, new Line(line.start(), to));
        } else {
            chain.add(new Line(chain.get(last).end(), to));
        }
    }

    /** Where the ways on from one end and back from the other meet, ahead of both. */
    private static Optional<Point> meeting(Point p, Point u, Point q, Point v) {
        double across = u.cross(v);
        if (Math.abs(across) < 1e-9) {
            return Optional.empty();
        }
        double along = q.minus(p).cross(v) / across;
        Point place = p.plus(u.times(along));
        double back = q.minus(place).dot(v);
        return along > 0 && back > 0 ? Optional.of(place) : Optional.empty();
    }
}
