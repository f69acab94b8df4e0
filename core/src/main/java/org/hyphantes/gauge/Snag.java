package org.hyphantes.gauge;

import java.util.Optional;
import org.hyphantes.geometry.Point;

/**
 * Something that is not as it should be: which gauge found it (by its word), how bad, where (empty for the whole), in what words, and
 * the one act that mends it, where there is one.
 */
public record Snag(String gauge, State state, Optional<Point> place, String words, Optional<Mend> mend) {
    static Snag of(String gauge, State state, Point place, String words) {
        return new Snag(gauge, state, Optional.ofNullable(place), words, Optional.empty());
    }

    Snag mended(Mend by) {
        return new Snag(gauge, state, place, words, Optional.of(by));
    }

    Snag mended(Optional<Mend> by) {
        return by.map(this::mended).orElse(this);
    }

    /** The words that offer its mend; empty without one. */
    public String offer() {
        return mend.map(Mend::offer).orElse("");
    }
}
