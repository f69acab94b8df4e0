package org.hyphantes.treatment;

/** The line from a line to what is laid beside it: none, a straight one, or one that leaves the line as the line runs. */
public enum Stem {
    WITHOUT,
    STRAIGHT,
    CURVED
}
