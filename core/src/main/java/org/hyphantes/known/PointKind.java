package org.hyphantes.known;

import java.util.Locale;

/** The kinds of known points, those that matter most first; each can be switched off. */
public enum PointKind {
    CENTRES,
    CORNERS,
    ENDS,
    CROSSINGS,
    QUARTERS,
    MIDDLES,
    NET,
    EDGE;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
