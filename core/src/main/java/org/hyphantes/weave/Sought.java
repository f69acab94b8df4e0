package org.hyphantes.weave;

import java.util.List;

/**
 * Which courses of a projection are asked for: those of its first strands, of each along one stretch of it. All others only lie over and under
 * them.
 */
record Sought(List<Reaches.Stretch> stretches) {
    private static final Reaches.Stretch ALL = new Reaches.Stretch(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

    static Sought all(List<Strand> strands) {
        return new Sought(strands.stream().map(s -> ALL).toList());
    }

    int strands() {
        return stretches.size();
    }

    /** Whether something from so many mm along a strand to so many is asked for. */
    boolean has(int strand, double from, double to) {
        return strand < strands()
                && to >= stretches.get(strand).from()
                && from <= stretches.get(strand).to();
    }
}
