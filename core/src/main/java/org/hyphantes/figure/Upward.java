package org.hyphantes.figure;

/** What of a polygon points away from the centre it is seated by, or to the top when it is seated on it. */
public enum Upward {
    CORNER,
    SIDE
}
