package org.hyphantes.geometry;

/** Bearings in degrees, clockwise from twelve o'clock, and their unit directions on a page whose y runs down. */
public final class Angle {
    private Angle() {}

    /**
     * The unit direction of a bearing. Quarter turns, and the cosines and sines of 30 and 60 degrees that are exactly one
     * half, come out exact, so that figures set out at them meet exactly.
     */
    public static Point direction(double bearing) {
        return new Point(sine(bearing), -sine(bearing + 90));
    }

    /** The bearing of a direction, in [0, 360). */
    public static double bearing(Point direction) {
        return turned(Math.toDegrees(Math.atan2(direction.x(), -direction.y())));
    }

    /** The angle in degrees brought into [0, 360). */
    public static double turned(double degrees) {
        double rest = degrees % 360;
        return rest < 0 ? rest + 360 : rest + 0.0;
    }

    /** The sine of an angle in degrees, exact at multiples of 30 where it is rational. */
    public static double sine(double degrees) {
        double a = turned(degrees);
        double sign = 1;
        if (a >= 180) {
            a -= 180;
            sign = -1;
        }
        if (a > 90) {
            a = 180 - a;
        }
        if (a == 30) {
            return sign * 0.5;
        }
        return a == 0 ? 0 : sign * (a <= 45 ? Math.sin(Math.toRadians(a)) : Math.cos(Math.toRadians(90 - a)));
    }

    /** The cosine of an angle in degrees, exact at multiples of 30 where it is rational. */
    public static double cosine(double degrees) {
        return sine(degrees + 90);
    }
}
