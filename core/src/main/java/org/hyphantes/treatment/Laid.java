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
 * @param area what it bounds together with other lines: those of its figure, where that has several, or of an area that was combined
 * @param filled the rule by which those lines enclose an area, where that is filled
 */
public record Laid(
        StrandKey key,
        Path path,
        Point seat,
        Optional<BandStyle> band,
        Optional<Fill> colour,
        Optional<StrandKey> area,
        Optional<FillRule> filled) {
    /** A line that is drawn and no more. */
    public Laid(StrandKey key, Path path, Point seat, Optional<Fill> colour) {
        this(key, path, seat, Optional.empty(), colour, Optional.empty(), Optional.empty());
    }

    Laid mapped(Affine map, StrandKey as) {
        return new Laid(as, path.map(map), map.of(seat), band, colour, areaAs(as), filled);
    }

    /** What the copies and images of this that are called so bound together with those of the others. */
    private Optional<StrandKey> areaAs(StrandKey as) {
        return area.map(whole -> {
            StrandKey there = whole;
            for (int i = key.parts().size(); i < as.parts().size(); i++) {
                there = there.part(as.parts().get(i));
            }
            for (int i = key.copies().size(); i < as.copies().size(); i++) {
                there = there.copy(as.copies().get(i));
            }
            return there;
        });
    }

    /** Another line made of this one. */
    Laid along(Path other, StrandKey as) {
        return new Laid(as, other, seat, band, colour, areaAs(as), filled);
    }

    Laid coloured(Fill other) {
        return new Laid(key, path, seat, band, Optional.of(other), area, filled);
    }

    Laid banded(BandStyle style) {
        return new Laid(key, path, seat, Optional.of(style), colour, area, filled);
    }

    Laid seated(Point other) {
        return new Laid(key, path, other, band, colour, area, filled);
    }

    /** The same without its band. */
    Laid bare() {
        return new Laid(key, path, seat, Optional.empty(), colour, area, filled);
    }

    /** The same as a border of an area. */
    public Laid bounding(StrandKey whole) {
        return new Laid(key, path, seat, band, colour, Optional.of(whole), filled);
    }

    Laid filledBy(FillRule rule) {
        return new Laid(key, path, seat, band, colour, area, Optional.of(rule));
    }

    /** Whether it is seen as an area. */
    public boolean isArea() {
        return band.isPresent() || filled.isPresent();
    }
}
