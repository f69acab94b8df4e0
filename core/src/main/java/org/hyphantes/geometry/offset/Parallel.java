package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;

/** The exact parallel of a path, with mitred corners, keeping one curve for each curve of the path. */
public final class Parallel {
    private Parallel() {}

    /**
     * The parallel {@code distance} millimetres to the right-hand side of the path, negative to the left. Curve {@code i}
     * of the result runs beside curve {@code i} of the path.
     *
     * @return empty when a curve shrinks away to nothing, so that no such parallel exists; for cubics, whose parallels are no single
     *     curves; and at a turn so slight that it is no corner, and yet parts the parallels; {@link OffsetCurves} does all of them
     */
    public static Optional<Path> of(Path path, double distance) {
        int n = path.size();
        List<Curve> beside = new ArrayList<>(n);
        for (Curve curve : path.curves()) {
            Optional<Curve> parallel = curve.as(
                    line -> Optional.of(line.parallel(distance)),
                    arc -> arc.parallel(distance).map(c -> c),
                    cubic -> Optional.empty());
            if (parallel.isEmpty()) {
                return Optional.empty();
            }
            beside.add(parallel.get());
        }
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            int before = i == 0 ? n - 1 : i - 1;
            if (before == i || smooth(path.curves().get(before), path.curves().get(i))) {
                if (!Path.follow(beside.get(before), beside.get(i))) {
                    return Optional.empty();
                }
                continue;
            }
            Optional<Point> corner = carriersMeet(
                    beside.get(before), beside.get(i), path.curves().get(i).start());
            if (corner.isEmpty()) {
                return Optional.empty();
            }
            Optional<Curve> ending = ending(beside.get(before), corner.get());
            Optional<Curve> beginning = beginning(beside.get(i), corner.get());
            if (ending.isEmpty() || beginning.isEmpty()) {
                return Optional.empty();
            }
            beside.set(before, ending.get());
            beside.set(i, beginning.get());
        }
        for (int i = 0; i < n; i++) {
            if (beside.get(i) instanceof Line line
                    && line.end().minus(line.start()).dot(path.curves().get(i).tangent(0)) <= 0) {
                return Optional.empty();
            }
        }
        return Optional.of(new Path(beside, path.closed()));
    }

    /** Whether a path has no corner. */
    static boolean isSmooth(Path path) {
        int n = path.size();
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            if (!smooth(path.curves().get(i == 0 ? n - 1 : i - 1), path.curves().get(i))) {
                return false;
            }
        }
        return true;
    }

    private static boolean smooth(Curve a, Curve b) {
        Point u = a.tangent(1);
        Point v = b.tangent(0);
        return Math.abs(u.cross(v)) <= Tolerance.PARALLEL && u.dot(v) > 0;
    }

    /**
     * Where the whole line or circle that carries {@code a} meets the one that carries {@code b}, nearest to a place; empty for
     * cubics, which no line or circle carries.
     */
    public static Optional<Point> carriersMeet(Curve a, Curve b, Point near) {
        return a.as(
                p -> b.as(q -> linesMeet(p, q), q -> lineMeetsCircle(p, q, near), q -> Optional.empty()),
                p -> b.as(q -> lineMeetsCircle(q, p, near), q -> circlesMeet(p, q, near), q -> Optional.empty()),
                p -> Optional.empty());
    }

    private static Optional<Point> linesMeet(Line p, Line q) {
        Point u = p.tangent(0);
        Point v = q.tangent(0);
        double cross = u.cross(v);
        if (Math.abs(cross) <= 1e-12) {
            return Optional.empty();
        }
        return Optional.of(p.start().plus(u.times(q.start().minus(p.start()).cross(v) / cross)));
    }

    private static Optional<Point> lineMeetsCircle(Line line, Arc arc, Point near) {
        Point u = line.tangent(0);
        Point toCentre = arc.centre().minus(line.start());
        double aside = toCentre.cross(u);
        double squared = (arc.radius() - aside) * (arc.radius() + aside);
        if (squared < 0) {
            return Optional.empty();
        }
        Point foot = line.start().plus(u.times(toCentre.dot(u)));
        return Optional.of(nearer(foot, u.times(Math.sqrt(squared)), near));
    }

    private static Optional<Point> circlesMeet(Arc p, Arc q, Point near) {
        Point between = q.centre().minus(p.centre());
        double d = between.length();
        if (d == 0) {
            return Optional.empty();
        }
        double foot = (d + (p.radius() - q.radius()) * (p.radius() + q.radius()) / d) / 2;
        double squared = (p.radius() - foot) * (p.radius() + foot);
        if (squared < 0) {
            return Optional.empty();
        }
        Point heading = between.times(1 / d);
        return Optional.of(
                nearer(p.centre().plus(heading.times(foot)), heading.right().times(Math.sqrt(squared)), near));
    }

    private static Point nearer(Point foot, Point half, Point near) {
        Point one = foot.plus(half);
        Point other = foot.minus(half);
        return one.distance(near) <= other.distance(near) ? one : other;
    }

    /** A curve up to a place on its line or circle; empty for an arc that would run backwards to it. */
    static Optional<Curve> ending(Curve curve, Point end) {
        if (curve instanceof Arc arc) {
            double t = arc.along(end);
            return t > 0 ? Optional.of(arc.part(0, t)) : Optional.empty();
        }
        return Optional.of(new Line(curve.start(), end));
    }

    /** A curve from a place on its line or circle on; empty for an arc that would run backwards from it. */
    static Optional<Curve> beginning(Curve curve, Point start) {
        if (curve instanceof Arc arc) {
            double t = arc.along(start);
            return t < 1 ? Optional.of(arc.part(t, 1)) : Optional.empty();
        }
        return Optional.of(new Line(start, curve.end()));
    }
}
