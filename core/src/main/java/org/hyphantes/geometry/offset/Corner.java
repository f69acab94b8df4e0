package org.hyphantes.geometry.offset;

/** What a parallel does on the outer side of a corner. */
public enum Corner {
    /** Both sides run on along their lines or circles till they meet; a corner too long for its limit is bevelled. */
    MITRED,
    /** An arc about the corner. */
    ROUND,
    /** Straight across. */
    BEVELLED
}
