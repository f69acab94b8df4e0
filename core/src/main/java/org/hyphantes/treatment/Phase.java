package org.hyphantes.treatment;

/**
 * When in a recipe a treatment usually comes: each phase takes what those before it have made. What is set out are the lines of the
 * steps up to the first that makes strands, bands or a weave of them.
 */
public enum Phase {
    /** Lines are laid, repeated and shaped. */
    SETTING_OUT,
    /** What is set out is laid over a cloth. */
    REPEAT,
    /** Lines become the strands of a knot or a plait. */
    STRANDS,
    /** Lines become bands. */
    BANDS,
    /** Bands are woven. */
    WEAVE,
    /** What is enclosed becomes pieces. */
    PIECES,
    /** What is there is coloured. */
    COLOUR;

    /** Whether what a step of this phase makes is set out no more. */
    public boolean endsSettingOut() {
        return this == STRANDS || this == BANDS || this == WEAVE || this == PIECES;
    }

    /** Whether a step of this phase needs lines that are not woven yet. */
    public boolean takesLines() {
        return this == STRANDS || this == BANDS;
    }
}
