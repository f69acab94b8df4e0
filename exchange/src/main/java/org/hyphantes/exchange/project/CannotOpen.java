package org.hyphantes.exchange.project;

import java.util.Optional;
import org.hyphantes.setting.Quoted;

/** A file could not be opened as a design; the message names the place in it and says what is wrong there. */
public final class CannotOpen extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Rescue rescue;

    public CannotOpen(String message) {
        this(message, null, null);
    }

    CannotOpen(String message, Throwable cause) {
        this(message, null, cause);
    }

    CannotOpen(String message, Rescue rescue, Throwable cause) {
        super(Quoted.message(message), cause);
        this.rescue = rescue;
    }

    /** What can be read of it all the same; empty when nothing can. */
    public Optional<Rescue> rescue() {
        return Optional.ofNullable(rescue);
    }
}
