package org.hyphantes.exchange.format;

/** What a format can carry of a scene. */
public enum Carries {
    /** Circular arcs as arcs. */
    ARCS,
    /** Cubics as cubics. */
    CUBICS,
    /** The fills of areas. */
    FILLS,
    /** Ink that fades where a strand dives. */
    SHADES,
    /** The weight of lines. */
    WEIGHTS,
    /** Marks in named groups. */
    NAMES,
    /** A tile as a pattern that fills a cloth. */
    PATTERNS,
    /** The passes of a machine, each by itself. */
    PASSES
}
