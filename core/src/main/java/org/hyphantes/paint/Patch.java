package org.hyphantes.paint;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Region;

/** A part of an area with a fill of its own: {@link Flat} or a {@link Ramp}. */
public record Patch(Region region, Fill fill) {
    /** The same carried by a similarity. */
    public Patch map(Affine map) {
        return new Patch(region.map(map), fill instanceof Ramp ramp ? ramp.map(map) : fill);
    }
}
