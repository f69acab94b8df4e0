package org.hyphantes.geometry.offset;

import java.util.List;

/**
 * How an offset is tried.
 *
 * @param turn what is resolved is turned about by so many degrees, for what the last digits decide
 * @param more so much further, as a share of the distance, far below what any cutter tells apart
 * @param fine parallels are fitted within this share of the tolerance, so that they are cut in other places
 * @param astray so many times as far as elsewhere borders beside folds may lie off
 */
record Way(double turn, double more, double fine, double astray) {
    /** One after another; the last is better than nothing. */
    static final List<Way> ALL = List.of(
            new Way(0, 0, 1, 1),
            new Way(21, 0, 1, 1),
            new Way(39, 0, 1, 1),
            new Way(0, 0, 0.1, 1),
            new Way(0, 1e-7, 1, 1),
            new Way(0, -1e-7, 1, 1),
            new Way(0, 7e-7, 1, 1),
            new Way(0, 0, 0.01, 1),
            new Way(0, 0, 1, 10));

    /** The same with finer fits. */
    Way finer() {
        return new Way(turn, more, 0.1 * fine, astray);
    }
}
