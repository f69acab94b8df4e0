package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * Over how many tiles a weave closes that does not close over one. Each way round through ties of crossings leads by so many tiles, and turns over
 * and under about or not; over so many tiles as those lead to none, only the ways that come back to the same tile count.
 */
public final class Closing {
    /** Tiles one way beyond which none are tried. */
    private static final int MOST = 4;

    private final Projection projection;
    private final Lattice lattice;
    private final Steps[] moved;

    /**
     * So many tiles.
     *
     * @param across how many side by side, and {@code down} how many below one another
     */
    public record Over(int across, int down) {}

    /** A way from one crossing to another: by how many tiles, and whether over and under are exchanged. */
    private record Tie(int to, Steps by, boolean unlike) {}

    private Closing(Projection projection, Lattice lattice) {
        this.projection = projection;
        this.lattice = lattice;
        this.moved = new Steps[projection.meets().size()];
        for (int m = 0; m < moved.length; m++) {
            Meet meet = projection.meets().get(m);
            Point second = projection.strands().get(meet.second()).path().at(meet.secondPosition());
            moved[m] = lattice.steps(
                            meet.place().minus(second), 1e-3 * lattice.across().length())
                    .orElse(Steps.NONE);
        }
    }

    /** The fewest tiles over which a weave of a cloth keeps its rhythm all along; empty when no few do. */
    public static Optional<Over> of(Projection projection, Rhythm rhythm) {
        if (projection.lattice().isEmpty() || rhythm == Rhythm.BY_HAND) {
            return Optional.empty();
        }
        Closing closing = new Closing(projection, projection.lattice().get());
        return closing.over(closing.rounds(rhythm.step()));
    }

    private Steps offset(int passage) {
        return passage % 2 == 0 ? Steps.NONE : moved[passage / 2];
    }

    private List<List<Tie>> ties(int step) {
        List<List<Tie>> ties = new ArrayList<>();
        for (int m = 0; m < moved.length; m++) {
            ties.add(new ArrayList<>());
        }
        for (int s = 0; s < projection.strands().size(); s++) {
            Strand strand = projection.strands().get(s);
            int n = projection.passages(s);
            for (int i = strand.isRound() ? 0 : step; i < n; i++) {
                Watch.ask();
                int before = projection.passage(s, Math.floorMod(i - step, n));
                int here = projection.passage(s, i);
                Steps laps = strand.onward().orElse(Steps.NONE).times(-Math.floorDiv(i - step, n));
                Steps by = offset(before).plus(laps).minus(offset(here));
                boolean unlike = before % 2 == here % 2;
                ties.get(before / 2).add(new Tie(here / 2, by, unlike));
                ties.get(here / 2).add(new Tie(before / 2, Steps.NONE.minus(by), unlike));
            }
        }
        return ties;
    }

    /** Of each connected part the ways round that make all others: by how many tiles, and whether they turn over and under about. */
    private List<Set<Tie>> rounds(int step) {
        List<List<Tie>> ties = ties(step);
        Tie[] known = new Tie[moved.length];
        List<Set<Tie>> rounds = new ArrayList<>();
        for (int m = 0; m < moved.length; m++) {
            if (known[m] != null) {
                continue;
            }
            Set<Tie> round = new HashSet<>();
            rounds.add(round);
            known[m] = new Tie(m, Steps.NONE, false);
            List<Integer> open = new ArrayList<>(List.of(m));
            for (int i = 0; i < open.size(); i++) {
                Watch.ask();
                Tie from = known[open.get(i)];
                for (Tie tie : ties.get(open.get(i))) {
                    Steps by = from.by().plus(tie.by());
                    boolean unlike = from.unlike() ^ tie.unlike();
                    if (known[tie.to()] == null) {
                        known[tie.to()] = new Tie(tie.to(), by, unlike);
                        open.add(tie.to());
                    } else {
                        Tie there = known[tie.to()];
                        round.add(new Tie(-1, by.minus(there.by()), unlike ^ there.unlike()));
                    }
                }
            }
        }
        return rounds;
    }

    private Optional<Over> over(List<Set<Tie>> rounds) {
        List<Over> tried = new ArrayList<>();
        for (int across = 1; across <= MOST; across++) {
            for (int down = 1; down <= (lattice.down().isEmpty() ? 1 : MOST); down++) {
                tried.add(new Over(across, down));
            }
        }
        tried.sort(Comparator.comparingInt((Over o) -> o.across() * o.down())
                .thenComparingInt(o -> Math.abs(o.across() - o.down()))
                .thenComparingInt(Over::down));
        return tried.stream()
                .filter(o -> rounds.stream().allMatch(r -> closes(r, o)))
                .findFirst();
    }

    /** Whether no way that comes back to its tile turns over and under about: each tile stands twice, once either way about. */
    private static boolean closes(Set<Tie> round, Over over) {
        UnionFind states = new UnionFind(2 * over.across() * over.down());
        for (Tie tie : round) {
            for (int x = 0; x < over.across(); x++) {
                for (int y = 0; y < over.down(); y++) {
                    int to = Math.floorMod(x + tie.by().across(), over.across()) * over.down()
                            + Math.floorMod(y + tie.by().down(), over.down());
                    int from = x * over.down() + y;
                    states.join(2 * from, 2 * to + (tie.unlike() ? 1 : 0));
                    states.join(2 * from + 1, 2 * to + (tie.unlike() ? 0 : 1));
                }
            }
        }
        return states.find(0) != states.find(1);
    }
}
