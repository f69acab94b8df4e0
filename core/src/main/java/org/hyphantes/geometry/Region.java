package org.hyphantes.geometry;

import java.util.List;

/**
 * A connected area: one closed outline less its holes. The ways round do not matter; areas are square millimetres.
 *
 * @throws IllegalArgumentException if an outline is open
 */
public record Region(Path outline, List<Path> holes) {
    public Region {
        holes = List.copyOf(holes);
        if (!outline.closed() || holes.stream().anyMatch(h -> !h.closed())) {
            throw new IllegalArgumentException("a region is bounded by closed paths only");
        }
    }

    public static Region of(Path outline) {
        return new Region(outline, List.of());
    }

    public double area() {
        return Math.abs(outline.signedArea())
                - holes.stream().mapToDouble(h -> Math.abs(h.signedArea())).sum();
    }

    public Region map(Affine map) {
        return new Region(outline.map(map), holes.stream().map(h -> h.map(map)).toList());
    }
}
