package org.hyphantes.geometry;

/**
 * A place or a displacement on the page, in millimetres; x runs to the right, y down the page (as in SVG).
 *
 * @throws IllegalArgumentException if a coordinate is not a finite number
 */
public record Point(double x, double y) {
    public static final Point ORIGIN = new Point(0, 0);

    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("a point needs finite coordinates, not (" + x + ", " + y + ")");
        }
    }

    /** The point {@code out} millimetres from the origin at a bearing in degrees, clockwise from twelve o'clock. */
    public static Point polar(double out, double bearing) {
        return Angle.direction(bearing).times(out);
    }

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** Positive when {@code other} lies clockwise of this displacement as seen on the page. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    /** This displacement turned a quarter clockwise on the page: from a heading to its right-hand side. */
    public Point right() {
        return new Point(-y, x);
    }

    public double length() {
        return Math.sqrt(x * x + y * y);
    }

    public double distance(Point other) {
        double dx = x - other.x;
        double dy = y - other.y;
        // Not Math.hypot, which takes many times as long: no coordinate in mm comes near where squares overflow.
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** The unit displacement of the same heading; the zero displacement stays zero. */
    public Point unit() {
        double length = length();
        return length == 0 ? this : times(1 / length);
    }

    public Point middle(Point other) {
        return new Point((x + other.x) / 2, (y + other.y) / 2);
    }
}
