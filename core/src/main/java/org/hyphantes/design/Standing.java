package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;

/**
 * How a member of a group stands in it: as it is; locked against changes by the hand; hidden; or as a helper, which is seen while
 * setting out and can be referred to, and never reaches the result.
 */
public record Standing(boolean locked, boolean hidden, boolean helper) {
    public static final Standing PLAIN = new Standing(false, false, false);

    /** Whether it is part of the result. */
    public boolean counts() {
        return !hidden && !helper;
    }

    /** What sets it apart, in words: of "locked", "hidden" and "helper" those that hold. */
    public List<String> words() {
        List<String> words = new ArrayList<>();
        if (locked) {
            words.add("locked");
        }
        if (hidden) {
            words.add("hidden");
        }
        if (helper) {
            words.add("helper");
        }
        return words;
    }

    public Standing withLocked(boolean changed) {
        return new Standing(changed, hidden, helper);
    }

    public Standing withHidden(boolean changed) {
        return new Standing(locked, changed, helper);
    }

    public Standing withHelper(boolean changed) {
        return new Standing(locked, hidden, changed);
    }
}
