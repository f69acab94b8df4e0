package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The plan of a plait: strands run aslant through a grid of half cells, cross where column and row add up to an odd number, and
 * turn back at its edges and at bars laid across a crossing.
 *
 * @param columns the half cells along it; closed into a ring, or with an edge at either end
 * @param rows the half cells across it
 * @param ring whether the last column is the first again
 * @param bars the crossings that are broken, by place
 * @param hollow a part left out, if any
 */
public record Lattice(int columns, int rows, boolean ring, Map<Spot, Bar> bars, Optional<Hollow> hollow) {
    static final double MOST_BENT = Math.toRadians(46);

    /** No turn stays further from its bar or edge, in half cells: where strands are steep they run straight on first. */
    private static final double MOST_CLEAR = 0.5;

    /** How far from a corner of bars or edges, in half cells, both turns of a strand move that goes round it, so that it is rounder. */
    private static final double ROUNDER = 0.12;

    /** How far back from a bar a tip stays, in half cells. */
    private static final double TIP_BACK = 0.3;

    /** A column and row of the plan. */
    public record Spot(int column, int row) {}

    /** A rectangle within the plan that strands turn back at, by its even columns and rows. */
    public record Hollow(int left, int top, int right, int bottom) {}

    /** A strand coming to a spot: which way it goes by a half cell. */
    private record Coming(int column, int row, int across, int down) {}

    public Lattice {
        bars = Map.copyOf(bars);
    }

    /** The strands as closed paths on the page, in the order in which their first spots come, row by row. */
    public List<Path> strands(Lay lay, Turns turns) {
        List<List<Passage>> ways = ways();
        if (lay.isBowed() && turns == Turns.ROUNDED) {
            return RoundWays.of(ways, lay, crossings());
        }
        List<Path> strands = ways.stream()
                .map(way -> Bowed.path(
                        nodes(way, way.size(), lay, turns), lay.isBowed() ? Bowed.RUN_BOWED : Bowed.RUN_BEFORE_TURN))
                .toList();
        return strands;
    }

    /** The ways of the strands through the plan, each begun at a turn where it has one, so that no crossing falls on its start. */
    private List<List<Passage>> ways() {
        Set<Coming> gone = new HashSet<>();
        List<List<Passage>> ways = new ArrayList<>();
        for (int row = 0; row <= rows; row++) {
            Watch.ask();
            for (int column = 0; column < (ring ? columns : columns + 1); column++) {
                for (int down : new int[] {-1, 1}) {
                    Coming start = new Coming(column, row, 1, down);
                    if (isSpot(column, row)
                            && isWay(column - 1, row - down, column, row)
                            && !gone.contains(start)
                            && !gone.contains(back(start))) {
                        ways.add(way(start, gone));
                    }
                }
            }
        }
        return ways;
    }

    /** The crossings that are neither broken nor left out. */
    public int crossings() {
        int count = 0;
        for (int row = 0; row <= rows; row++) {
            Watch.ask();
            for (int column = 0; column < (ring ? columns : columns + 1); column++) {
                count += isSpot(column, row) && turning(column, row) == null ? 1 : 0;
            }
        }
        return count;
    }

    private boolean isSpot(int column, int row) {
        boolean inPlan = row >= 0 && row <= rows && (ring || column >= 0 && column <= columns);
        boolean outside = hollow.isEmpty()
                || column <= hollow.get().left()
                || column >= hollow.get().right()
                || row <= hollow.get().top()
                || row >= hollow.get().bottom();
        return inPlan && outside && Math.floorMod(column + row, 2) == 1;
    }

    /** Whether a strand can run from one spot to the next: both are there, and no hollow lies between them. */
    private boolean isWay(int column, int row, int toColumn, int toRow) {
        double x = (column + toColumn) / 2.0;
        double y = (row + toRow) / 2.0;
        boolean through = hollow.isPresent()
                && x > hollow.get().left()
                && x < hollow.get().right()
                && y > hollow.get().top()
                && y < hollow.get().bottom();
        return isSpot(column, row) && isSpot(toColumn, toRow) && !through;
    }

    /** The edge or bar at a spot; null where strands cross. */
    private Bar turning(int column, int row) {
        if (row == 0 || row == rows) {
            return Bar.LEVEL;
        }
        if (!ring && (column == 0 || column == columns)) {
            return Bar.UPRIGHT;
        }
        if (hollow.isPresent()) {
            Hollow h = hollow.get();
            boolean beside = row > h.top() && row < h.bottom();
            boolean above = column > h.left() && column < h.right();
            if (beside && (column == h.left() || column == h.right())) {
                return Bar.UPRIGHT;
            }
            if (above && (row == h.top() || row == h.bottom())) {
                return Bar.LEVEL;
            }
        }
        return bars.get(new Spot(column, row));
    }

    private boolean isEdge(int column, int row) {
        return !bars.containsKey(new Spot(column, row)) || row == 0 || row == rows;
    }

    private Coming leaving(Coming coming) {
        Bar bar = turning(coming.column(), coming.row());
        int across = bar == Bar.UPRIGHT ? -coming.across() : coming.across();
        int down = bar == Bar.LEVEL ? -coming.down() : coming.down();
        return new Coming(coming.column(), coming.row(), across, down);
    }

