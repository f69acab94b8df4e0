package org.hyphantes.treatment;

/** That a step cannot be done to what stands before it; its message says why and what to do, in words that go on after a colon. */
public final class CannotLay extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    CannotLay(String message) {
        super(message);
    }
}
