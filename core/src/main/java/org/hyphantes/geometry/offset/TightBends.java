package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Where a cubic bends more tightly than the distance of what runs beside it, half discs about it take the place of the strip. The
 * osculating circles of a stretch along which the curvature grows lie within one another, so a disc about its tightest end, and ones
 * nowhere further than the distance apart, hold all that the strip would. Source: A. Kneser's theorem of nested osculating circles.
 */
final class TightBends {
    private TightBends() {}

    /** Parameters from 0 to 1 between which the curve bends all along less, or all along more, tightly than the distance. */
    static double[] cuts(Cubic cubic, double distance) {
        if (isSurelyWide(cubic, distance)) {
            return new double[] {0, 1};
        }
        double[] ends = cubic.monotone();
        double[] cuts = new double[2];
        int n = 1;
        int steps = 24;
        for (int k = 1; k < ends.length; k++) {
            double before = ends[k - 1];
            for (int i = 1; i <= steps; i++) {
                double t = ends[k - 1] + (ends[k] - ends[k - 1]) * i / steps;
                if (isTight(cubic, before, distance) != isTight(cubic, t, distance)) {
                    double low = before;
                    double high = t;
                    for (int b = 0; b < 50; b++) {
                        double middle = (low + high) / 2;
                        if (isTight(cubic, middle, distance) == isTight(cubic, before, distance)) {
                            low = middle;
                        } else {
                            high = middle;
                        }
                    }
                    cuts = n + 1 == cuts.length ? Arrays.copyOf(cuts, 2 * n + 2) : cuts;
                    cuts[n++] = high;
                }
                before = t;
            }
        }
        cuts[n++] = 1;
        return Arrays.copyOf(cuts, n);
    }

    /**
     * Whether no bend is as tight as the distance, by bounds: the product of velocity and acceleration lies between its three Bernstein
     * coefficients, and the velocity between the sides of the control polygon.
     */
    private static boolean isSurelyWide(Cubic cubic, double distance) {
        Point a = cubic.control1().minus(cubic.start());
        Point b = cubic.control2().minus(cubic.control1());
        Point c = cubic.end().minus(cubic.control2());
        Point way = a.plus(b).plus(c);
        double side = Math.signum(distance);
        double bend = Math.max(0, Math.max(Math.max(2 * side * a.cross(b), side * a.cross(c)), 2 * side * b.cross(c)));
        double slow = Math.min(Math.min(a.dot(way), b.dot(way)), c.dot(way)) / way.length();
        return slow > 0 && bend * Math.abs(distance) < 3 * slow * slow * slow;
    }

    private static boolean isTight(Cubic cubic, double t, double distance) {
        return cubic.curvature(t) * distance >= 1;
    }

    /**
     * Half discs on the inner side of a stretch that turns a quarter at most: about its tightest places, and between them so
     * that none is further from the next than half the radius. None stands at an end of the stretch where it bends just as
     * tightly as the disc: that would touch the parallel's cusp.
     */
    static List<Path> halfDiscs(Cubic part, double distance) {
        List<Path> halves = new ArrayList<>();
        double radius = Math.abs(distance);
        int samples = Math.max(16, 4 * (int) Math.ceil(part.length() / radius));
        double[] bend = new double[samples + 1];
        for (int i = 0; i <= samples; i++) {
            bend[i] = Math.abs(part.curvature((double) i / samples));
        }
        int last = 0;
        for (int i = 0; i <= samples; i++) {
            boolean tightest = (i == 0 || bend[i] > bend[i - 1]) && (i == samples || bend[i] >= bend[i + 1]);
            Point at = part.at((double) i / samples);
            boolean far = at.distance(part.at((double) last / samples)) > radius / 2;
            if (tightest || far && i < samples) {
                Point inward = part.tangent((double) i / samples).right().times(Math.signum(distance));
                Point along = inward.right().times(radius);
                Arc arc = new Arc(at, radius, Math.atan2(-along.y(), -along.x()), Math.PI);
                halves.add(Path.closed(arc, new Line(arc.end(), arc.start())));
                last = i;
            }
        }
        return halves;
    }
}
