package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;

/**
 * The plan of a plait without edges, on a tile: what leaves it on one side enters it on the other. Of m by n cells it has 2mn crossings and twice as many
 * strands as the common divisor of m and n, while it is unbroken.
 *
 * @param columns the half cells across a tile, and {@code rows} down it
 * @param bars the crossings that are broken, by place in the tile
 */
public record AllOver(int columns, int rows, Map<Lattice.Spot, Bar> bars) {
    /** A strand at a spot, which may lie in any tile: which way it comes there by a half cell. */
    private record Coming(int column, int row, int across, int down) {}

    /** A way to where it begins again, so many half cells further. */
    private record Way(List<Passage> passages, int across, int down) {}

    public AllOver {
        bars = Map.copyOf(bars);
    }

    /** The strands of a tile: closed ones within it, and what of all others lies between two of its borders, half way between two crossings. */
    public List<Path> strands(Lay lay, Turns turns) {
        List<Path> strands = new ArrayList<>();
        for (Way way : ways()) {
            if (way.passages().stream().allMatch(p -> isHome(p))) {
                strands.add(Bowed.path(
                        Lattice.nodes(way.passages(), way.passages().size(), lay, turns), Bowed.RUN_BEFORE_TURN));
            } else {
                parts(way, lay, turns, strands);
            }
        }
        return strands;
    }

    private boolean isHome(Passage passage) {
        return passage.column() == Math.floorMod(passage.column(), columns)
                && passage.row() == Math.floorMod(passage.row(), rows);
    }

    /** Cuts a way wherever it comes into another tile, and lays what is between in the tile itself. */
    private void parts(Way way, Lay lay, Turns turns, List<Path> into) {
        List<Passage> passages = new ArrayList<>(way.passages());
        passages.add(moved(passages.get(0), way.across(), way.down()));
        List<List<Curve>> legs =
                Bowed.legs(Lattice.nodes(passages, passages.size() - 1, lay, turns), Bowed.RUN_BEFORE_TURN);
        List<Curve> first = null;
        List<Curve> part = new ArrayList<>();
        for (int i = 0; i < legs.size(); i++) {
            Affine home = home(passages.get(i), lay);
            Affine next = home(passages.get(i + 1), lay);
            List<Curve> leg = legs.get(i).size() == 1 ? halves(legs.get(i).get(0)) : legs.get(i);
            if (home.equals(next)) {
                leg.forEach(c -> add(part, c, home));
                continue;
            }
            int middle = (leg.size() + 1) / 2;
            leg.subList(0, middle).forEach(c -> add(part, c, home));
            if (first == null) {
                first = new ArrayList<>(part);
            } else {
                into.add(Bowed.path(part));
            }
            part.clear();
            leg.subList(middle, leg.size()).forEach(c -> add(part, c, next));
        }
        part.addAll(first);
        into.add(Bowed.path(part));
    }

    private static List<Curve> halves(Curve curve) {
        return List.of(curve.part(0, 0.5), curve.part(0.5, 1));
    }

    private static void add(List<Curve> part, Curve curve, Affine home) {
        part.add(curve.map(home));
    }

    /** The shift from the tile of a passage to the tile that is drawn. */
    private Affine home(Passage passage, Lay lay) {
        int across = Math.floorDiv(passage.column(), columns) * columns;
        int down = Math.floorDiv(passage.row(), rows) * rows;
        return Affine.shift(lay.at(0, 0).minus(lay.at(across, down)));
    }

    private List<Way> ways() {
        Set<Coming> gone = new HashSet<>();
        List<Way> ways = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            Watch.ask();
            for (int column = 0; column < columns; column++) {
                for (int down : new int[] {-1, 1}) {
                    Coming start = new Coming(column, row, 1, down);
                    if ((column + row) % 2 == 1 && !gone.contains(start) && !gone.contains(back(start))) {
                        ways.add(way(start, gone));
                    }
                }
            }
        }
        return ways;
    }

    private Coming home(Coming coming) {
        return new Coming(
                Math.floorMod(coming.column(), columns),
                Math.floorMod(coming.row(), rows),
                coming.across(),
                coming.down());
    }

    private Passage passage(Coming at) {
        Coming home = home(at);
        Bar bar = bars.get(new Lattice.Spot(home.column(), home.row()));
        int across = bar == Bar.UPRIGHT ? -at.across() : at.across();
        int down = bar == Bar.LEVEL ? -at.down() : at.down();
        return new Passage(at.column(), at.row(), at.across(), at.down(), across, down, false);
    }

    /** The same passage of a spot the other way round. */
    private Coming back(Coming coming) {
        Passage on = passage(coming);
        return home(new Coming(coming.column(), coming.row(), -on.acrossOn(), -on.downOn()));
    }

    private Way way(Coming start, Set<Coming> gone) {
        List<Passage> way = new ArrayList<>();
        Coming at = start;
        do {
            Watch.ask();
            gone.add(home(at));
            gone.add(back(at));
            Passage on = passage(at);
            way.add(on);
            at = new Coming(at.column() + on.acrossOn(), at.row() + on.downOn(), on.acrossOn(), on.downOn());
        } while (!home(at).equals(start));
        int across = at.column() - start.column();
        int down = at.row() - start.row();
        int first = 0;
        while (first < way.size() && way.get(first).isCrossing()) {
            first++;
        }
        // Begun at a turn where it has one, so that no crossing falls on its start.
        int from = first % way.size();
        List<Passage> turned = new ArrayList<>(way.subList(from, way.size()));
        way.subList(0, from).forEach(p -> turned.add(moved(p, across, down)));
        return new Way(turned, across, down);
    }

    private static Passage moved(Passage passage, int across, int down) {
        return new Passage(
                passage.column() + across,
                passage.row() + down,
                passage.across(),
                passage.down(),
                passage.acrossOn(),
                passage.downOn(),
                passage.edge());
    }
}
