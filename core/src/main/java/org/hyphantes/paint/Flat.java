package org.hyphantes.paint;

import java.util.function.UnaryOperator;

/** One colour all over. */
public record Flat(Colour colour) implements Fill {
    @Override
    public Flat map(UnaryOperator<Colour> change) {
        return new Flat(change.apply(colour));
    }
}
