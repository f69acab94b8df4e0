package org.hyphantes.symmetry;

import org.hyphantes.geometry.Path;

/** How many different images a figure has under a group: figures that a turn lays upon themselves have fewer. */
public final class Orbit {
    private Orbit() {}

    /**
     * The number of distinct images of a path under a turning, a divisor of its count: 1 for a circle about the centre, half
     * the count for a line through it when the count is even.
     *
     * @param tolerance millimetres within which two images are the same
     */
    public static int size(Path path, Turning turning, double tolerance) {
        for (int m = 1; m <= turning.count() / 2; m++) {
            if (turning.count() % m == 0 && path.map(turning.turn(m)).covers(path, tolerance)) {
                return m;
            }
        }
        return turning.count();
    }
}
