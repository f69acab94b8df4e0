package org.hyphantes.geometry.offset;

import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * Tells closed paths that surely do not meet themselves, without working out where: what runs on within less than half a turn of its
 * headings goes on and on one way, and so comes to no place twice; and what lies further along the path lies in boxes apart.
 */
final class SimpleLoop {
    /** With more curves this is no longer much quicker than working out where they meet. */
    private static final int MOST_CURVES = 2_000;

    /** With no more curves every two of them are looked at. */
    private static final int FEW_CURVES = 64;

    /** Less than half a turn (radians). */
    private static final double HALF = Math.PI - 1e-3;

    private SimpleLoop() {}

    /** Whether a closed path has no crossing, and nothing of it comes within {@code clear} mm of what lies further along it. */
    static boolean isSo(Path path, double clear) {
        int n = path.size();
        return n >= 3 && n <= MOST_CURVES && (ConvexLoop.isSo(path, clear) || goesOn(path.curves(), clear));
    }

    private static boolean goesOn(List<Curve> curves, double clear) {
        int n = curves.size();
        double[] turn = new double[n];
        double[] least = new double[n];
        double[] most = new double[n];
        Box[] boxes = new Box[n];
        for (int i = 0; i < n; i++) {
            Curve curve = curves.get(i);
            if (!headings(curve, i, least, most)) {
                return false;
            }
            turn[i] = ConvexLoop.turn(curve.tangent(0), curves.get((i + 1) % n).tangent(0));
            boxes[i] = curve.box().grown(clear);
        }
        int[] together = new int[n];
        for (int i = 0; i < n; i++) {
            together[i] = together(i, turn, least, most);
            if (together[i] < 2) {
                return false;
            }
        }
        return n <= FEW_CURVES
                ? areApart(boxes, together)
                : BoxSweep.over(boxes, each -> {}, (a, b) -> !isFurtherOn(Math.min(a, b), Math.max(a, b), together));
    }

    private static boolean areApart(Box[] boxes, int[] together) {
        for (int i = 0; i < boxes.length; i++) {
            for (int k = i + together[i]; k < boxes.length; k++) {
                if (isFurtherOn(i, k, together) && boxes[i].meets(boxes[k])) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether one curve lies further along than what goes on one way with another before it; the last curves run on into the first. */
    private static boolean isFurtherOn(int i, int k, int[] together) {
        return k >= i + together[i] && i + together.length - k >= together[k];
    }

    /** What such a path bounds: it, if it runs about clockwise, and else nothing. Curves that go on along one line or circle are made one. */
    static List<Region> bounded(Path path, double clear) {
        return path.signedArea() > 0
                ? List.of(new Region(new Path(Joining.joined(path.curves(), true, clear), true), List.of()))
                : List.of();
    }

    /** How many curves from one on have their headings within less than half a turn. */
    private static int together(int from, double[] turn, double[] least, double[] most) {
        int n = turn.length;
        double low = 0;
        double high = 0;
        double heading = 0;
        for (int count = 0; count < n; count++) {
            int i = (from + count) % n;
            low = Math.min(low, heading + least[i]);
            high = Math.max(high, heading + most[i]);
            if (high - low > HALF) {
                return count;
            }
            heading += turn[i];
        }
        return n;
    }

    /** Puts down the least and the most turn (radians) of a curve's headings against its first; false where that is not plain. */
    private static boolean headings(Curve curve, int i, double[] least, double[] most) {
        if (curve instanceof Arc arc) {
            least[i] = Math.min(0, arc.sweep());
            most[i] = Math.max(0, arc.sweep());
            return most[i] - least[i] < HALF;
        }
        if (curve instanceof Cubic cubic) {
            // Every heading lies between those along the sides of the control polygon.
            Point first = cubic.control1().minus(cubic.start());
            Point last = cubic.end().minus(cubic.control2());
            Point between = cubic.control2().minus(cubic.control1());
            if (first.length() == 0 || last.length() == 0) {
                return false;
            }
            double a = ConvexLoop.turn(first, between);
            double b = ConvexLoop.turn(first, last);
            least[i] = Math.min(0, Math.min(a, b));
            most[i] = Math.max(0, Math.max(a, b));
            return most[i] - least[i] < HALF;
        }
        return true;
    }
}
