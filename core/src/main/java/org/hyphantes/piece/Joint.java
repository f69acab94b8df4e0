package org.hyphantes.piece;

/**
 * What parts neighbours evenly.
 *
 * @param width how far apart (mm) they lie, half of which each gives
 * @param outer whether edges beside no other piece give way too, or keep their place
 * @param shape what corners become
 * @param by the radius (mm) of round corners, or how much of both sides of a corner is cut
 */
public record Joint(double width, Outer outer, Shape shape, double by) {
    public static final Joint NONE = new Joint(0, Outer.GIVE_WAY, Shape.SQUARE, 0);

    /** What edges do beside which no piece lies. */
    public enum Outer {
        GIVE_WAY,
        STAY
    }

    /** What corners become. */
    public enum Shape {
        SQUARE,
        ROUND,
        CUT
    }
}
