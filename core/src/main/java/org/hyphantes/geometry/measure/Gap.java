package org.hyphantes.geometry.measure;

import org.hyphantes.geometry.Point;

/** A distance in mm and the two places it lies between. */
public record Gap(double distance, Point from, Point to) {
    static Gap between(Point from, Point to) {
        return new Gap(from.distance(to), from, to);
    }

    public Point middle() {
        return from.middle(to);
    }
}
