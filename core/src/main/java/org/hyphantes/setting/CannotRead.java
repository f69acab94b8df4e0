package org.hyphantes.setting;

/** A setting could not be read from what was typed or stored; the message says what is wrong and what would do. */
public final class CannotRead extends Exception {
    private static final long serialVersionUID = 1L;

    public CannotRead(String message) {
        super(message);
    }
}
