package org.hyphantes.treatment;

import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.paint.Fill;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.StrandKey;

/**
 * A line laid on the page: what it is, its exact path, the point its figure is seated by, its band once it has one, its colour if any.
 *
 * @param filled the rule by which it and the other lines of its figure enclose an area, where that is filled
 */
public record Laid(
        StrandKey key,
        Path path,
        Point seat,
        Optional<BandStyle> band,
        Optional<Fill> colour,
        Optional<FillRule> filled) {
    /** A line that is drawn and no more. */
    public Laid(StrandKey key, Path path, Point seat, Optional<Fill> colour) {
        this(key, path, seat, Optional.empty(), colour, Optional.empty());
    }

    Laid mapped(Affine map, StrandKey as) {
        return new Laid(as, path.map(map), map.of(seat), band, colour, filled);
    }

    /** Another line made of this one. */
    Laid along(Path other, StrandKey as) {
        return new Laid(as, other, seat, band, colour, filled);
    }

    Laid coloured(Fill other) {
        return new Laid(key, path, seat, band, Optional.of(other), filled);
    }

    Laid banded(BandStyle style) {
        return new Laid(key, path, seat, Optional.of(style), colour, filled);
    }

    /** The same without its band. */
    Laid bare() {
        return new Laid(key, path, seat, Optional.empty(), colour, filled);
    }

    Laid filledBy(FillRule rule) {
        return new Laid(key, path, seat, band, colour, Optional.of(rule));
    }

    /** Whether it is seen as an area. */
    public boolean isArea() {
        return band.isPresent() || filled.isPresent();
    }
}
