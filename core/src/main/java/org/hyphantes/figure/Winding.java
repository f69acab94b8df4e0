package org.hyphantes.figure;

/** Which way round a spiral goes outward, as seen on the page. */
public enum Winding {
    CLOCKWISE,
    COUNTERCLOCKWISE
}
