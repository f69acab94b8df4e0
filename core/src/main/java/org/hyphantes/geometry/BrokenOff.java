package org.hyphantes.geometry;

/**
 * Thrown by a {@link Watch} to break off what it watches. It is no {@link IllegalStateException}, as the platform's own exception for
 * cancelling is: what catches those, to leave out a step that cannot be done, must not take being broken off for that.
 */
public final class BrokenOff extends RuntimeException {
    private static final long serialVersionUID = 1;

    public BrokenOff() {
        super("broken off", null, false, false);
    }
}
