package org.hyphantes.gauge;

import java.util.Locale;

/** How a gauge stands, from well to ill; and apart from these that there is nothing to measure, or that it is not done yet. */
public enum State {
    WHOLE,
    CHIPPED,
    BROKEN,
    DOES_NOT_APPLY,
    RESOLVING;

    /** The word for files and screen readers. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
