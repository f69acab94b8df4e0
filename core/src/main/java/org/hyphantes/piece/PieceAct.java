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
    KEEP,
    /** Their corners, or one of them, are round whatever the others are. */
    ROUND,
    /** Their corners, or one of them, stay as they are whatever the others are. */
    SQUARE,
    /** They are filled with a well by hand, whatever colours the others; with well 0 they have no fill. */
    FILL,
    /** All but the first of them have the whole look of the first, whatever that is. */
    LIKE;

    /** Whether it is about which pieces are there. */
    public boolean leavesOut() {
        return this == DROP || this == BACK || this == KEEP;
    }

    /** Whether it is done to each of its pieces by itself, so that it is done to those that are there. */
    public boolean isOfEach() {
        return this == KEEP || this == FILL;
    }

    /** Whether it is done to corners. */
    public boolean isOfCorners() {
        return this == ROUND || this == SQUARE;
    }
}
