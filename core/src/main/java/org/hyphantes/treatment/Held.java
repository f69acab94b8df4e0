package org.hyphantes.treatment;

/** What of a figure is laid on its place: the point it is seated by, or its foot, the middle of its lower edge. */
public enum Held {
    BY_THE_MIDDLE,
    BY_THE_FOOT
}
