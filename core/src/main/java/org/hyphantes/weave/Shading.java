package org.hyphantes.weave;

/** How dark a strand grows where it dives under another. */
public enum Shading {
    NONE(0),
    LIGHT(0.35),
    DEEP(0.65);

    private final double opacity;

    Shading(double opacity) {
        this.opacity = opacity;
    }

    /** How much of the ink covers the strand where it is cut, from 0 to 1. */
    public double opacity() {
        return opacity;
    }
}
