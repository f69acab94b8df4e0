package org.hyphantes.setting;

/** A setting could not be read from what was typed or stored; the message says what is wrong and what would do. */
public final class CannotRead extends Exception {
    private static final long serialVersionUID = 1L;

    private final String place;

    public CannotRead(String message) {
        this("", message);
    }

    /** @param place where it stands within what was read, as a JSON Pointer (RFC 6901) */
    public CannotRead(String place, String message) {
        super(Quoted.message(message));
        this.place = place;
    }

    /** Where it stands within what was read, as a JSON Pointer; empty for the whole. */
    public String place() {
        return place;
    }
}
