package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.symmetry.Lattice;

/**
 * The strands of one tile of a cloth, which meet one another in any tile: each crossing once, and each course once. A tile whose opposite sides are
 * the same is a torus, and on that every strand without an end is closed.
 */
final class Torus {
    /** Positions on a strand, in curves, nearer than this are one. */
    static final double NOWHERE = 1e-6;

    private final List<Strand> tile;
    private final Lattice lattice;
    private final Tolerance tolerance;
    private final Map<Pair, List<Integer>> byStrands = new HashMap<>();
    private final List<Meet> meets = new ArrayList<>();

    private Torus(List<Strand> tile, Lattice lattice, Tolerance tolerance) {
        this.tile = tile;
        this.lattice = lattice;
        this.tolerance = tolerance;
    }

    /** All crossings of the strands of a tile with one another in any tile, each once; empty when they are too many. */
    static Optional<Projection> projection(List<Strand> tile, Lattice lattice, Watch watch) {
        if (Patch.isTooMuch(tile, lattice, 0)) {
            return Optional.empty();
        }
        Patch patch = Patch.about(tile, lattice, 0);
        Optional<Projection> near = Projection.of(patch.strands(), watch);
        if (near.isEmpty()) {
            return Optional.empty();
        }
        Tolerance tolerance = Projection.tolerance(tile);
        Torus torus = new Torus(tile, lattice, tolerance);
        for (Meet meet : near.get().meets()) {
            Watch.ask();
            if (meet.first() < tile.size()) {
                torus.take(torus.told(patch, meet));
            }
        }
        torus.meets.sort(Comparator.comparingInt(Meet::first)
                .thenComparingInt(Meet::second)
                .thenComparingDouble(Meet::firstPosition)
                .thenComparingDouble(Meet::secondPosition));
        List<PathMeeting> faults = torus.faults(patch, near.get().faults());
        return Optional.of(new Projection(tile, torus.meets, faults, tolerance, Optional.of(lattice)));
    }

    /** A meeting in a patch as one of strands of the tile, told from the one that comes first. */
    private Meet told(Patch patch, Meet meet) {
        int a = patch.stretch(meet.first()).strand();
        int b = patch.stretch(meet.second()).strand();
        double p = at(a, patch.position(meet.first(), meet.firstPosition()));
        double q = at(b, patch.position(meet.second(), meet.secondPosition()));
        boolean inOrder = a < b || a == b && p <= q;
        return inOrder
                ? new Meet(tile.get(a).path().at(p), a, p, b, q)
                : new Meet(tile.get(b).path().at(q), b, q, a, p);
    }

    /** A position, where it is that of a joint of two curves to rounding just that. */
    private double at(int strand, double position) {
        double whole = Math.rint(position);
        if (Math.abs(position - whole) > 1e-9) {
            return position;
        }
        return tile.get(strand).isRound() && whole >= tile.get(strand).path().size() ? 0 : whole;
    }

    private void take(Meet meet) {
        if (find(meet.first(), meet.firstPosition(), meet.second(), meet.secondPosition()) < 0) {
            byStrands
                    .computeIfAbsent(new Pair(meet.first(), meet.second()), k -> new ArrayList<>())
                    .add(meets.size());
            meets.add(meet);
        }
    }

    /** The meet of two strands at positions on them; -1 when there is none. */
    private int find(int a, double p, int b, double q) {
        for (int m : byStrands.getOrDefault(new Pair(a, b), List.of())) {
            Meet meet = meets.get(m);
            if (isSame(a, p, meet.firstPosition()) && isSame(b, q, meet.secondPosition())
                    || a == b && isSame(a, p, meet.secondPosition()) && isSame(a, q, meet.firstPosition())) {
                return m;
            }
        }
        return -1;
    }

    private boolean isSame(int strand, double a, double b) {
        double apart = Math.abs(a - b);
        int size = tile.get(strand).path().size();
        return Math.min(apart, tile.get(strand).isRound() ? size - apart : apart) <= NOWHERE;
    }

    /** Touches and overlaps, each once, without those at ends that only the patch has. */
    private List<PathMeeting> faults(Patch patch, List<PathMeeting> near) {
        List<PathMeeting> faults = new ArrayList<>();
        List<Point> places = new ArrayList<>();
        for (PathMeeting fault : near) {
            boolean own = fault.first() < tile.size();
            if (!own
                    || patch.isCutOff(fault.first(), fault.firstPosition())
                    || patch.isCutOff(fault.second(), fault.secondPosition())) {
                continue;
            }
            int a = patch.stretch(fault.first()).strand();
            int b = patch.stretch(fault.second()).strand();
            double p = patch.position(fault.first(), fault.firstPosition());
            double q = patch.position(fault.second(), fault.secondPosition());
            Point place = fault.place();
            boolean known = false;
            for (int i = 0; i < faults.size() && !known; i++) {
                known = faults.get(i).kind() == fault.kind()
                        && lattice.apart(places.get(i), place) <= 8 * tolerance.distance();
            }
            if (!known) {
                places.add(place);
                faults.add(new PathMeeting(fault.kind(), place, a, p, b, q));
            }
        }
        return faults;
    }
}
