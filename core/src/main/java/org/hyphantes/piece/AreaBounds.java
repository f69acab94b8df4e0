package org.hyphantes.piece;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.weave.StrandKey;

/**
 * An area that divides and stays an area: a band.
 *
 * @param woven whether it is part of a finished weave, whose courses are pieces already, so that only what lies between is divided
 */
public record AreaBounds(StrandKey key, String role, List<Path> borders, boolean woven) {
    public AreaBounds {
        borders = List.copyOf(borders);
    }
}
