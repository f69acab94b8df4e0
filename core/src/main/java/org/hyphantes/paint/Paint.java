package org.hyphantes.paint;

import java.util.Optional;

/**
 * How a mark is painted: its fill and its line, either of which may be none, and the line's weight in millimetres.
 *
 * @param isPlain whether nobody gave it a colour, so that a look may tint it
 */
public record Paint(Optional<Colour> fill, Optional<Colour> line, double weight, boolean isPlain) {
    /** The colour of lines that have none of their own. */
    public static final Colour INK = new Colour("#1A2523");

    private static final Colour BONE = new Colour("#EDE6D6");

    /** A bare line, before anything is banded. */
    public static final Paint BARE_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.35, true);

    /** A band until a colouring says otherwise. */
    public static final Paint BAND = new Paint(Optional.of(BONE), Optional.of(INK), 0.35, true);

    /** A line within a band. */
    public static final Paint INNER_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.25, true);

    /** A bare line of a colour, if there is one. */
    public static Paint line(Optional<Colour> colour) {
        return colour.isEmpty() ? BARE_LINE : new Paint(Optional.empty(), colour, BARE_LINE.weight, false);
    }

    /** A band of a colour, if there is one. */
    public static Paint band(Optional<Colour> colour) {
        return colour.isEmpty() ? BAND : new Paint(colour, BAND.line, BAND.weight, false);
    }

    /** A ground between bands: of a colour, if there is one, or left bare; it has no line of its own. */
    public static Paint ground(Optional<Colour> colour) {
        return new Paint(colour, Optional.empty(), 0, false);
    }

    /** The same with another fill; null for none. */
    public Paint filled(Colour other) {
        return new Paint(Optional.ofNullable(other), line, weight, isPlain);
    }

    /** The same with another line, of a weight in millimetres. */
    public Paint lined(Colour other, double millimetres) {
        return new Paint(fill, Optional.of(other), millimetres, isPlain);
    }
}
