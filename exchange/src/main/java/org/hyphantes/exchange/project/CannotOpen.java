package org.hyphantes.exchange.project;

/** A file could not be opened as a design; the message names the place in it and says what is wrong there. */
public final class CannotOpen extends Exception {
    private static final long serialVersionUID = 1L;

    public CannotOpen(String message) {
        super(message);
    }

    CannotOpen(String message, Throwable cause) {
        super(message, cause);
    }
}
