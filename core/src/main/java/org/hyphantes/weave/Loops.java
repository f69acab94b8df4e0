package org.hyphantes.weave;

/** What becomes of closed strands that cross nothing, such as breaks leave over. */
public enum Loops {
    KEPT,
    DROPPED
}
