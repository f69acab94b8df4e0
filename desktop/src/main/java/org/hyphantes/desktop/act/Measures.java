package org.hyphantes.desktop.act;

import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.CannotRead;

/** Naming sizes: {@code seat = 62} makes a measure, or changes it and all that use it. */
public final class Measures {
    private Measures() {}

    /** Sets a measure; words that cannot be read change nothing and are said. */
    public static boolean set(Desk desk, String name, String text) {
        try {
            Design changed = desk.design().withMeasure(name, text);
            desk.edit(new Edit(name + " is now " + text.strip() + ".", d -> changed));
            return true;
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
            return false;
        }
    }

    /** Sets a measure and has a setting refer to it, in one step. */
    public static void name(Desk desk, Subject subject, String key, String name, String text) {
        try {
            Design measured = desk.design().withMeasure(name, text);
            Design referring = subject.set(measured, key, name).value();
            desk.edit(new Edit(name + " is now a measure: " + text.strip() + ".", d -> referring));
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
        }
    }
}
