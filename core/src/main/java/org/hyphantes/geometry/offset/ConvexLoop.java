package org.hyphantes.geometry.offset;

import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Tells closed paths that bend one way only and turn about once. Such a path does not cross itself: if it did, it would be two closed
 * loops, each of which turns by more than half a turn between its ends.
 */
final class ConvexLoop {
    /** Turns (radians) that are taken for none. */
    private static final double NONE = 1e-9;

    /** What a path that turns about once may turn (radians) more or less. */
    private static final double ONCE = 1e-6;

    private ConvexLoop() {}

    /** Whether a closed path is so, and everywhere broader than {@code clear} mm but for its corners. */
    static boolean isSo(Path path, double clear) {
        List<Curve> curves = path.curves();
        int n = curves.size();
        double turned = 0;
        double all = 0;
        for (int i = 0; i < n; i++) {
            Curve curve = curves.get(i);
            double corner =
                    turn(curve.tangent(1), curves.get(i + 1 < n ? i + 1 : 0).tangent(0));
            turned += corner;
            all += Math.abs(corner);
            if (curve instanceof Arc arc) {
                turned += arc.sweep();
                all += Math.abs(arc.sweep());
            } else if (curve instanceof Cubic cubic) {
                // Its control polygon is part of one that turns about once, so it is convex, and the cubic bends as it
                // does.
                Point between = cubic.control2().minus(cubic.control1());
                double first = turn(cubic.control1().minus(cubic.start()), between);
                double second = turn(between, cubic.end().minus(cubic.control2()));
                turned += first + second;
                all += Math.abs(first) + Math.abs(second);
            }
            if (all - Math.abs(turned) > NONE || all > 2 * Math.PI + ONCE) {
                return false;
            }
        }
        Box box = path.box();
        // What is convex is at least as broad as its area by its greatest length.
        return Math.abs(all - 2 * Math.PI) <= ONCE
                && Math.abs(path.signedArea()) > 2 * clear * (box.width() + box.height());
    }

    /** The turn (radians) from one way to another. */
    static double turn(Point from, Point to) {
        return Math.atan2(from.cross(to), from.dot(to));
    }
}
