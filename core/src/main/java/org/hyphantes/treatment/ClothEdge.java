package org.hyphantes.treatment;

/** What becomes of what crosses the edge of a cloth: cut off, so that the next cloth goes on where this one ends, or left whole. */
public enum ClothEdge {
    CUT_OFF,
    WHOLE
}
