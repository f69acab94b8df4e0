package org.hyphantes.treatment;

/** Where along a line a taper has its second width. */
public enum Swelling {
    AT_THE_END,
    AT_THE_START,
    IN_THE_MIDDLE,
    AT_BOTH_ENDS
}
