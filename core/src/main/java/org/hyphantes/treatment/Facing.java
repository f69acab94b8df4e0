package org.hyphantes.treatment;

/** Whether turned copies face outward with their place or stay as drawn. */
public enum Facing {
    OUTWARD,
    AS_DRAWN
}
