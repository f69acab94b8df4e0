package org.hyphantes.exchange.raster;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * Traces exact paths, laid by a map, with a pen. Arcs become cubics here, on the way to the pixels, and nowhere
 * else: one for each quarter turn, which strays less than 3e-4 of the radius.
 */
public final class PathTracer {
    /** An arc that strays from its chord by fewer pixels than this is drawn as its chord. */
    private static final double FLAT = 0.08;

    /** Any arc may be so far off, and is drawn by quarters. */
    private static final double QUARTER = Double.POSITIVE_INFINITY;

    /** How far the cubic of an eighth of a circle strays, in parts of its radius; by the sixth power of the angle. */
    private static final double EIGHTH = 4.3e-6;

    private final Pen pen;
    private final Affine map;
    private final double scale;
    private final double flat;
    private final double strays;

    /** @param map what lays the paths on the pixels */
    public PathTracer(Pen pen, Affine map) {
        this(pen, map, FLAT, QUARTER);
    }

    private PathTracer(Pen pen, Affine map, double flat, double strays) {
        this.pen = pen;
        this.map = map;
        this.scale = Math.sqrt(Math.abs(map.determinant()));
        this.flat = flat;
        this.strays = strays;
    }

    /**
     * One that keeps closer to arcs than pixels need.
     *
     * @param strays how far (in what the map leads to) a cubic may stray from its arc at most
     */
    public static PathTracer exact(Pen pen, Affine map, double strays) {
        return new PathTracer(pen, map, strays, strays);
    }

    public void trace(Region region) {
        trace(region.outline());
        region.holes().forEach(this::trace);
    }

    public void trace(Path path) {
        Point start = path.start();
        pen.move(x(start.x(), start.y()), y(start.x(), start.y()));
        path.curves().forEach(this::curve);
        if (path.closed()) {
            pen.close();
        }
    }

    private double x(double px, double py) {
        return map.a() * px + map.c() * py + map.e();
    }

    private double y(double px, double py) {
        return map.b() * px + map.d() * py + map.f();
    }

    private void cubic(double ax, double ay, double bx, double by, double ex, double ey) {
        pen.cubic(x(ax, ay), y(ax, ay), x(bx, by), y(bx, by), x(ex, ey), y(ex, ey));
    }

    private void curve(Curve curve) {
        // An arc strays from its chord by r (1 - cos (sweep / 2)), and so by no more than r sweep^2 / 8.
        if (curve instanceof Arc arc && arc.radius() * scale * arc.sweep() * arc.sweep() > 8 * flat) {
            arc(arc);
        } else if (curve instanceof Cubic cubic) {
            Point a = cubic.control1();
            Point b = cubic.control2();
            Point end = cubic.end();
            cubic(a.x(), a.y(), b.x(), b.y(), end.x(), end.y());
        } else {
            Point end = curve.end();
            pen.line(x(end.x(), end.y()), y(end.x(), end.y()));
        }
    }

    /** The greatest angle that one cubic may turn by. */
    private double most(Arc arc) {
        return strays == QUARTER
                ? Math.PI / 2
                : Math.min(Math.PI / 2, Math.PI / 4 * Math.pow(strays / (EIGHTH * arc.radius() * scale), 1.0 / 6));
    }

    private void arc(Arc arc) {
        int parts = (int) Math.ceil(Math.abs(arc.sweep()) / most(arc) - 1e-9);
        double handle = 4.0 / 3 * Math.tan(arc.sweep() / parts / 4) * arc.radius();
        double x0 = arc.centre().x();
        double y0 = arc.centre().y();
        double r = arc.radius();
        double ca = Math.cos(arc.from());
        double sa = Math.sin(arc.from());
        for (int i = 1; i <= parts; i++) {
            double b = arc.from() + arc.sweep() * i / parts;
            double cb = Math.cos(b);
            double sb = Math.sin(b);
            cubic(
                    x0 + r * ca - handle * sa,
                    y0 + r * sa + handle * ca,
                    x0 + r * cb + handle * sb,
                    y0 + r * sb - handle * cb,
                    x0 + r * cb,
                    y0 + r * sb);
            ca = cb;
            sa = sb;
        }
    }
}
