package org.hyphantes.desktop.stage.weave;

import java.util.Optional;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Wells;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.StrandKey;

/** Fills strands with wells: the one that is lifted, or the one that a well is let go on. */
final class StrandWells implements Wells {
    private final Desk desk;

    StrandWells(Desk desk) {
        this.desk = desk;
    }

    @Override
    public void fill(int well) {
        new StrandFilling(desk).fill(Optional.empty(), well);
    }

    @Override
    public void passed() {
        // A strand is so long that only where a well is let go tells which is meant.
    }

    @Override
    public void dropped(int well) {
        desk.hoverProperty()
                .get()
                .place()
                .flatMap(this::strand)
                .ifPresent(s -> new StrandFilling(desk).fill(Optional.of(s), well));
    }

    private Optional<StrandKey> strand(Point place) {
        for (Laying laying : desk.weavesToActOn()) {
            Point within = laying.placed().inverse().of(place);
            for (Course course : laying.weave().courses()) {
                if (course.region().outline().box().contains(within)
                        && course.region().contains(within)) {
                    return Optional.of(
                            laying.weave().strands().get(course.strand()).key());
                }
            }
        }
        return Optional.empty();
    }
}
