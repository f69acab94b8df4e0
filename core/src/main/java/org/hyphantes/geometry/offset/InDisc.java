package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** Tells paths that may lie in a disc. */
final class InDisc {
    /** More places of a path than this are not looked at to see how large it is. */
    private static final int MOST_PLACES = 64;

    private InDisc() {}

    /**
     * Whether a path may lie in a disc of a radius: not if it is wider, or if three of its places lie further apart than on a circle of
     * that radius.
     */
    static boolean isPossible(Path path, double radius) {
        if (Math.max(path.box().width(), path.box().height()) > 2 * radius) {
            return false;
        }
        List<Point> places = new ArrayList<>();
        int step = 1 + path.size() / MOST_PLACES;
        for (int i = 0; i < path.size(); i += step) {
            places.add(path.curves().get(i).start());
            places.add(path.curves().get(i).at(0.5));
        }
        Point p = furthest(places, path.box().centre());
        Point q = furthest(places, p);
        Point r = furthest(places, p.middle(q));
        double a = q.distance(r);
        double b = r.distance(p);
        double c = p.distance(q);
        boolean acute = a * a + b * b > c * c && b * b + c * c > a * a && c * c + a * a > b * b;
        double round =
                acute ? a * b * c / (2 * Math.abs(q.minus(p).cross(r.minus(p)))) : Math.max(a, Math.max(b, c)) / 2;
        return round <= radius;
    }

    private static Point furthest(List<Point> places, Point from) {
        return Collections.max(places, Comparator.comparingDouble(from::distance));
    }
}
