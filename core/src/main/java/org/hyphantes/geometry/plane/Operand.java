package org.hyphantes.geometry.plane;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/**
 * What is given to a boolean as one area: closed paths, which may cross one another and themselves, and the rule by which
 * they enclose it.
 *
 * @throws IllegalArgumentException if a path is open
 */
public record Operand(List<Path> paths, FillRule rule) {
    public Operand {
        paths = List.copyOf(paths);
        if (paths.stream().anyMatch(p -> !p.closed())) {
            throw new IllegalArgumentException("an open path encloses no area; join its ends first");
        }
    }

    public static Operand of(Region region) {
        return new Operand(region.borders(), FillRule.EVEN_ODD);
    }

    /** Regions that do not overlap, as one area. */
    public static Operand all(List<Region> regions) {
        return new Operand(regions.stream().flatMap(r -> r.borders().stream()).toList(), FillRule.EVEN_ODD);
    }
}
