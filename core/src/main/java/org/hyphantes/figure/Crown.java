package org.hyphantes.figure;

/** Whether the crown of an arch is one arc or two that meet in a point. */
public enum Crown {
    ROUND,
    POINTED
}
