package org.hyphantes.paint;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** What an area is filled with. */
public sealed interface Fill
        permits Flat,
                NoFill,
                Gradient,
                Ramp,
                Sweep,
                Patched,
                Hatch,
                Strewn,
                Blended,
                Patterned,
                Over,
                Edged,
                Finished,
                ByHand {
    /** The one colour that stands for it, on a line or on a well. */
    Colour colour();

    /** The colour at a place, once it is laid; none where what lies behind is seen. */
    default Optional<Colour> at(Point place) {
        return Optional.of(colour());
    }

    /** The same with each of its colours changed. */
    Fill map(UnaryOperator<Colour> change);

    /** Whether it was given by hand. */
    default boolean isByHand() {
        return false;
    }

    /** What fills, without an edge about it. */
    default Optional<Fill> within() {
        return Optional.of(this);
    }

    /**
     * The same laid over an area.
     *
     * @param part the outline of the area
     * @param middle what the parts lie about (mm)
     * @param whole the box round all that is filled with it
     */
    default Fill laid(Path part, Point middle, Box whole) {
        return this;
    }
}
