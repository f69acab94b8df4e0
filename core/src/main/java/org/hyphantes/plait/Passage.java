package org.hyphantes.plait;

/**
 * A strand at a spot of a plan: which way it comes there and which way it goes on, by a half cell.
 *
 * @param edge whether the plan ends there, rather than being broken
 */
record Passage(int column, int row, int across, int down, int acrossOn, int downOn, boolean edge) {
    boolean isCrossing() {
        return across == acrossOn && down == downOn;
    }

    /** Whether it turns back along a level bar or edge; of one that turns. */
    boolean isLevel() {
        return across == acrossOn;
    }
}
