package org.hyphantes.geometry.finish;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * The side faces that are seen of an area that goes down into the page: by a shift, or smaller and smaller towards a point. Each lies
 * between a stretch of the border and the same stretch further down, so that lines and arcs stay what they are.
 */
public final class SideFaces {
    /** A bent face is taken in parts that turn by no more than this (radians), each lit by itself. */
    private static final double FLAT = Math.PI / 18;

    private final Affine down;

    /**
     * One face.
     *
     * @param outward the bearing (degrees) that it looks in
     * @param order those with less lie behind those with more
     */
    public record Face(Region region, double outward, double order) {}

    private SideFaces(Affine down) {
        this.down = down;
    }

    /** Of an area that goes down in one direction. */
    public static List<Face> shifted(Region region, Point shift) {
        return new SideFaces(Affine.shift(shift)).of(region);
    }

    /**
     * Of an area that goes down towards a point.
     *
     * @param share how far, from 0 to less than 1
     */
    public static List<Face> towards(Region region, Point point, double share) {
        return new SideFaces(Affine.scale(1 - share, point)).of(region);
    }

    private List<Face> of(Region region) {
        List<Face> faces = new ArrayList<>();
        for (Path border : region.borders()) {
            // Outlines run clockwise on the page when their area is positive: what is outside lies on the left.
            boolean outline = border == region.outline();
            boolean outsideLeft = border.signedArea() > 0 == outline;
            for (Curve curve : border.curves()) {
                Watch.ask();
                for (Curve part : parts(curve)) {
                    face(part, outsideLeft, faces);
                }
            }
        }
        return faces;
    }

    private Point way(Point place) {
        return down.of(place).minus(place);
    }

    /** A curve cut where it begins to be seen or ends to be, and where it bends. */
    private List<Curve> parts(Curve curve) {
        if (curve instanceof Line) {
            return List.of(curve);
        }
        double bent = curve instanceof Arc arc ? Math.abs(arc.sweep()) : bend((Cubic) curve);
        int n = Math.max(1, (int) Math.ceil(bent / FLAT));
        List<Curve> parts = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double from = (double) k / n;
            double to = (k + 1.0) / n;
            double turn = turn(curve, from, to);
            if (turn > from && turn < to) {
                parts.add(curve.part(from, turn));
                parts.add(curve.part(turn, to));
            } else {
                parts.add(curve.part(from, to));
            }
        }
        return parts;
    }

    private static double bend(Cubic cubic) {
        double sum = 0;
        Point before = cubic.tangent(0);
        for (int k = 1; k <= 16; k++) {
            Point after = cubic.tangent(k / 16.0);
            sum += Math.abs(Math.atan2(before.cross(after), before.dot(after)));
            before = after;
        }
        return sum;
    }

    /** Where between two places a curve runs along the way down; the first of them if nowhere. */
    private double turn(Curve curve, double from, double to) {
        double a = from;
        double b = to;
        double first = side(curve, a);
        if (first * side(curve, b) >= 0) {
            return from;
        }
        for (int i = 0; i < 60 && b - a > 1e-15; i++) {
            double middle = (a + b) / 2;
            if (first * side(curve, middle) > 0) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }

    private double side(Curve curve, double at) {
        return curve.tangent(at).cross(way(curve.at(at)));
    }

    private void face(Curve curve, boolean outsideLeft, List<Face> into) {
        Point middle = curve.at(0.5);
        Point right = curve.tangent(0.5).right();
        Point outward = outsideLeft ? right.times(-1) : right;
        Point way = way(middle);
        if (outward.dot(way) <= 1e-12 * (1 + way.length())) {
            return;
        }
        Curve lower = map(curve);
        List<Curve> round = new ArrayList<>(List.of(curve));
        join(round, curve.end(), lower.end());
        round.add(lower.reversed());
        join(round, lower.start(), curve.start());
        // Along the way down what is further on lies in front; towards a point, what is nearer to it.
        double order = down.determinant() < 1 - 1e-12 ? -way.length() : middle.dot(way.unit());
        into.add(new Face(Region.of(new Path(round, true)), Angle.bearing(outward), order));
    }

    private Curve map(Curve curve) {
        return Path.open(curve).map(down).curves().get(0);
    }

    private static void join(List<Curve> round, Point from, Point to) {
        if (from.distance(to) > 0) {
            round.add(new Line(from, to));
        }
    }
}
