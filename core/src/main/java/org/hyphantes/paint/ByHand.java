package org.hyphantes.paint;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A fill that was given by hand, and that no colouring takes away. */
public record ByHand(Fill inner) implements Fill {
    /** A well by its number from 1; no fill for 0. */
    public static ByHand of(int well, Colourway colourway) {
        return new ByHand(
                well == 0 ? new NoFill() : new Flat(colourway.well(well).colour()));
    }

    @Override
    public Colour colour() {
        return inner.colour();
    }

    @Override
    public ByHand map(UnaryOperator<Colour> change) {
        return new ByHand(inner.map(change));
    }

    @Override
    public ByHand laid(Path part, Point middle, Box whole) {
        return new ByHand(inner.laid(part, middle, whole));
    }

    @Override
    public Optional<Fill> within() {
        return inner.within();
    }

    @Override
    public boolean isByHand() {
        return true;
    }
}
