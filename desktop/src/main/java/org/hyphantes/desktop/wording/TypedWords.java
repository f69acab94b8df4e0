package org.hyphantes.desktop.wording;

import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.CannotRead;

/** Words of one sort that can be typed; what stands behind one and cannot be read is warned of, and changes nothing. */
abstract class TypedWords {
    final Desk desk;

    TypedWords(Desk desk) {
        this.desk = desk;
    }

    /** Does a word with what was typed behind it. */
    boolean run(String word, String rest) {
        try {
            act(word, rest.strip());
            return true;
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
            return false;
        }
    }

    abstract void act(String word, String rest) throws CannotRead;
}
