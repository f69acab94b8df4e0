package org.hyphantes.weave;

/** How over and under follow on one another along every strand. */
public enum Rhythm {
    /** Over, under, over, under. */
    ALTERNATELY(1),
    /** Over, over, under, under. */
    IN_PAIRS(2),
    /** As set crossing by crossing; until then an earlier strand lies over a later one. */
    BY_HAND(0);

    private final int step;

    Rhythm(int step) {
        this.step = step;
    }

    /** After how many passages along a strand the opposite comes; 0 when nothing is asked. */
    int step() {
        return step;
    }
}
