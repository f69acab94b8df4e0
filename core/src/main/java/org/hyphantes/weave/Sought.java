package org.hyphantes.weave;

import java.util.List;

/**
 * Which courses of a projection are asked for: those of its first strands, of each along one stretch of it. All others only lie over and under
 * them.
 *
 * @param laps of each of these strands the stretch (mm) in which the courses begin that count; those before and after it are others of the same, a lap away
 */
record Sought(List<Reaches.Stretch> stretches, List<Reaches.Stretch> laps) {
    private static final Reaches.Stretch ALL = new Reaches.Stretch(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

    static Sought all(List<Strand> strands) {
        List<Reaches.Stretch> all = strands.stream().map(s -> ALL).toList();
        return new Sought(all, all);
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

    /** Whether what begins so many mm along a strand does so within its lap, 0, before it, -1, or after it, 1. */
    int lap(int strand, double from) {
        Reaches.Stretch lap = strand < strands() ? laps.get(strand) : ALL;
        return from < lap.from() ? -1 : from < lap.to() ? 0 : 1;
    }
}
