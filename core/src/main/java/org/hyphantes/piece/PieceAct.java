package org.hyphantes.piece;

/** What is done with pieces. */
public enum PieceAct {
    /** They become one, each with the next. */
    JOIN,
    /** They are left out. */
    DROP,
    /** Dropped ones are there again. */
    BACK,
    /** All others are left out. */
    KEEP
}
