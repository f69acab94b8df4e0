package org.hyphantes.desktop.stage.weave;

import java.util.Optional;
import org.hyphantes.design.StrandFills;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.StrandKey;

/** Fills strands by hand: the one named, or the one that is lifted, with its turns as far as acts reach. */
final class StrandFilling {
    private final Desk desk;

    StrandFilling(Desk desk) {
        this.desk = desk;
    }

    /** @param well its number, 0 for no fill */
    boolean fill(Optional<StrandKey> named, int well) {
        Optional<StrandKey> strand = named.or(() -> desk.liftedProperty().get());
        if (strand.isEmpty()) {
            desk.warn("Lift a strand by its letter first, then click a well or press its number; or type fill 4 B.");
            return false;
        }
        for (Laying laying : desk.weavesToActOn()) {
            if (laying.weave().strands().stream().anyMatch(s -> s.key().equals(strand.get()))) {
                desk.edit(StrandFills.fill(desk.design(), laying, strand.get(), well, new ReachActs(desk).reach()));
                return true;
            }
        }
        desk.warn("Still resolving the last change; once more, please.");
        return false;
    }
}
