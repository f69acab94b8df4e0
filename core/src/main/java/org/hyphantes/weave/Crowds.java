package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.PlaceGrid;

/** The places where three strands or more meet, each told once, by one of its meets. */
final class Crowds {
    private Crowds() {}

    static List<Meet> of(Projection projection) {
        double same = 10 * projection.tolerance().distance();
        PlaceGrid<Meet> taken = new PlaceGrid<>(same);
        List<Meet> places = new ArrayList<>();
        for (int m = 0; m < projection.meets().size(); m++) {
            Meet meet = projection.meets().get(m);
            if (projection.crowded(m) && taken.within(meet.place(), same).isEmpty()) {
                taken.add(meet.place(), meet);
                places.add(meet);
            }
        }
        return places;
    }
}
