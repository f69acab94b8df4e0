package org.hyphantes.geometry;

import java.util.function.Function;

/**
 * One exact curve, run through by a parameter from 0 at its start to 1 at its end. Lengths are millimetres.
 *
 * <p>On a line and an arc the parameter is proportional to length; on a cubic it is not, so lengths are asked for by
 * {@link #lengthTo} and {@link #parameterAt}.
 */
public sealed interface Curve permits Line, Arc, Cubic {
    Point start();

    Point end();

    Point at(double t);

    /** The unit heading at the parameter. */
    Point tangent(double t);

    /** The change of place by change of parameter, in mm. */
    Point velocity(double t);

    /** The curvature in 1/mm at the parameter, positive where the curve bends to its right-hand side. */
    double curvature(double t);

    double length();

    /** The length from the start to a parameter in [0, 1]. */
    double lengthTo(double t);

    /** The parameter at a length from the start; lengths outside the curve give its ends. */
    double parameterAt(double length);

    Box box();

    Curve reversed();

    /** The stretch between two parameters, {@code from} before {@code to}. */
    Curve part(double from, double to);

    /**
     * The image under an affine map.
     *
     * @throws IllegalArgumentException for an arc under a map that would bend it out of the circle; {@link Path#map} takes
     *     such arcs in as cubics
     */
    Curve map(Affine map);

    /** The parameter of the nearest point on this curve, in [0, 1]. */
    double nearest(Point p);

    /** The signed area (square mm) that a line from {@code about} to the curve sweeps, positive clockwise on the page. */
    double sweptArea(Point about);

    /** The first moment (mm cubed) of the area swept from {@code about}, measured from there. */
    Point sweptMoment(Point about);

    /** What one of three functions makes of this curve, by its kind; so that no kind is forgotten. */
    <R> R as(Function<Line, R> line, Function<Arc, R> arc, Function<Cubic, R> cubic);
}
