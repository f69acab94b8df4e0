package org.hyphantes.design;

import org.hyphantes.figure.Form;

/** A named figure of a design. */
public record Figure(String id, String name, Form form) implements Member {
    public Figure withForm(Form changed) {
        return new Figure(id, name, changed);
    }
}
