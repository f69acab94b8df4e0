package org.hyphantes.geometry.plane;

import java.util.List;
import org.hyphantes.geometry.Region;

/**
 * A region made by a subdivision, and for each of its {@link Region#borders()} the stretches of the given paths that it runs
 * along, in order; so that what is made of it can be named by structure.
 */
public record Piece(Region region, List<List<Stretch>> sources) {
    public Piece {
        sources = sources.stream().map(List::copyOf).toList();
    }
}
