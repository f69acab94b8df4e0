package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * What of the line of a frieze lies between two corners, or all of one that has none.
 *
 * @param before the direction of the mitre at its start, where that is a corner; {@code after} that at its end
 */
record Stretch(Path path, Optional<Point> before, Optional<Point> after) {
    /** A turn of the heading by less than this (its sine) is no corner. */
    private static final double SMOOTH = 1e-6;

    /** What turns more sharply is not mitred: its tips would be eleven times as far out as the frieze is high. */
    private static final double SHARPEST = Math.toRadians(170);

    /** @throws CannotLay if what comes to a corner on either side differs, so that no straight mitre parts it */
    static List<Stretch> of(Path guide) {
        List<Integer> corners = new ArrayList<>();
        for (int i = guide.closed() ? 0 : 1; i < guide.size(); i++) {
            if (Math.abs(guide.arrival(i).cross(guide.tangent(i))) > SMOOTH
                    || guide.arrival(i).dot(guide.tangent(i)) < 0) {
                corners.add(i);
            }
        }
        if (corners.isEmpty()) {
            return List.of(new Stretch(guide, Optional.empty(), Optional.empty()));
        }
        List<Stretch> stretches = new ArrayList<>();
        if (!guide.closed()) {
            stretches.add(between(guide, 0, corners.get(0)));
        }
        for (int k = 0; k + 1 < corners.size(); k++) {
            stretches.add(between(guide, corners.get(k), corners.get(k + 1)));
        }
        int last = corners.get(corners.size() - 1);
        if (guide.closed()) {
            stretches.add(between(guide, last, guide.size() + corners.get(0)));
        } else {
            stretches.add(between(guide, last, guide.size()));
        }
        return stretches;
    }

    private static Stretch between(Path guide, int from, int to) {
        List<Curve> curves = new ArrayList<>();
        for (int i = from; i < to; i++) {
            curves.add(guide.curves().get(i % guide.size()));
        }
        return new Stretch(new Path(curves, false), mitre(guide, from), mitre(guide, to % guide.size()));
    }

    /** Outward from the side to which the line turns. */
    private static Optional<Point> mitre(Path guide, int joint) {
        if (joint == 0 && !guide.closed()) {
            return Optional.empty();
        }
        Curve before = guide.curves().get((joint + guide.size() - 1) % guide.size());
        Curve after = guide.curves().get(joint);
        Point in = guide.arrival(joint);
        Point out = guide.tangent(joint);
        boolean alike = before instanceof Line && after instanceof Line
                || before instanceof Arc p
                        && after instanceof Arc q
                        && Math.abs(p.curvature(1) - q.curvature(0)) * p.radius() < SMOOTH;
        if (!alike || in.dot(out) < Math.cos(SHARPEST)) {
            throw new CannotLay(
                    "a frieze turns a corner only between two straight lines or two arcs of one radius, and none as sharp as a needle; round such corners first");
        }
        return Optional.of(in.minus(out).unit());
    }

    double length() {
        return path.length();
    }

    /** The same without so much (mm) at each end that is a corner, where it is not mitred then. */
    Stretch shortened(double room) {
        double from = before.isPresent() ? room : 0;
        double to = length() - (after.isPresent() ? room : 0);
        if (to - from < 1e-6 * length()) {
            throw new CannotLay("what stands at the corners leaves nothing of a side between them: make it smaller");
        }
        if (from == 0 && to == length()) {
            return this;
        }
        List<Curve> left = path.part(path.positionAt(from), to == length() ? path.size() : path.positionAt(to));
        return new Stretch(new Path(left, false), Optional.empty(), Optional.empty());
    }

    /** How much further (mm) what reaches so far to a side is laid before its start, until the mitre cuts all of it; nothing where none is. */
    double furtherBefore(double reach) {
        return before.map(m -> further(reach, path.tangent(0), m)).orElse(0.0);
    }

    /** The same beyond its end. */
    double furtherAfter(double reach) {
        return after.map(m -> further(reach, path.arrival(path.size()), m)).orElse(0.0);
    }

    private static double further(double reach, Point heading, Point mitre) {
        return reach * Math.abs(mitre.dot(heading)) / Math.max(1e-9, Math.abs(mitre.cross(heading)));
    }

    /** What its mitres leave of a path laid along it. */
    List<Path> mitred(Path laid) {
        List<Path> left = List.of(laid);
        if (before.isPresent()) {
            left = new Mitre(path.start(), before.get(), path.tangent(0)).left(left);
        }
        if (after.isPresent()) {
            Point back = path.arrival(path.size()).times(-1);
            left = new Mitre(path.end(), after.get(), back).left(left);
        }
        return left;
    }
}
