package org.hyphantes.exchange.format;

/** That a design cannot go out as it is asked for; its message says why and what to do. */
public final class CannotHandOver extends Exception {
    private static final long serialVersionUID = 1;

    public CannotHandOver(String message) {
        super(message);
    }
}
