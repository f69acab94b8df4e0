package org.hyphantes.paint;

import java.util.function.UnaryOperator;

/**
 * Lines at even distances over what lies behind.
 *
 * @param spacing how far apart (mm) they lie
 * @param bearing which way (degrees clockwise from up) they run
 * @param crossed whether others run square to them
 */
public record Hatch(Colour colour, double spacing, double bearing, boolean crossed) implements Fill {
    /** The weight (mm) of the lines. */
    private static final double WEIGHT = 0.25;

    @Override
    public Hatch map(UnaryOperator<Colour> change) {
        return new Hatch(change.apply(colour), spacing, bearing, crossed);
    }

    /** How its lines are painted: no wider than a third of their distance. */
    public Paint line() {
        return Paint.INNER_LINE.lined(colour, Math.min(WEIGHT, spacing / 3));
    }
}
