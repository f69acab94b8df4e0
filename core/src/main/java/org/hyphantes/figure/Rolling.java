package org.hyphantes.figure;

/** On which side of the fixed circle another rolls. */
public enum Rolling {
    INSIDE,
    OUTSIDE
}
