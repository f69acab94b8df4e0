package org.hyphantes.paint;

import java.util.function.UnaryOperator;

/** No fill: what lies behind is seen. Another thing than a part that nobody has coloured yet. */
public record NoFill() implements Fill {
    @Override
    public Colour colour() {
        return Paint.INK;
    }

    @Override
    public NoFill map(UnaryOperator<Colour> change) {
        return this;
    }
}
