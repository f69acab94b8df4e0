package org.hyphantes.design;

import java.util.function.UnaryOperator;
import org.hyphantes.treatment.Interlace;

/** Changes of the interlacing that a step is. */
final class Steps {
    private Steps() {}

    static Design interlace(Design design, String group, int step, UnaryOperator<Interlace> change) {
        return design.change(group, g -> {
            Step at = g.recipe().get(step);
            return g.withStep(step, at.with(change.apply((Interlace) at.treatment())));
        });
    }
}
