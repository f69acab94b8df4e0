package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/** Paths cut, their ends joined or run on, and halves made whole. */
public final class PathEnds {
    private PathEnds() {}

    /** The path cut at a position: a closed one becomes open there, an open one becomes two. */
    public static List<Path> cut(Path path, double position) {
        Path divided = Reshaping.withPoint(path, position);
        int n = divided.size();
        int point = divided.size() > path.size() ? path.index(position) + 1 : (int) Math.rint(position);
        if (path.closed()) {
            List<Curve> curves = new ArrayList<>(divided.curves().subList(point % n, n));
            curves.addAll(divided.curves().subList(0, point % n));
            return List.of(new Path(curves, false));
        }
        if (point <= 0 || point >= n) {
            return List.of(path);
        }
        return List.of(
                new Path(divided.curves().subList(0, point), false),
                new Path(divided.curves().subList(point, n), false));
    }

    /** Paths with ends nearer than a distance joined, and an open path that ends at its own start closed. */
    public static List<Path> joined(List<Path> paths, double within) {
        List<Path> rest = new ArrayList<>(paths);
        for (int i = 0; i < rest.size(); i++) {
            Path path = rest.get(i);
            for (int j = i + 1; j < rest.size() && !path.closed(); j++) {
                Optional<Path> one = join(path, rest.get(j), within);
                if (one.isPresent()) {
                    path = one.get();
                    rest.set(i, path);
                    rest.remove(j);
                    j = i;
                }
            }
            if (!path.closed() && path.size() > 1 && path.start().distance(path.end()) <= within) {
                rest.set(i, new Path(bridged(path.curves(), path.curves()).subList(0, path.size()), true));
            }
        }
        return rest;
    }

    private static Optional<Path> join(Path a, Path b, double within) {
        if (b.closed()) {
            return Optional.empty();
        }
        for (Path first : List.of(a, a.reversed())) {
            for (Path second : List.of(b, b.reversed())) {
                if (first.end().distance(second.start()) <= within) {
                    return Optional.of(new Path(bridged(first.curves(), second.curves()), false));
                }
            }
        }
        return Optional.empty();
    }

    /** The curves of one chain and then of another whose start is moved to the end of the first. */
    private static List<Curve> bridged(List<Curve> first, List<Curve> second) {
        List<Curve> all = new ArrayList<>(first);
        Point end = all.get(all.size() - 1).end();
        if (first == second) {
            all.set(0, Reshaping.between(all.get(0), end, all.get(0).end()));
            return all;
        }
        all.add(
                end.equals(second.get(0).start())
                        ? second.get(0)
                        : Reshaping.between(second.get(0), end, second.get(0).end()));
        all.addAll(second.subList(1, second.size()));
        return all;
    }

    /** An open path with its straight ends run on to where they first meet another line; empty when they meet none. */
    public static Optional<Path> extended(Path path, List<Path> others, double furthest) {
        if (path.closed()) {
            return Optional.empty();
        }
        Path back = extendedAtEnd(path.reversed(), others, furthest).orElse(path.reversed());
        Path both = extendedAtEnd(back.reversed(), others, furthest).orElse(back.reversed());
        return both.equals(path) ? Optional.empty() : Optional.of(both);
    }

    private static Optional<Path> extendedAtEnd(Path path, List<Path> others, double furthest) {
        Curve last = path.curves().get(path.size() - 1);
        Point end = last.end();
        Line onward = new Line(end, end.plus(last.tangent(1).times(furthest)));
        double nearest = Double.POSITIVE_INFINITY;
        for (Path other : others) {
            for (Curve curve : other.curves()) {
                for (Meeting meeting : CurveMeetings.of(onward, curve, Tolerance.of(onward.box()))) {
                    if (meeting instanceof Meeting.At at && at.first() > 1e-9) {
                        nearest = Math.min(nearest, at.first());
                    }
                }
            }
        }
        if (nearest > 1) {
            return Optional.empty();
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        if (last instanceof Line line) {
            curves.set(curves.size() - 1, new Line(line.start(), onward.at(nearest)));
        } else {
            curves.add(new Line(end, onward.at(nearest)));
        }
        return Optional.of(new Path(curves, false));
    }

    /** A half made whole: the path and its image in the line through its ends, as one closed path. */
    public static Optional<Path> whole(Path path) {
        if (path.closed() || path.start().distance(path.end()) < 1e-9) {
            return Optional.empty();
        }
        Point way = path.end().minus(path.start());
        Affine mirror = Affine.mirror(path.start(), org.hyphantes.geometry.Angle.bearing(way));
        List<Curve> curves = new ArrayList<>(path.curves());
        List<Curve> image = new ArrayList<>(path.map(mirror).reversed().curves());
        image.set(0, Reshaping.between(image.get(0), path.end(), image.get(0).end()));
        int last = image.size() - 1;
        image.set(last, Reshaping.between(image.get(last), image.get(last).start(), path.start()));
        curves.addAll(image);
        return Optional.of(new Path(curves, true));
    }
}
