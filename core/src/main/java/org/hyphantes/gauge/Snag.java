package org.hyphantes.gauge;

import java.util.Optional;
import org.hyphantes.design.Edit;
import org.hyphantes.geometry.Point;

/**
 * Something that is not as it should be: which gauge found it, how bad, where (empty for the whole), in what words, and the
 * one edit that mends it, with its words, where there is one.
 */
public record Snag(
        Gauge gauge, State state, Optional<Point> place, String words, String mendWords, Optional<Edit> mend) {
    static Snag of(Gauge gauge, State state, Point place, String words) {
        return new Snag(gauge, state, Optional.ofNullable(place), words, "", Optional.empty());
    }

    Snag mended(String by, Edit edit) {
        return new Snag(gauge, state, place, words, by, Optional.of(edit));
    }
}
