package org.hyphantes.paint;

import java.util.function.UnaryOperator;

/**
 * Lines at even distances over what lies behind.
 *
 * @param spacing how far apart (mm) they lie
 * @param bearing which way (degrees clockwise from up) straight ones run
 */
public record Hatch(Colour colour, double spacing, double bearing, Lie lie) implements Fill {
    /** How its lines run. */
    public enum Lie {
        STRAIGHT,
        /** Straight, and others square to them. */
        CROSSED,
        /** Along the strand, on both sides of its middle; straight where there is none. */
        ALONG,
        /** In circles about the middle that the parts lie about. */
        ROUND
    }

    /** The weight (mm) of the lines. */
    private static final double WEIGHT = 0.25;

    @Override
    public Hatch map(UnaryOperator<Colour> change) {
        return new Hatch(change.apply(colour), spacing, bearing, lie);
    }

    /** How its lines are painted: no wider than a third of their distance. */
    public Paint line() {
        return Paint.INNER_LINE.lined(colour, Math.min(WEIGHT, spacing / 3));
    }
}
