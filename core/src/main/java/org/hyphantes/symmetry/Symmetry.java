package org.hyphantes.symmetry;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/**
 * The maps that carry a design to itself: turns about a centre, a mirror line, and the maps from each copy of a row, or place of a pattern, to the others.
 *
 * @param mirror the reflection in one of its mirror lines; the turns make the others of it
 * @param bent the frieze that it is along a line, where what carries it to itself is another map at each place
 */
public record Symmetry(
        Optional<Turning> turning, Optional<Affine> mirror, List<Affine> repeats, Optional<BentFrieze> bent) {
    public static final Symmetry NONE = new Symmetry(Optional.empty(), Optional.empty(), List.of());

    public Symmetry {
        repeats = List.copyOf(repeats);
    }

    public Symmetry(Optional<Turning> turning, Optional<Affine> mirror, List<Affine> repeats) {
        this(turning, mirror, repeats, Optional.empty());
    }

    /** That of a frieze along a line. */
    public static Symmetry of(BentFrieze frieze) {
        return new Symmetry(Optional.empty(), Optional.empty(), List.of(), Optional.of(frieze));
    }

    /** The maps that carry what lies about a place to where it is repeated. */
    public List<Affine> repeatsAbout(Point place) {
        return bent.map(b -> b.about(place)).orElse(repeats);
    }

    /** The turns that carry the design to itself, those of a frieze round a ring among them. */
    public Optional<Turning> turns() {
        return turning.or(() -> bent.flatMap(BentFrieze::turning));
    }

    public static Symmetry of(Turning turning) {
        return new Symmetry(Optional.of(turning), Optional.empty(), List.of());
    }
}
