package org.hyphantes.bench;

import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Exact regions as the other libraries take them. */
final class FlattenedCopies {
    private static final GeometryFactory JTS = new GeometryFactory();

    private FlattenedCopies() {}

    /** A region as a polygon of chords that stray at most {@code tolerance} from its curves. */
    static Polygon polygon(Region region, double tolerance) {
        return JTS.createPolygon(
                ring(region.outline(), tolerance),
                region.holes().stream().map(h -> ring(h, tolerance)).toArray(LinearRing[]::new));
    }

    static LinearRing ring(Path path, double tolerance) {
        List<Coordinate> points = new ArrayList<>();
        for (Curve curve : path.curves()) {
            int chords = chords(curve, tolerance);
            for (int i = 0; i < chords; i++) {
                Point p = curve.at((double) i / chords);
                points.add(new Coordinate(p.x(), p.y()));
            }
        }
        points.add(points.get(0).copy());
        return JTS.createLinearRing(points.toArray(Coordinate[]::new));
    }

    private static int chords(Curve curve, double tolerance) {
        return curve.as(
                line -> 1,
                arc -> (int) Math.ceil(Math.abs(arc.sweep()) / (2 * Math.acos(1 - tolerance / arc.radius()))),
                cubic -> (int) Math.ceil(Math.sqrt(0.75 * secondDifference(cubic) / tolerance)));
    }

    /** The greater second difference of the control points, which bounds how far chords stray (Wang 1984). */
    private static double secondDifference(Cubic c) {
        return Math.max(
                c.start().minus(c.control1().times(2)).plus(c.control2()).length(),
                c.control1().minus(c.control2().times(2)).plus(c.end()).length());
    }

    /** A region with its curves kept, circles as the cubics that the Java library makes of them. */
    static Area area(Region region) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        append(path, region.outline());
        region.holes().forEach(hole -> append(path, hole));
        return new Area(path);
    }

    private static void append(Path2D path, Path closed) {
        boolean first = true;
        for (Curve curve : closed.curves()) {
            Point a = curve.start();
            Point b = curve.end();
            path.append(
                    curve.<Shape>as(
                            line -> new Line2D.Double(a.x(), a.y(), b.x(), b.y()),
                            arc -> new Arc2D.Double(
                                    arc.centre().x() - arc.radius(),
                                    arc.centre().y() - arc.radius(),
                                    2 * arc.radius(),
                                    2 * arc.radius(),
                                    -Math.toDegrees(arc.from()),
                                    -Math.toDegrees(arc.sweep()),
                                    Arc2D.OPEN),
                            cubic -> new CubicCurve2D.Double(
                                    a.x(),
                                    a.y(),
                                    cubic.control1().x(),
                                    cubic.control1().y(),
                                    cubic.control2().x(),
                                    cubic.control2().y(),
                                    b.x(),
                                    b.y())),
                    !first);
            first = false;
        }
        path.closePath();
    }
}
