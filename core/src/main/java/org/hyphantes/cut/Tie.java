package org.hyphantes.cut;

import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * A bridge that holds a loose piece of a sheet.
 *
 * @param piece the number of the loose piece, and
 * @param other of what it is held to
 * @param along so far (mm) along the outline of the piece
 * @param from a place on that outline
 * @param to the place on the other that is nearest to it
 */
record Tie(int piece, int other, double along, Point from, Point to) {
    double length() {
        return from.distance(to);
    }

    Point middle() {
        return from.middle(to);
    }

    /** A bar of a width with round ends, which reach into what it holds. */
    Region region(double width) {
        double half = width / 2;
        if (length() < width / 1000) {
            return Region.of(Path.closed(Arc.circle(middle(), half, 0)));
        }
        Point way = to.minus(from).unit();
        Point aside = way.right().times(half);
        double turned = Math.atan2(aside.y(), aside.x());
        Arc far = new Arc(to.plus(way.times(half / 2)), half, turned, -Math.PI);
        Arc near = new Arc(from.minus(way.times(half / 2)), half, turned + Math.PI, -Math.PI);
        return Region.of(Path.closed(new Line(near.end(), far.start()), far, new Line(far.end(), near.start()), near));
    }
}
