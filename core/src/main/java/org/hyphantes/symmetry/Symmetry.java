package org.hyphantes.symmetry;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;

/**
 * The maps that carry a design to itself: turns about a centre, a mirror line, and the maps from each copy of a row, or place of a pattern, to the others.
 *
 * @param mirror the reflection in one of its mirror lines; the turns make the others of it
 */
public record Symmetry(Optional<Turning> turning, Optional<Affine> mirror, List<Affine> repeats) {
    public static final Symmetry NONE = new Symmetry(Optional.empty(), Optional.empty(), List.of());

    public Symmetry {
        repeats = List.copyOf(repeats);
    }

    public static Symmetry of(Turning turning) {
        return new Symmetry(Optional.of(turning), Optional.empty(), List.of());
    }
}
