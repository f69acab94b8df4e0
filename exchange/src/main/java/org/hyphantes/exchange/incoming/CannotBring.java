package org.hyphantes.exchange.incoming;

/** That a file cannot be brought in; its message says why and what to do. */
public final class CannotBring extends Exception {
    private static final long serialVersionUID = 1;

    public CannotBring(String message) {
        super(message);
    }
}
