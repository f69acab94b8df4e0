package org.hyphantes.treatment;

/** How the cells of a repeat lie to one another. */
public enum Setoff {
    STRAIGHT,
    /** Each row is set off from the one above. */
    BRICK,
    /** Each column is set off from the one before. */
    DROP
}
