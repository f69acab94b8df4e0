package org.hyphantes.paint;

import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;

/** What an area is filled with. */
public sealed interface Fill permits Flat, NoFill, Gradient, Ramp {
    /** The one colour that stands for it, on a line or on a well. */
    Colour colour();

    /** The same with each of its colours changed. */
    Fill map(UnaryOperator<Colour> change);

    /**
     * The same laid over an area.
     *
     * @param part the box round the area (mm)
     * @param whole the box round all that is filled with it
     */
    default Fill laid(Box part, Box whole) {
        return this;
    }
}
