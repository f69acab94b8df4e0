package org.hyphantes.geometry.offset;

import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Path;

/** Areas too narrow to be anything. */
final class Sliver {
    /** How many tolerances wide (a share of its length) a border is at most that is one. */
    private static final double WIDEST = 2;

    private Sliver() {}

    /** Whether what a closed path encloses is hardly wider than the tolerance (mm) its curves were fitted with. */
    static boolean is(Path border, double tolerance) {
        double longest = Math.abs(border.signedArea()) / (WIDEST * tolerance);
        // By the sides of control polygons first: a length takes long to be found.
        double length = border.curves().stream()
                .mapToDouble(c -> c instanceof Cubic cubic ? cubic.hullLength() : c.length())
                .sum();
        return length >= longest && border.length() >= longest;
    }
}
