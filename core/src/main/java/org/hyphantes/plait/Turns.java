package org.hyphantes.plait;

/** How strands turn at the edge of a plait and at its breaks. */
public enum Turns {
    ROUNDED,
    POINTED
}
