package org.hyphantes.gauge;

import java.util.List;

/**
 * One thing that is measured on every design, always: it says how it stands in a few words, and flags what is not as it should be. A new
 * gauge is one file with one of these and its line in {@link Gauges#EACH}.
 */
public interface Gauge {
    /** The word by which files and snags know it. */
    String word();

    /** The longest of what it usually says, for which a rail keeps room. */
    String usual();

    /** Why it is measured, in one sentence. */
    String why();

    /** What it says of a design. */
    GaugeReading read(Examined examined);

    /** The snags that it finds by itself, besides those that examining the recipe and the weaves has found for it. */
    default List<Snag> snags(Examined examined) {
        return List.of();
    }

    default String title() {
        return Character.toUpperCase(word().charAt(0)) + word().substring(1);
    }

    /** Whether it stands on the rail only where it applies, and not always. */
    default boolean comesAndGoes() {
        return false;
    }
}
