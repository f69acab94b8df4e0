package org.hyphantes.geometry.meet;

import org.hyphantes.geometry.Point;

/** One meeting of two curves, with the parameters of both. */
public sealed interface Meeting {
    /** The curves share one place; {@code tangent} when they have the same heading there, or opposite ones. */
    record At(Point place, double first, double second, boolean tangent) implements Meeting {}

    /** The curves lie on one another from one parameter to another; the second's may run backwards. */
    record Along(double firstFrom, double firstTo, double secondFrom, double secondTo) implements Meeting {}
}
