package org.hyphantes.paint;

/**
 * A colour at a place along a gradient.
 *
 * @param at from 0, where it begins, to 1, where it ends
 */
public record Stop(double at, Colour colour) {
    public Stop {
        if (!(at >= 0 && at <= 1)) {
            throw new IllegalArgumentException("a stop lies between 0 and 1, not at " + at);
        }
    }
}
