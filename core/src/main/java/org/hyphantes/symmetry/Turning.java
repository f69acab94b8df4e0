package org.hyphantes.symmetry;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/**
 * The cyclic rosette group C_n: the turns by whole multiples of 360/n degrees about a centre.
 *
 * @param spoke the bearing (degrees) of the first spoke: where the first copy stands
 * @throws IllegalArgumentException if the count is below 1
 */
public record Turning(int count, Point centre, double spoke) {
    /** A turning whose first spoke points to the top. */
    public Turning(int count, Point centre) {
        this(count, centre, 0);
    }

    public Turning {
        if (count < 1) {
            throw new IllegalArgumentException("a turning has at least 1 image, not " + count);
        }
    }

    public double step() {
        return 360.0 / count;
    }

    /** The turn by {@code k} steps, clockwise on the page. */
    public Affine turn(int k) {
        return Affine.turn(360.0 * k / count, centre);
    }
}
