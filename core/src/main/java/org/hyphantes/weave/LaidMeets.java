package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * The crossings of a tile at all their places in a patch. They are laid there and not sought again: where strands lie upon one another what is
 * found depends on rounding, and would not be the same lap after lap.
 */
final class LaidMeets {
    private final Projection tile;
    private final Patch patch;
    private final Map<Line, List<Integer>> stretches = new HashMap<>();
    private final List<Meet> meets = new ArrayList<>();
    private final List<Integer> origins = new ArrayList<>();

    /** A strand of the tile, moved by so many tiles, with all its laps. */
    private record Line(int strand, Steps moved) {}

    private LaidMeets(Projection tile, Patch patch) {
        this.tile = tile;
        this.patch = patch;
        for (int s = 0; s < patch.strands().size(); s++) {
            Patch.Stretch stretch = patch.stretch(s);
            stretches
                    .computeIfAbsent(new Line(stretch.strand(), stretch.moved()), k -> new ArrayList<>())
                    .add(s);
        }
    }

    static LaidMeets of(Projection tile, Lattice lattice, Patch patch) {
        LaidMeets laid = new LaidMeets(tile, patch);
        for (int m = 0; m < tile.meets().size(); m++) {
            Meet meet = tile.meets().get(m);
            Path first = tile.strands().get(meet.first()).path();
            Path second = tile.strands().get(meet.second()).path();
            Steps apart = lattice.nearest(first.at(meet.firstPosition()).minus(second.at(meet.secondPosition())));
            for (int s = 0; s < patch.strands().size(); s++) {
                Watch.ask();
                if (patch.stretch(s).strand() == meet.first()) {
                    laid.lay(m, s, apart);
                }
            }
        }
        return laid;
    }

    /** Lays a meet wherever one stretch of the patch passes it. */
    private void lay(int m, int s, Steps apart) {
        Meet meet = tile.meets().get(m);
        for (int lap : patch.laps(s, meet.firstPosition())) {
            double here = patch.local(s, meet.firstPosition(), lap);
            Steps moved = patch.moved(s, lap).plus(apart);
            int there = patch.lap(meet.second(), moved);
            Line line = new Line(meet.second(), patch.line(meet.second(), moved));
            for (int t : stretches.getOrDefault(line, List.of())) {
                double other = patch.local(t, meet.secondPosition(), there);
                if (patch.isWithin(t, other)) {
                    meets.add(new Meet(patch.strands().get(s).path().at(here), s, here, t, other));
                    origins.add(m);
                }
            }
        }
    }

    /** The meets, as strands of the patch have them; the first strand of each is the first of the one that it is of. */
    List<Meet> meets() {
        return meets;
    }

    /** Which meet of the tile each is. */
    int[] origins() {
        return origins.stream().mapToInt(Integer::intValue).toArray();
    }
}
