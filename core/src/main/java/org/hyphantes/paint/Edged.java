package org.hyphantes.paint;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A fill with an edge of its own about it.
 *
 * @param inner empty where nobody has coloured the part yet
 * @param edge empty for none
 */
public record Edged(Optional<Fill> inner, Optional<Edge> edge) implements Fill {
    /** A fill with the edge and the finish of what was there before, if that had them. */
    public static Fill as(Optional<Fill> before, Fill fill) {
        if (before.orElse(null) instanceof Finished finished) {
            return new Finished(Optional.of(as(finished.inner(), fill)), finished.finish());
        }
        return before.orElse(null) instanceof Edged edged ? new Edged(Optional.of(fill), edged.edge) : fill;
    }

    /** A fill without its edge and what is done to the outline. */
    public static Optional<Fill> inner(Optional<Fill> fill) {
        if (fill.orElse(null) instanceof Finished finished) {
            return inner(finished.inner());
        }
        return fill.orElse(null) instanceof Edged edged ? edged.inner() : fill;
    }

    @Override
    public Colour colour() {
        return inner.map(Fill::colour).or(() -> edge.map(Edge::colour)).orElse(Paint.INK);
    }

    @Override
    public Edged map(UnaryOperator<Colour> change) {
        return new Edged(
                inner.map(f -> f.map(change)),
                edge.map(e -> new Edge(change.apply(e.colour()), e.weight(), e.dashes(), e.side())));
    }

    @Override
    public Edged laid(Path part, Point middle, Box whole) {
        return new Edged(inner.map(f -> f.laid(part, middle, whole)), edge);
    }

    @Override
    public boolean isByHand() {
        return inner.filter(Fill::isByHand).isPresent();
    }

    @Override
    public Optional<Fill> within() {
        return inner.flatMap(Fill::within);
    }
}