    /** The same passage of a spot the other way round. */
    private Coming back(Coming coming) {
        Coming leaving = leaving(coming);
        return new Coming(coming.column(), coming.row(), -leaving.across(), -leaving.down());
    }

    private List<Passage> way(Coming start, Set<Coming> gone) {
        List<Passage> way = new ArrayList<>();
        Coming at = start;
        do {
            Watch.ask();
            gone.add(at);
            gone.add(back(at));
            Coming leaving = leaving(at);
            way.add(new Passage(
                    at.column(),
                    at.row(),
                    at.across(),
                    at.down(),
                    leaving.across(),
                    leaving.down(),
                    isEdge(at.column(), at.row())));
            at = next(leaving);
        } while (!at.equals(start));
        int first = 0;
        while (first < way.size() && way.get(first).isCrossing()) {
            first++;
        }
        List<Passage> turned = new ArrayList<>(way.subList(first % way.size(), way.size()));
        turned.addAll(way.subList(0, first % way.size()));
        return turned;
    }

    static List<Node> nodes(List<Passage> way, int around, Lay lay, Turns turns) {
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < way.size(); i++) {
            Watch.ask();
            Passage passage = way.get(i);
            double moved = moved(way.get((i + around - 1) % around), passage, way.get((i + 1) % around));
            nodes.add(node(passage, lay, turns, moved));
            bent(nodes, passage, lay);
        }
        return nodes;
    }

    private Coming next(Coming leaving) {
        int column = leaving.column() + leaving.across();
        return new Coming(
                ring ? Math.floorMod(column, columns) : column,
                leaving.row() + leaving.down(),
                leaving.across(),
                leaving.down());
    }

    /** Where the plan is bent much from one spot to the next, as in a ring of few bights, places between lead the strand round. */
    private static void bent(List<Node> nodes, Passage passage, Lay lay) {
        double turn = turn(passage.column(), passage.row(), passage.acrossOn(), lay);
        int parts = turn > MOST_BENT ? (int) Math.ceil(turn / MOST_BENT) + 1 : 1;
        for (int k = 1; k < parts; k++) {
            double share = (double) k / parts;
            double column = passage.column() + share * passage.acrossOn();
            double row = passage.row() + share * passage.downOn();
            Point heading =
                    lay.step(column, row, passage.acrossOn(), passage.downOn()).unit();
            nodes.add(new Node(lay.at(column, row), heading, Node.Kind.TURN));
        }
    }

    /** The angle (radians) by which the plan turns from a spot to the next. */
    static double turn(double column, double row, double across, Lay lay) {
        Point here = lay.step(column, row, 1, 0);
        Point there = lay.step(column + across * 0.999, row, 1, 0);
        return Math.abs(Math.atan2(here.cross(there), here.dot(there)));
    }

    /** How far (half cells) a turn moves on that comes from a corner, or back where it goes into one. */
    private static double moved(Passage before, Passage at, Passage next) {
        if (at.isCrossing()) {
            return 0;
        }
        double on = !before.isCrossing() && before.isLevel() != at.isLevel() ? ROUNDER : 0;
        double back = !next.isCrossing() && next.isLevel() != at.isLevel() ? ROUNDER : 0;
        return on - back;
    }

    private static Node node(Passage at, Lay lay, Turns turns, double moved) {
        int column = at.column();
        int row = at.row();
        Point across = lay.step(column, row, 1, 0);
        Point down = lay.step(column, row, 0, 1);
        Point in = across.times(at.across()).plus(down.times(at.down()));
        Point out = across.times(at.acrossOn()).plus(down.times(at.downOn()));
        if (at.isCrossing()) {
            if (lay.isBowed() || turn(column, row, at.across(), lay) > MOST_BENT) {
                return new Node(lay.at(column, row), in.unit(), Node.Kind.CROSSING);
            }
            // Between the ways to the spots before and after it, which bend with the plan where that is bent.
            Point here = lay.at(column, row);
            Point before =
                    here.minus(lay.at(column - at.across(), row - at.down())).unit();
            Point after =
                    lay.at(column + at.across(), row + at.down()).minus(here).unit();
            return new Node(here, before.plus(after).unit(), Node.Kind.CROSSING);
        }
        boolean level = at.isLevel();
        if (turns == Turns.POINTED) {
            // Two tips that meet at a bar stay a little apart.
            double back = at.edge() ? 0 : TIP_BACK;
            Point tip = lay.at(level ? column : column - back * at.across(), level ? row - back * at.down() : row);
            return new Node(tip, in.plus(out).unit(), Node.Kind.TIP);
        }
        if (lay.isBowed() && at.edge()) {
            return new Node(lay.at(column, row), in.plus(out).unit(), Node.Kind.TURN);
        }
        double clear = shortfall(level ? across.length() : down.length(), level ? down.length() : across.length());
        Point place = level
                ? lay.at(column + moved * at.acrossOn(), row - clear * at.down())
                : lay.at(column - clear * at.across(), row + moved * at.downOn());
        return new Node(place, in.plus(out).unit(), Node.Kind.TURN);
    }

    /** How far from a bar or an edge, in half cells, the turn of a strand stays whose curvature changes least. */
    public static double shortfall(double along, double aside) {
        double bend = Math.atan2(aside, along);
        return Math.max(0.1, Math.min(MOST_CLEAR, 1 - along / aside * Eased.rise(bend)));
    }
}
