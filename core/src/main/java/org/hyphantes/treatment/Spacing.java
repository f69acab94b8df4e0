package org.hyphantes.treatment;

/** How steps between two figures follow on one another. */
public enum Spacing {
    EVENLY,
    CLOSING_UP,
    OPENING_OUT;

    /** The share of the whole way at a share of the steps. */
    double share(double steps) {
        return switch (this) {
            case EVENLY -> steps;
            case CLOSING_UP -> 1 - (1 - steps) * (1 - steps);
            case OPENING_OUT -> steps * steps;
        };
    }
}
