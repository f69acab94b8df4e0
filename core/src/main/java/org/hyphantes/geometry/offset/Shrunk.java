package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/**
 * Small regions without holes whose corners all point outward, shrunk by the parallels of their sides alone: as long as none of these is
 * used up and they meet at the corners only, what they enclose is the region shrunk, whatever way that is worked out.
 */
final class Shrunk {
    /** With more sides looking at every two of them is no longer quick. */
    private static final int MOST_SIDES = 10;

    private Shrunk() {}

    /** The region shrunk by a distance above 0; empty when that is not so simple. */
    static Optional<Region> of(Region region, double distance) {
        Path outline = region.outline();
        double area = outline.signedArea();
        if (!region.holes().isEmpty()
                || outline.size() < 2
                || outline.size() > MOST_SIDES
                || !isConvex(outline, area)) {
            return Optional.empty();
        }
        double clear = 8 * Tolerance.of(outline.box()).distance();
        // Sides have the inside to their right where the area is above 0.
        return Parallel.of(outline, area > 0 ? distance : -distance)
                .filter(inner -> inner.signedArea() * area > 0)
                .filter(inner -> isShorter(inner, outline, clear) && meetsAtCorners(inner, clear))
                .map(inner -> new Region(inner, List.of()));
    }

    private static boolean isConvex(Path outline, double area) {
        int n = outline.size();
        for (int i = 0; i < n; i++) {
            Curve before = outline.curves().get(i == 0 ? n - 1 : i - 1);
            Curve curve = outline.curves().get(i);
            double turn = before.tangent(1).cross(curve.tangent(0)) * Math.signum(area);
            boolean back = before.tangent(1).dot(curve.tangent(0)) < 0;
            if (curve instanceof Cubic || turn < -Tolerance.PARALLEL || back && turn < 1e-6) {
                return false;
            }
        }
        return true;
    }

    /** Whether each side has become shorter than its whole parallel; one that was used up would have turned round. */
    private static boolean isShorter(Path inner, Path outline, double clear) {
        for (int i = 0; i < inner.size(); i++) {
            Curve side = inner.curves().get(i);
            Curve was = outline.curves().get(i);
            double most = was instanceof Arc arc && side instanceof Arc in
                    ? arc.length() * in.radius() / arc.radius()
                    : was.length();
            if (side.length() > most + clear || side.length() < 2 * clear) {
                return false;
            }
        }
        return true;
    }

    private static boolean meetsAtCorners(Path inner, double clear) {
        int n = inner.size();
        Tolerance tolerance = Tolerance.of(inner.box());
        for (int i = 0; i < n; i++) {
            Curve a = inner.curves().get(i);
            for (int k = i + 1; k < n; k++) {
                Curve b = inner.curves().get(k);
                if (!a.box().grown(clear).meets(b.box())) {
                    continue;
                }
                for (Meeting meeting : CurveMeetings.of(a, b, tolerance)) {
                    boolean corner = meeting instanceof Meeting.At at
                            && (k == i + 1 && isNear(at.place(), b.start(), clear)
                                    || (k + 1) % n == i && isNear(at.place(), a.start(), clear));
                    if (!corner) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private static boolean isNear(Point a, Point b, double clear) {
        return a.distance(b) <= clear;
    }
}
