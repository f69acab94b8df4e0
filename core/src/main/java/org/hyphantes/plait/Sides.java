package org.hyphantes.plait;

/** What strands do at the sides of a plait: turn back, or go on into the next tile. */
public enum Sides {
    CLOSED,
    OPEN
}
