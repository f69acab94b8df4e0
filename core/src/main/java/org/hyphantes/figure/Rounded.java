package org.hyphantes.figure;

/** Which corners of a box are rounded, counted from the upper left clockwise. */
public enum Rounded {
    EVERY(0, 1, 2, 3),
    EACH_UPPER(0, 1),
    EACH_LOWER(2, 3),
    EACH_LEFT(0, 3),
    EACH_RIGHT(1, 2),
    UPPER_LEFT_AND_LOWER_RIGHT(0, 2),
    UPPER_RIGHT_AND_LOWER_LEFT(1, 3);

    private final int corners;

    Rounded(int... corners) {
        int set = 0;
        for (int corner : corners) {
            set |= 1 << corner;
        }
        this.corners = set;
    }

    boolean corner(int i) {
        return (corners >> i & 1) == 1;
    }
}
