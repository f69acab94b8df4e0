package org.hyphantes.figure;

/** How far a line runs: from one of its points to the other, or both ways on to the edge of the page. */
public enum Running {
    BETWEEN_THEM,
    TO_THE_EDGE
}
