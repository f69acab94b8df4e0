package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A fill of a part whose outline is finished.
 *
 * @param inner empty where nobody has coloured the part yet
 */
public record Finished(Optional<Fill> inner, Finish finish) implements Fill {
    /** A fill without what is done to the outline. */
    public static Optional<Fill> bare(Optional<Fill> fill) {
        return fill.orElse(null) instanceof Finished finished ? bare(finished.inner()) : fill;
    }

    /** What is done to the outline, in order. */
    public static List<Finish> each(Optional<Fill> fill) {
        List<Finish> each = new ArrayList<>();
        Optional<Fill> rest = fill;
        while (rest.orElse(null) instanceof Finished finished) {
            each.add(0, finished.finish());
            rest = finished.inner();
        }
        return each;
    }

    @Override
    public Colour colour() {
        return inner.map(Fill::colour).orElse(Paint.INK);
    }

    @Override
    public Finished map(UnaryOperator<Colour> change) {
        return new Finished(inner.map(f -> f.map(change)), finish);
    }

    @Override
    public Finished laid(Path part, Point middle, Box whole) {
        return new Finished(inner.map(f -> f.laid(part, middle, whole)), finish);
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
