package org.hyphantes.paint;

import java.util.Optional;

/** How a shape is painted: its fill and its line, either of which may be none, and the line's weight in millimetres. */
public record Paint(Optional<Colour> fill, Optional<Colour> line, double weight) {
    private static final Colour INK = new Colour("#1A2523");
    private static final Colour BONE = new Colour("#EDE6D6");

    /** A bare line, before anything is banded. */
    public static final Paint BARE_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.35);

    /** A band until a colouring says otherwise. */
    public static final Paint BAND = new Paint(Optional.of(BONE), Optional.of(INK), 0.35);

    /** A line within a band. */
    public static final Paint INNER_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.25);

    /** What shading is done with. */
    public static final Paint SHADE = new Paint(Optional.of(INK), Optional.empty(), 0);

    /** A bare line of a colour, if there is one. */
    public static Paint line(Optional<Colour> colour) {
        return colour.isEmpty() ? BARE_LINE : new Paint(Optional.empty(), colour, BARE_LINE.weight);
    }

    /** A band of a colour, if there is one. */
    public static Paint band(Optional<Colour> colour) {
        return colour.isEmpty() ? BAND : new Paint(colour, BAND.line, BAND.weight);
    }
}
