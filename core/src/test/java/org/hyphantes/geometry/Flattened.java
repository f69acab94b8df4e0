package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Exact paths and regions as fine chains of chords for JTS, the reference library of these tests. */
public final class Flattened {
    public static final GeometryFactory JTS = new GeometryFactory();

    private Flattened() {}

    /** A region as a polygon with {@code chords} chords to a full turn. */
    public static Polygon polygon(Region region, int chords) {
        return JTS.createPolygon(
                ring(region.outline(), chords),
                region.holes().stream().map(h -> ring(h, chords)).toArray(LinearRing[]::new));
    }

    public static LineString line(Path path, int chords) {
        return path.closed()
                ? ring(path, chords)
                : JTS.createLineString(points(path, chords).toArray(Coordinate[]::new));
    }

    private static LinearRing ring(Path path, int chords) {
        List<Coordinate> points = points(path, chords);
        points.set(points.size() - 1, points.get(0).copy());
        return JTS.createLinearRing(points.toArray(Coordinate[]::new));
    }

    private static List<Coordinate> points(Path path, int chords) {
        List<Coordinate> points = new ArrayList<>();
        points.add(new Coordinate(path.start().x(), path.start().y()));
        for (Curve curve : path.curves()) {
            int n = curve.as(
                    line -> 1,
                    arc -> (int) Math.ceil(chords * Math.abs(arc.sweep()) / (2 * Math.PI)),
                    cubic -> Math.max(8, chords / 4));
            for (int i = 1; i <= n; i++) {
                Point p = curve.at((double) i / n);
                points.add(new Coordinate(p.x(), p.y()));
            }
        }
        return points;
    }
}
