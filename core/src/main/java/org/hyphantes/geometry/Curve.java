package org.hyphantes.geometry;

import java.util.Optional;

/**
 * One exact curve, run through by a parameter from 0 at its start to 1 at its end. Lengths are millimetres.
 *
 * <p>The parameter is proportional to length on both kinds.
 */
public sealed interface Curve permits Line, Arc {
    Point start();

    Point end();

    Point at(double t);

    /** The unit heading at the parameter. */
    Point tangent(double t);

    /** The curvature in 1/mm, positive where the curve bends to its right-hand side; the same all along on both kinds. */
    double curvature();

    double length();

    Box box();

    Curve reversed();

    /** The stretch between two parameters, {@code from} before {@code to}. */
    Curve part(double from, double to);

    /**
     * The image under a similarity.
     *
     * @throws IllegalArgumentException for an arc under a map that would bend it out of the circle
     */
    Curve map(Affine map);

    /**
     * The exact parallel curve {@code distance} millimetres to the right-hand side (negative: to the left); empty when the
     * curve shrinks away to nothing.
     */
    Optional<Curve> parallel(double distance);

    /** The parameter of the nearest point on this curve, in [0, 1]. */
    double nearest(Point p);

    /** This curve's share of the signed area of a loop: half the integral of x dy - y dx. */
    double sweptArea();
}
