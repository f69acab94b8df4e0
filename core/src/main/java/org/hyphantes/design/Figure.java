package org.hyphantes.design;

import java.util.Optional;
import org.hyphantes.figure.Form;

/**
 * A named figure of a design.
 *
 * @param was what it was before it was reshaped as a path, to go back to
 */
public record Figure(String id, String name, Form form, Standing standing, Optional<Form> was) implements Member {
    public Figure(String id, String name, Form form) {
        this(id, name, form, Standing.PLAIN, Optional.empty());
    }

    public Figure withForm(Form changed) {
        return new Figure(id, name, changed, standing, was);
    }

    /** This figure as a path that remembers what it was. */
    public Figure reshaped(Form path) {
        return new Figure(id, name, path, standing, Optional.of(was.orElse(form)));
    }

    /** This figure as it was before it was reshaped. */
    public Figure asItWas() {
        return was.map(f -> new Figure(id, name, f, standing, Optional.empty())).orElse(this);
    }

    @Override
    public Figure named(String changed) {
        return new Figure(id, changed, form, standing, was);
    }

    @Override
    public Figure standing(Standing changed) {
        return new Figure(id, name, form, changed, was);
    }

    public Figure withId(String changed) {
        return new Figure(changed, name, form, standing, was);
    }
}
