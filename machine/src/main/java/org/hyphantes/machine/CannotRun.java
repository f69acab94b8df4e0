package org.hyphantes.machine;

/** That a file is none that the machine can run; its message says where and why. */
public final class CannotRun extends Exception {
    private static final long serialVersionUID = 1;

    public CannotRun(String message) {
        super(message);
    }
}
