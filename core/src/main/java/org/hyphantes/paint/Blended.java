package org.hyphantes.paint;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A fill through which what lies behind it is seen, or with which it mixes.
 *
 * @param opacity from 0 to 1
 */
public record Blended(Fill inner, double opacity, Blend mode) implements Fill {
    /** The fill itself where it covers all. */
    public static Fill of(Fill fill, double opacity, Blend mode) {
        return opacity >= 1 && mode == Blend.NORMAL ? fill : new Blended(fill, opacity, mode);
    }

    @Override
    public Optional<Colour> at(Point place) {
        return inner.at(place);
    }

    @Override
    public Colour colour() {
        return inner.colour();
    }

    @Override
    public Blended map(UnaryOperator<Colour> change) {
        return new Blended(inner.map(change), opacity, mode);
    }

    @Override
    public Blended laid(Path part, Point middle, Box whole) {
        return new Blended(inner.laid(part, middle, whole), opacity, mode);
    }

    /** Whether it has to be laid together before it is laid over what lies behind. */
    public boolean isMixed() {
        return mode != Blend.NORMAL || inner instanceof Patched;
    }
}
