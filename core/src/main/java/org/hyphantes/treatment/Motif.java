package org.hyphantes.treatment;

/** What of a drawing is repeated: all of it, or what lies in the share of one cell, from which all else follows. */
public enum Motif {
    AS_DRAWN,
    CUT_TO_ITS_SHARE
}
