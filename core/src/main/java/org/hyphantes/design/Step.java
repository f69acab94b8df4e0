package org.hyphantes.design;

import org.hyphantes.treatment.Treatment;

/** A treatment in a recipe; passed over when it works, under when it is switched off. */
public record Step(boolean over, Treatment treatment) {
    public Step with(Treatment changed) {
        return new Step(over, changed);
    }
}
