package org.hyphantes.geometry.offset;

/** How a band of an open path ends. */
public enum Ends {
    /** Cut flush with the end of the path. */
    BUTT,
    /** With a half circle. */
    ROUND,
    /** Running on by half the width. */
    SQUARE,
    /** With a point half the width out. */
    POINTED
}
