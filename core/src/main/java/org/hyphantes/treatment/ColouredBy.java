package org.hyphantes.treatment;

/** What has one colour. */
public enum ColouredBy {
    STRAND,
    FIGURE
}
