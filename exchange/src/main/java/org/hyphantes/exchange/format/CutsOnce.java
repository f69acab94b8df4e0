package org.hyphantes.exchange.format;

import java.util.function.Supplier;
import org.hyphantes.cut.Cuts;

/** What goes to a machine of a handout, found when it is first asked for and then kept. */
final class CutsOnce {
    private Cuts cuts;

    synchronized Cuts cuts(Supplier<Cuts> found) {
        if (cuts == null) {
            cuts = found.get();
        }
        return cuts;
    }
}
