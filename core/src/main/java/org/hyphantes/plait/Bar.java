package org.hyphantes.plait;

/** How a crossing of a plait is broken: the strands turn back along a bar that lies level, or one that stands upright. */
public enum Bar {
    LEVEL,
    UPRIGHT
}
