package org.hyphantes.treatment;

/** What has one colour. */
public enum ColouredBy {
    STRAND,
    FIGURE,
    /** The copies that turns, rows and what lies between made of each figure; pieces keep what they have. */
    COPY,
    /** The pieces of each ring; lines by their figure. */
    RING,
    /** Every second piece; lines by their figure. */
    CHEQUER,
    /** What lies inside the closed lines of the figures, and what lies outside them. */
    SIDE,
    /** The grounds between bands, by their rings; all else keeps what it has. */
    GROUND
}
