package org.hyphantes.gauge;

import java.util.Locale;

/** The gauges of a design. */
public enum Gauge {
    STRANDS,
    CROSSINGS,
    EVENNESS,
    NARROWEST,
    TOUCHING;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String title() {
        return name().charAt(0) + word().substring(1);
    }
}
