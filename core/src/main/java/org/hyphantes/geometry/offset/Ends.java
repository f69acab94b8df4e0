package org.hyphantes.geometry.offset;

/** How a band of an open path ends: cut flush, with a half circle, or with a point half the width out. */
public enum Ends {
    SQUARE,
    ROUND,
    POINTED
}
