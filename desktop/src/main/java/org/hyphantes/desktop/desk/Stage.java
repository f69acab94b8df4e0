package org.hyphantes.desktop.desk;

import javafx.scene.input.KeyCode;

/** The pictures of a design. Those not yet in this version can be named, but not opened. */
public enum Stage {
    SET_OUT("Set out", KeyCode.F2, true),
    WEAVE("Weave", KeyCode.F3, true),
    PIECES("Pieces", KeyCode.F4, false),
    REPEAT("Repeat", KeyCode.F5, false),
    HAND_OVER("Hand over", KeyCode.F6, false);

    private final String title;
    private final KeyCode key;
    private final boolean here;

    Stage(String title, KeyCode key, boolean here) {
        this.title = title;
        this.key = key;
        this.here = here;
    }

    public String title() {
        return title;
    }

    public KeyCode key() {
        return key;
    }

    /** Whether this version has the stage. */
    public boolean isHere() {
        return here;
    }
}
