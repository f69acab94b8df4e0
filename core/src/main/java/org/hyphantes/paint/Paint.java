package org.hyphantes.paint;

import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * How a mark is painted: its fill and its line, either of which may be none, the line's weight in millimetres, and how it is dashed.
 *
 * @param isPlain whether nobody gave it a colour, so that a look may tint it
 */
public record Paint(Optional<Fill> fill, Optional<Colour> line, double weight, boolean isPlain, Dashes dashes) {
    /** With a whole line. */
    public Paint(Optional<Fill> fill, Optional<Colour> line, double weight, boolean isPlain) {
        this(fill, line, weight, isPlain, Dashes.NONE);
    }

    /** The colour of lines that have none of their own. */
    public static final Colour INK = new Colour("#1A2523");

    private static final Colour BONE = new Colour("#EDE6D6");

    /** A bare line, before anything is banded. */
    public static final Paint BARE_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.35, true);

    /** A band until a colouring says otherwise. */
    public static final Paint BAND = new Paint(Optional.of(new Flat(BONE)), Optional.of(INK), 0.35, true);

    /** A line within a band. */
    public static final Paint INNER_LINE = new Paint(Optional.empty(), Optional.of(INK), 0.25, true);

    /** A bare line of the colour of a fill, if there is one. */
    public static Paint line(Optional<Fill> given) {
        Optional<Fill> fill = Finished.bare(given);
        if (fill.orElse(null) instanceof Edged edged) {
            Paint own = line(edged.inner());
            return edged.edge().map(e -> own.edged(e).given()).orElse(own);
        }
        return seen(fill).isEmpty() && Over.textures(fill).isEmpty()
                ? BARE_LINE
                : new Paint(Optional.empty(), fill.map(Fill::colour), BARE_LINE.weight, false);
    }

    /** A band with a fill, if there is one. */
    public static Paint band(Optional<Fill> given) {
        Optional<Fill> fill = Finished.bare(given);
        if (fill.orElse(null) instanceof Edged edged) {
            Paint own = band(edged.inner());
            return edged.edge().map(own::edged).orElse(own.unlined());
        }
        return fill.isEmpty() ? BAND : new Paint(seen(fill), BAND.line, BAND.weight, false);
    }

    /** A ground between bands: with a fill, if there is one, or left bare; it has no line of its own. */
    public static Paint ground(Optional<Fill> given) {
        Optional<Fill> fill = Finished.bare(given);
        if (fill.orElse(null) instanceof Edged edged) {
            Paint own = ground(edged.inner());
            return edged.edge().map(own::edged).orElse(own);
        }
        return new Paint(seen(fill), Optional.empty(), 0, false);
    }

    /** A filled figure: with a fill, if there is one; it has no line of its own. */
    public static Paint area(Optional<Fill> given) {
        return Finished.bare(given).isEmpty() ? BAND.unlined() : ground(given);
    }

    private static Optional<Fill> seen(Optional<Fill> fill) {
        return fill.flatMap(Fill::within).filter(f -> !(f instanceof NoFill));
    }

    /** The same with its fill laid over an area; see {@link Fill#laid}. */
    public Paint laid(Path part, Point middle, Box whole) {
        return fill.map(f -> f.laid(part, middle, whole))
                .filter(f -> f != fill.get())
                .map(this::filled)
                .orElse(this);
    }

    /** The same with its fill, which has been laid, carried by a map with what it fills. */
    public Paint map(Affine map) {
        return map.equals(Affine.IDENTITY)
                ? this
                : fill.map(f -> filled(carried(f, map))).orElse(this);
    }

    private static Fill carried(Fill fill, Affine map) {
        if (fill instanceof Blended blended) {
            return new Blended(carried(blended.inner(), map), blended.opacity(), blended.mode());
        }
        return fill instanceof Ramp ramp ? ramp.map(map) : fill instanceof Patched patched ? patched.map(map) : fill;
    }

    /** Whether its line has a weight that somebody gave it, which then is the same on a screen as in a file. */
    public boolean isWeighted() {
        return weight > 0 && weight != BAND.weight && weight != INNER_LINE.weight;
    }

    private Paint given() {
        return new Paint(fill, line, weight, false, dashes);
    }

    /** The same without a line. */
    public Paint unlined() {
        return new Paint(fill, Optional.empty(), 0, isPlain);
    }

    /** The same with another fill; null for none. */
    public Paint filled(Fill other) {
        return new Paint(Optional.ofNullable(other), line, weight, isPlain, dashes);
    }

    /** The same with another line, of a weight in millimetres. */
    public Paint lined(Colour other, double millimetres) {
        return new Paint(fill, Optional.of(other), millimetres, isPlain, dashes);
    }

    /** The same with the line of an edge. */
    public Paint edged(Edge edge) {
        return new Paint(fill, Optional.of(edge.colour()), edge.weight(), isPlain, edge.dashes());
    }
}
