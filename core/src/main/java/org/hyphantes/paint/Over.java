package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Lines, dots, chips or a pattern over what lies behind.
 *
 * @param under empty where nobody has coloured the part yet
 */
public record Over(Optional<Fill> under, Fill texture) implements Fill {
    /** What lies over a fill, from the back to the front. */
    public static List<Fill> textures(Optional<Fill> fill) {
        List<Fill> textures = new ArrayList<>();
        Optional<Fill> rest = fill;
        while (rest.isPresent()) {
            Fill here = rest.get();
            if (here instanceof Over over) {
                textures.add(0, over.texture());
                rest = over.under();
            } else if (here instanceof Edged edged) {
                rest = edged.inner();
            } else if (here instanceof Finished finished) {
                rest = finished.inner();
            } else {
                rest = here instanceof ByHand hand ? Optional.of(hand.inner()) : Optional.empty();
            }
        }
        return textures;
    }

    @Override
    public Colour colour() {
        return texture.colour();
    }

    @Override
    public Over map(UnaryOperator<Colour> change) {
        return new Over(under.map(f -> f.map(change)), texture.map(change));
    }

    @Override
    public Over laid(Path part, Point middle, Box whole) {
        return new Over(under.map(f -> f.laid(part, middle, whole)), texture);
    }

    @Override
    public boolean isByHand() {
        return under.filter(Fill::isByHand).isPresent();
    }

    @Override
    public Optional<Fill> within() {
        return under.flatMap(Fill::within);
    }
}
