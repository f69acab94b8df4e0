package org.hyphantes.treatment;

/** Whether a line is laid where something was cut off. */
public enum CutEdge {
    LINED,
    BARE
}
