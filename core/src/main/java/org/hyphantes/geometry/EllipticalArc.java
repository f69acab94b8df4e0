package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of an ellipse, the image of a stretch of the unit circle under an affine map, which is taken in as cubics.
 *
 * <p>Angles are radians from the x axis towards the y axis, on the unit circle; the sweep is signed.
 */
public record EllipticalArc(Affine fromUnitCircle, double from, double sweep) {
    /** How far cubics stray from an ellipse where nothing else is asked for, in parts of its larger radius. */
    public static final double RELATIVE_TOLERANCE = 5e-6;

    /** A whole ellipse, clockwise on the page from twelve o'clock before it is tilted by {@code tilt} degrees clockwise. */
    public static EllipticalArc ellipse(Point centre, double radiusX, double radiusY, double tilt) {
        if (!(radiusX > 0 && radiusY > 0)) {
            throw new IllegalArgumentException(
                    "an ellipse needs two radii above 0, not " + radiusX + " and " + radiusY);
        }
        Affine scaled = new Affine(radiusX, 0, 0, radiusY, 0, 0);
        Affine placed =
                Affine.shift(centre).after(Affine.turn(tilt, Point.ORIGIN).after(scaled));
        return new EllipticalArc(placed, -Math.PI / 2, 2 * Math.PI);
    }

    /** The image of a circular arc. */
    public static EllipticalArc of(Arc arc, Affine map) {
        Affine circle = new Affine(
                arc.radius(), 0, 0, arc.radius(), arc.centre().x(), arc.centre().y());
        return new EllipticalArc(map.after(circle), arc.from(), arc.sweep());
    }

    /** The larger of the two radii, in mm. */
    public double radius() {
        // The larger singular value of the map's linear part.
        Affine m = fromUnitCircle;
        double squares = m.a() * m.a() + m.b() * m.b() + m.c() * m.c() + m.d() * m.d();
        double det = m.determinant();
        return Math.sqrt((squares + Math.sqrt(Math.max(0, squares * squares - 4 * det * det))) / 2);
    }

    /** As cubics within {@link #RELATIVE_TOLERANCE} of the larger radius. */
    public List<Cubic> cubics() {
        return cubics(RELATIVE_TOLERANCE * radius());
    }

    /**
     * As the fewest even cubics that stray no further than {@code tolerance} millimetres.
     *
     * <p>A cubic with the arc's tangents strays from the unit circle by 2/27 sin^6(a/4) / cos^2(a/4) for a sweep a.
     * Source: M. Goldapp, Approximation of circular arcs by cubic polynomials, CAGD 8 (1991).
     *
     * @throws IllegalArgumentException if the tolerance is not above 0
     */
    public List<Cubic> cubics(double tolerance) {
        if (!(tolerance > 0)) {
            throw new IllegalArgumentException("a tolerance must be above 0, not " + tolerance);
        }
        double allowed = tolerance / radius();
        int pieces = (int) Math.ceil(Math.abs(sweep) / (Math.PI / 2) - 1e-9);
        while (pieces < 4096 && strays(sweep / pieces) > allowed) {
            pieces++;
        }
        double step = sweep / pieces;
        double handle = 4.0 / 3 * Math.tan(step / 4);
        List<Cubic> result = new ArrayList<>(pieces);
        for (int i = 0; i < pieces; i++) {
            double a = from + i * step;
            double b = i + 1 == pieces && Math.abs(sweep) >= 2 * Math.PI * (1 - 1e-12) ? from : from + (i + 1) * step;
            Point p = new Point(Math.cos(a), Math.sin(a));
            Point q = new Point(Math.cos(b), Math.sin(b));
            result.add(new Cubic(
                    fromUnitCircle.of(p),
                    fromUnitCircle.of(p.plus(p.right().times(handle))),
                    fromUnitCircle.of(q.minus(q.right().times(handle))),
                    fromUnitCircle.of(q)));
        }
        return result;
    }

    private static double strays(double sweep) {
        double sine = Math.sin(Math.abs(sweep) / 4);
        double cosine = Math.cos(sweep / 4);
        double squared = sine * sine;
        return 2.0 / 27 * squared * squared * squared / (cosine * cosine);
    }
}
