package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Inside;

/**
 * A straight cut.
 *
 * @param through a place on it
 * @param along its direction, of length 1
 * @param kept a direction to the side that is left
 */
record Mitre(Point through, Point along, Point kept) {
    /** Lines as near (mm) as this lie on it. */
    private static final double ON = 1e-7;

    /** What it leaves of some paths, those that lie on it among them. */
    List<Path> left(List<Path> paths) {
        Point right =
                along.right().dot(kept) > 0 ? along.right() : along.right().times(-1);
        List<Path> left = new ArrayList<>();
        for (Path path : paths) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            double far = 1;
            for (Curve curve : path.curves()) {
                for (double t : new double[] {0, 0.25, 0.5, 0.75, 1}) {
                    Point from = curve.at(t).minus(through);
                    least = Math.min(least, from.dot(right));
                    most = Math.max(most, from.dot(right));
                    far = Math.max(far, from.length());
                }
            }
            if (Math.max(-least, most) < ON) {
                left.add(path);
            } else {
                left.addAll(Inside.of(path, List.of(side(right, 4 * far))));
            }
        }
        return left;
    }

    private Region side(Point right, double far) {
        Point one = through.plus(along.times(far));
        Point other = through.minus(along.times(far));
        Point away = right.times(far);
        return Region.of(Path.polygon(List.of(one, one.plus(away), other.plus(away), other)));
    }
}
