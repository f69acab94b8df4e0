package org.hyphantes.desktop.act;

import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Expression;

/** Naming sizes: {@code seat = 62} makes a measure, or changes it and all that use it. */
public final class Measures {
    private Measures() {}

    /** Sets a measure; words that cannot be read change nothing and are said. */
    public static boolean set(Desk desk, String name, String text) {
        try {
            Design changed = with(desk.design(), name, text);
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
            Design measured = with(desk.design(), name, text);
            Design referring = subject.set(measured, key, name).value();
            desk.edit(new Edit(name + " is now a measure: " + text.strip() + ".", d -> referring));
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
        }
    }

    private static Design with(Design design, String name, String text) throws CannotRead {
        if (!name.matches("[a-z][a-z0-9_]*") || name.matches("was|pi|sqrt|sin|cos|tan|mm|cm|in|pt|px|deg|turn")) {
            throw new CannotRead(
                    "\"" + name + "\" cannot name a measure: use small letters and digits, and no word that means"
                            + " something already.");
        }
        double was = design.measures().getOrDefault(name, Amount.of(0)).value();
        Amount amount = Expression.length(text, design.scope(), was);
        return design.withMeasure(name, amount);
    }
}
