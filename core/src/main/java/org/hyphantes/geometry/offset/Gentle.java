package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.stream.Stream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Tells paths whose bands cannot reach themselves, so that their outline is what runs beside them and nothing else.
 *
 * <p>Let all headings lie within an eighth of a turn about one direction, and the path bend nowhere within twice half the width. The
 * place an offset t beside the length s moves with s by a = 1 - t k, from 1/2 to 3/2, along the heading, and with t by 1 across it. The
 * symmetric part of that, turned by the heading, has a positive determinant a cos^2 - ((a - 1) / 2)^2 sin^2, so that no two places of the
 * rectangle of s and t fall together (for its sides are straight: the way from one to the other keeps on one side).
 */
final class Gentle {
    private static final double WITHIN = Math.cos(Math.PI / 4);

    /** The sine of a turn between two curves that is none. */
    private static final double STRAIGHT = 1e-6;

    private Gentle() {}

    /** @param half of the width, in mm */
    static boolean isSo(Path path, double half) {
        Point way = path.end().minus(path.start());
        if (path.closed() || !(way.length() > 0)) {
            return false;
        }
        Point mean = way.unit();
        Curve before = null;
        for (Curve curve : path.curves()) {
            boolean joined = before == null
                    || Math.abs(before.tangent(1).cross(curve.tangent(0))) <= STRAIGHT
                            && before.tangent(1).dot(curve.tangent(0)) > 0;
            if (!joined
                    || bendsWithin(curve, 2 * half)
                    || !headings(curve).allMatch(h -> h.dot(mean) >= WITHIN * h.length())) {
                return false;
            }
            before = curve;
        }
        return true;
    }

    /** Directions between which all headings of a curve lie. */
    private static Stream<Point> headings(Curve curve) {
        if (curve instanceof Cubic cubic) {
            return List.of(
                    cubic.control1().minus(cubic.start()),
                    cubic.control2().minus(cubic.control1()),
                    cubic.end().minus(cubic.control2()))
                    .stream();
        }
        // An arc through half a turn or more has the one at its middle against it.
        return Stream.of(curve.tangent(0), curve.tangent(0.5), curve.tangent(1));
    }

    private static boolean bendsWithin(Curve curve, double radius) {
        if (curve instanceof Arc arc) {
            return arc.radius() < radius;
        }
        return curve instanceof Cubic cubic && (isTight(cubic, radius) || isTight(cubic, -radius));
    }

    private static boolean isTight(Cubic cubic, double distance) {
        return TightBends.cuts(cubic, distance).length > 2 || cubic.curvature(0.5) * distance > 1;
    }
}
