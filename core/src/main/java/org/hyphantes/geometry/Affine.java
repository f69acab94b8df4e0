package org.hyphantes.geometry;

/**
 * An affine map in SVG's order: x' = a x + c y + e, y' = b x + d y + f.
 *
 * <p>Source: W3C SVG 2, section 8.5, matrix(a b c d e f).
 */
public record Affine(double a, double b, double c, double d, double e, double f) {
    public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

    public static Affine shift(Point by) {
        return new Affine(1, 0, 0, 1, by.x(), by.y());
    }

    /** A turn clockwise on the page by {@code degrees} about {@code centre}; quarter turns are exact. */
    public static Affine turn(double degrees, Point centre) {
        double cos = Angle.cosine(degrees);
        double sin = Angle.sine(degrees);
        return new Affine(
                cos,
                sin,
                -sin,
                cos,
                centre.x() - cos * centre.x() + sin * centre.y(),
                centre.y() - sin * centre.x() - cos * centre.y());
    }

    /** The same enlargement in both directions about {@code centre}. */
    public static Affine scale(double factor, Point centre) {
        return new Affine(factor, 0, 0, factor, centre.x() * (1 - factor), centre.y() * (1 - factor));
    }

    /** The reflection in the line through {@code onLine} at a bearing in degrees. */
    public static Affine mirror(Point onLine, double bearing) {
        double cos = Angle.cosine(2 * bearing);
        double sin = Angle.sine(2 * bearing);
        Affine about = new Affine(-cos, -sin, -sin, cos, 0, 0);
        return shift(onLine.minus(about.of(onLine))).after(about);
    }

    public Point of(Point p) {
        return new Point(a * p.x() + c * p.y() + e, b * p.x() + d * p.y() + f);
    }

    /** The image of a displacement: the shift of this map is left out. */
    public Point ofDirection(Point p) {
        return new Point(a * p.x() + c * p.y(), b * p.x() + d * p.y());
    }

    /** The map that does {@code first}, then this one. */
    public Affine after(Affine first) {
        return new Affine(
                a * first.a + c * first.b,
                b * first.a + d * first.b,
                a * first.c + c * first.d,
                b * first.c + d * first.d,
                a * first.e + c * first.f + e,
                b * first.e + d * first.f + f);
    }

    /**
     * The map that undoes this one.
     *
     * @throws IllegalArgumentException if there is none, because all is brought onto a line
     */
    public Affine inverse() {
        double det = determinant();
        if (det == 0) {
            throw new IllegalArgumentException("a map onto a line cannot be undone");
        }
        return new Affine(d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det);
    }

    /** Negative for maps that mirror. */
    public double determinant() {
        return a * d - b * c;
    }

    /** Whether circles stay circles: equal scale in all directions, no shear. */
    public boolean isSimilarity() {
        double size = Math.abs(a) + Math.abs(b) + Math.abs(c) + Math.abs(d);
        double slack = 1e-12 * size;
        return Math.abs(determinant()) > 1e-24 * size * size
                && ((Math.abs(a - d) <= slack && Math.abs(b + c) <= slack)
                        || (Math.abs(a + d) <= slack && Math.abs(b - c) <= slack));
    }

    /** The same, but for what rounding its numbers by a share of them makes of it. */
    public boolean isSimilarity(double share) {
        double across = Math.hypot(a, b);
        double down = Math.hypot(c, d);
        return isSimilarity()
                || Math.abs(across - down) <= share * across && Math.abs(a * c + b * d) <= share * across * down;
    }
}
