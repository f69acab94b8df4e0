package org.hyphantes.design;

import java.util.Optional;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Quoted;

/**
 * A named figure of a design.
 *
 * @param was what it was before it was reshaped as a path, to go back to
 * @param colour the colour of its lines and bands, if it has one of its own
 */
public record Figure(String id, String name, Form form, Standing standing, Optional<Form> was, Optional<Colour> colour)
        implements Member {
    public Figure {
        name = Quoted.name(name);
    }

    public Figure(String id, String name, Form form) {
        this(id, name, form, Standing.PLAIN, Optional.empty(), Optional.empty());
    }

    public Figure withForm(Form changed) {
        return new Figure(id, name, changed, standing, was, colour);
    }

    /** This figure as a path that remembers what it was. */
    public Figure reshaped(Form path) {
        return new Figure(id, name, path, standing, Optional.of(was.orElse(form)), colour);
    }

    /** This figure as it was before it was reshaped. */
    public Figure asItWas() {
        return was.map(f -> new Figure(id, name, f, standing, Optional.empty(), colour))
                .orElse(this);
    }

    @Override
    public Figure named(String changed) {
        return new Figure(id, changed, form, standing, was, colour);
    }

    @Override
    public Figure standing(Standing changed) {
        return new Figure(id, name, form, changed, was, colour);
    }

    public Figure withId(String changed) {
        return new Figure(changed, name, form, standing, was, colour);
    }

    public Figure coloured(Optional<Colour> changed) {
        return new Figure(id, name, form, standing, was, changed);
    }

    /** This figure carried by a similarity, with what it was. */
    public Figure carried(Affine map) {
        return new Figure(id, name, form.carried(map), standing, was.map(w -> w.carried(map)), colour);
    }
}
