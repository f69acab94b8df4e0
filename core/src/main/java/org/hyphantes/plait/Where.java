package org.hyphantes.plait;

/** Where across a plait the breaks of a rule stand. */
public enum Where {
    IN_THE_MIDDLE,
    AT_BOTH_SIDES
}
