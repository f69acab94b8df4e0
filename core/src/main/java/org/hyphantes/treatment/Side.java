package org.hyphantes.treatment;

/** On which side of a line parallels are laid: of a closed one outside or inside it, of an open one right or left of its way. */
public enum Side {
    OUTWARD,
    INWARD,
    BOTH_WAYS
}
