package org.hyphantes.design;

import java.util.function.UnaryOperator;
import org.hyphantes.treatment.Interlace;

/** Changes of the interlacing that a step is. */
final class Interlacings {
    private Interlacings() {}

    /** The design with the interlacing of a step changed; as it is when there is no such step any more. */
    static Design change(Design design, String group, String step, UnaryOperator<Interlace> change) {
        return design.change(
                group,
                g -> g.step(step)
                        .filter(s -> s.treatment() instanceof Interlace)
                        .map(s -> g.withStep(s.with(change.apply((Interlace) s.treatment()))))
                        .orElse(g));
    }
}
