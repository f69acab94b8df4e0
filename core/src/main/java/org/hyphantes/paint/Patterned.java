package org.hyphantes.paint;

import java.util.function.UnaryOperator;

/**
 * A pattern over what lies behind.
 *
 * @param colour of all of it; what it has of its own where {@code own}
 */
public record Patterned(Motif motif, Colour colour, boolean own) implements Fill {
    @Override
    public Patterned map(UnaryOperator<Colour> change) {
        return new Patterned(motif, change.apply(colour), own);
    }

    /** How a line of it is painted. */
    public Paint line(Motif.Drawn drawn) {
        Paint paint = drawn.paint();
        return own ? paint : Paint.INNER_LINE.lined(colour, paint.weight());
    }

    /** What an area of it is filled with. */
    public Fill area(Patch patch) {
        return own ? patch.fill() : new Flat(colour);
    }
}
