package org.hyphantes.treatment;

/** Whether something stands on the spokes of a turning or half a step on, between them. */
public enum Spokes {
    ON,
    BETWEEN
}
