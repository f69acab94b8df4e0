package org.hyphantes.desktop.field;

import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;

/** The measures of the rim in a field of a size: a graduated ring round the middle, as large as the field bears. */
record RimShape(double x, double y, double outer) {
    static final double BAND = 22;
    private static final double MARGIN = 14;

    static RimShape in(double width, double height) {
        return new RimShape(width / 2, height / 2, Math.max(60, Math.min(width, height) / 2 - MARGIN));
    }

    double inner() {
        return outer - BAND;
    }

    double bearing(double px, double py) {
        return Angle.bearing(new Point(px - x, py - y));
    }

    double distance(double px, double py) {
        return Math.hypot(px - x, py - y);
    }

    double xAt(double bearing, double radius) {
        return x + radius * Angle.sine(bearing);
    }

    double yAt(double bearing, double radius) {
        return y - radius * Angle.cosine(bearing);
    }
}
