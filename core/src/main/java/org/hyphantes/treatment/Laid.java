package org.hyphantes.treatment;

import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Fill;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.StrandKey;

/** A line laid on the page: what it is, its exact path, the point its figure is seated by, its band once it has one, its colour if any. */
public record Laid(StrandKey key, Path path, Point seat, Optional<BandStyle> band, Optional<Fill> colour) {
    Laid mapped(Affine map, StrandKey as) {
        return new Laid(as, path.map(map), map.of(seat), band, colour);
    }

    /** Another line made of this one. */
    Laid along(Path other, StrandKey as) {
        return new Laid(as, other, seat, band, colour);
    }

    Laid coloured(Fill other) {
        return new Laid(key, path, seat, band, Optional.of(other));
    }

    Laid banded(BandStyle style) {
        return new Laid(key, path, seat, Optional.of(style), colour);
    }
}
