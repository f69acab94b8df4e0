package org.hyphantes.desktop.stage;

/** Where a stage stands in the window while it is not in the field. */
public enum Home {
    NORTH_WEST,
    NORTH_EAST,
    SOUTH_WEST,
    SOUTH_EAST,
    /** The clasp on the fore-edge, which has a card of its own. */
    CLASP;

    public boolean isRight() {
        return this == NORTH_EAST || this == SOUTH_EAST;
    }

    public boolean isLower() {
        return this == SOUTH_WEST || this == SOUTH_EAST;
    }
}
