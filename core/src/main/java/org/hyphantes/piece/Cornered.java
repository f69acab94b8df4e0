package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Rounding;

/**
 * A closed path with its corners as a joint wants them.
 *
 * @param cramped how many have no room for that, and stay as they are
 */
record Cornered(Path path, int cramped) {
    /** @param own the corners that become another shape than the others, by their places */
    static Cornered of(Path path, Joint joint, Map<Point, Joint.Shape> own) {
        IntFunction<Joint.Shape> shape =
                i -> own.getOrDefault(path.curves().get(i).start(), joint.shape());
        Rounding round = Rounding.of(path, joint.by(), i -> shape.apply(i) == Joint.Shape.ROUND);
        Cornered cut =
                joint.shape() == Joint.Shape.CUT ? cut(round.path(), joint.by(), own) : new Cornered(round.path(), 0);
        return new Cornered(cut.path, cut.cramped + round.refused().size());
    }

    /** A path with its corners, but for those of their own shape, cut off straight, as far as its sides are long enough. */
    private static Cornered cut(Path path, double by, Map<Point, Joint.Shape> own) {
        int n = path.size();
        int cramped = 0;
        double[] begin = new double[n];
        double[] end = new double[n];
        for (int i = 0; i < n; i++) {
            int before = i == 0 ? n - 1 : i - 1;
            Curve a = path.curves().get(before);
            Curve b = path.curves().get(i);
            boolean corner = Corner.isCorner(path, i) && !own.containsKey(b.start());
            boolean room = a.length() > 2 * by && b.length() > 2 * by;
            cramped += corner && !room ? 1 : 0;
            end[before] = corner && room ? a.parameterAt(a.length() - by) : 1;
            begin[i] = corner && room ? b.parameterAt(by) : 0;
        }
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            curves.add(path.curves().get(i).part(begin[i], end[i]));
            int next = i + 1 == n ? 0 : i + 1;
            if (end[i] < 1) {
                curves.add(new Line(
                        path.curves().get(i).at(end[i]), path.curves().get(next).at(begin[next])));
            }
        }
        return new Cornered(new Path(curves, true), cramped);
    }
}
