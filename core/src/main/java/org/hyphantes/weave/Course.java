package org.hyphantes.weave;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/**
 * The stretch of a strand's band from one under-pass to the next: one closed outline of exact curves. Only a strand that is
 * nowhere under has a hole in it, being a whole ring.
 *
 * @param strand the index of the strand
 * @param ordinal which course of its strand this is, from the strand's start
 * @param from the position on the strand's path of the under-pass it comes from (its start for an open strand)
 * @param to the position of the under-pass it runs to
 * @param sides the two edges of the band that run along the strand, without the cuts across it
 * @param lines the lines within the band
 * @param dives its ends that lie under another band
 */
public record Course(
        int strand,
        int ordinal,
        double from,
        double to,
        Region region,
        List<Path> sides,
        List<Path> lines,
        List<Dive> dives) {
    public Course {
        sides = List.copyOf(sides);
        lines = List.copyOf(lines);
        dives = List.copyOf(dives);
    }
}
