package org.hyphantes.paint;

/**
 * A line about a part.
 *
 * @param weight how wide (mm) it is
 */
public record Edge(Colour colour, double weight, Dashes dashes, Side side) {
    /** Where it lies. */
    public enum Side {
        /** With its middle on the border. */
        ON,
        INSIDE,
        OUTSIDE
    }

    public Edge(Colour colour, double weight) {
        this(colour, weight, Dashes.NONE, Side.ON);
    }
}
