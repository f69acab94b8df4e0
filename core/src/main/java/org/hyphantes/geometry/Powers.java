package org.hyphantes.geometry;

/**
 * A cubic by the powers of its parameter, which are quicker to work out at one place after another; its places are taken from a point
 * of reference (mm).
 */
record Powers(double x0, double x1, double x2, double x3, double y0, double y1, double y2, double y3) {
    /** A step of a parameter smaller than this is the last: what is left is its square. */
    private static final double NEAR = 1e-7;

    static Powers of(Cubic c, Point from) {
        double x1 = 3 * (c.control1().x() - c.start().x());
        double y1 = 3 * (c.control1().y() - c.start().y());
        double x2 = 3 * (c.control2().x() - c.control1().x()) - x1;
        double y2 = 3 * (c.control2().y() - c.control1().y()) - y1;
        return new Powers(
                c.start().x() - from.x(),
                x1,
                x2,
                c.end().x() - c.start().x() - x1 - x2,
                c.start().y() - from.y(),
                y1,
                y2,
                c.end().y() - c.start().y() - y1 - y2);
    }

    /** From one end to another, by unit headings there and how long (mm) the handles along them are. */
    static Powers of(Point start, Point leaving, double a, Point coming, double b, Point end) {
        double x1 = 3 * a * leaving.x();
        double y1 = 3 * a * leaving.y();
        double wayX = end.x() - start.x();
        double wayY = end.y() - start.y();
        double x2 = 3 * (wayX - b * coming.x()) - 2 * x1;
        double y2 = 3 * (wayY - b * coming.y()) - 2 * y1;
        return new Powers(start.x(), x1, x2, wayX - x1 - x2, start.y(), y1, y2, wayY - y1 - y2);
    }

    double x(double u) {
        return x0 + u * (x1 + u * (x2 + u * x3));
    }

    double y(double u) {
        return y0 + u * (y1 + u * (y2 + u * y3));
    }

    double velocityX(double u) {
        return x1 + u * (2 * x2 + 3 * u * x3);
    }

    double velocityY(double u) {
        return y1 + u * (2 * y2 + 3 * u * y3);
    }

    /** The square of the distance (mm) from the point of reference. */
    double squared(double u) {
        double x = x(u);
        double y = y(u);
        return x * x + y * y;
    }

    /** The parameter of the place nearest to a target, by at most so many of Newton's steps from one near it. */
    double towards(double targetX, double targetY, double begin, int steps) {
        double u = begin;
        for (int i = 0; i < steps; i++) {
            double offX = x(u) - targetX;
            double offY = y(u) - targetY;
            double vx = velocityX(u);
            double vy = velocityY(u);
            double bend = vx * vx + vy * vy + offX * (2 * x2 + 6 * u * x3) + offY * (2 * y2 + 6 * u * y3);
            if (bend <= 0) {
                break;
            }
            double next = Math.max(0, Math.min(1, u - (offX * vx + offY * vy) / bend));
            boolean there = Math.abs(next - u) <= NEAR;
            u = next;
            if (there) {
                break;
            }
        }
        return u;
    }

    /** The parameter of a least distance from the point of reference, by Newton's steps that stay between two parameters. */
    double least(double from, double to, double begin) {
        double low = from;
        double high = to;
        double t = begin;
        for (int i = 0; i < 60 && high - low > 1e-15; i++) {
            double x = x(t);
            double y = y(t);
            double vx = velocityX(t);
            double vy = velocityY(t);
            double slope = x * vx + y * vy;
            if (slope == 0) {
                break;
            }
            if (slope > 0) {
                high = t;
            } else {
                low = t;
            }
            double bend = vx * vx + vy * vy + x * (2 * x2 + 6 * t * x3) + y * (2 * y2 + 6 * t * y3);
            double next = bend > 0 ? t - slope / bend : Double.NaN;
            next = next > low && next < high
                    ? next
                    : slope > 0 && next <= low ? low : slope < 0 && next >= high ? high : (low + high) / 2;
            if (Math.abs(next - t) <= 1e-16) {
                break;
            }
            t = next;
        }
        return t;
    }
}
