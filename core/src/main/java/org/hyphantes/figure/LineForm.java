package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A straight line between two points, or running on through them to the edge of the page. */
public record LineForm(Amount out, Amount bearing, Amount farout, Amount farbearing, Running running) implements Ended {
    public static final LineForm STARTING =
            new LineForm(Amount.of(60), Amount.of(0), Amount.of(60), Amount.of(180), Running.BETWEEN_THEM);

    private static final Schema<LineForm> SCHEMA = new Schema<>(
                    LineForm.class,
                    "line",
                    "Line from {out} out at {bearing} to {farout} out at {farbearing}, running {running}.",
                    List.of(
                            Setting.of(LineForm.class, "out", Sizes.OUT),
                            Setting.of(LineForm.class, "bearing", Sizes.BEARING),
                            Setting.of(LineForm.class, "farout", Sizes.OUT),
                            Setting.of(LineForm.class, "farbearing", Sizes.BEARING),
                            Setting.of(LineForm.class, "running")))
            .because(
                    "Straight lines are spokes, axes and bars; turned or mirrored they make nets, stars and latticework.");

    @Override
    public Schema<LineForm> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> paths(PageBox pageBox) {
        Point a = start();
        Point b = end();
        if (running == Running.TO_THE_EDGE && a.distance(b) > 0) {
            double[] reach = reach(a, b, pageBox.edge());
            if (reach[0] < reach[1]) {
                Point way = b.minus(a);
                return line(a.plus(way.times(Math.min(0, reach[0]))), a.plus(way.times(Math.max(1, reach[1]))));
            }
        }
        return line(a, b);
    }

    private static List<Path> line(Point a, Point b) {
        return List.of(Path.open(new org.hyphantes.geometry.Line(a, b)));
    }

    /**
     * The shares of the way from a to b at which its line enters and leaves a box. Source: Y.-D. Liang and B. A. Barsky, A new
     * concept and method for line clipping, ACM Transactions on Graphics 3 (1984).
     */
    private static double[] reach(Point a, Point b, Box box) {
        double from = Double.NEGATIVE_INFINITY;
        double to = Double.POSITIVE_INFINITY;
        double[] ways = {b.x() - a.x(), b.y() - a.y()};
        double[][] sides = {{box.left() - a.x(), box.right() - a.x()}, {box.top() - a.y(), box.bottom() - a.y()}};
        for (int axis = 0; axis < 2; axis++) {
            if (Math.abs(ways[axis]) > 1e-12 * (Math.abs(ways[0]) + Math.abs(ways[1]))) {
                double s = sides[axis][0] / ways[axis];
                double t = sides[axis][1] / ways[axis];
                from = Math.max(from, Math.min(s, t));
                to = Math.min(to, Math.max(s, t));
            } else if (sides[axis][0] > 0 || sides[axis][1] < 0) {
                return new double[] {0, 0};
            }
        }
        return new double[] {from, to};
    }

    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        LineForm line = (LineForm) ended(first, second);
        return new LineForm(
                line.out,
                line.bearing,
                line.farout,
                line.farbearing,
                otherWay ? Running.TO_THE_EDGE : Running.BETWEEN_THEM);
    }
}
