package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;
import org.hyphantes.weave.Reach;

/**
 * The turns about a centre, and the mirror line through it, that carry cells to cells: found by the cells themselves, so that the turns
 * of a single star are found too.
 *
 * @param turns how many turns there are, 1 for none
 * @param next for each cell the one that the next turn carries it to
 * @param mirrored for each cell the one that the mirror carries it to; null without one
 * @param axis the bearing (degrees) of the mirror line
 */
record Siblings(Point centre, int turns, int[] next, int[] mirrored, double axis) implements Carrying {
    /** Cells whose areas differ by no more than this share are alike. */
    static final double ALIKE = 1e-6;

    private static final int MOST_AXES = 400;

    /** @param sought whether turns and mirrors are looked for */
    static Siblings of(List<Cell> cells, Point centre, double tolerance, boolean sought) {
        int[] same = new int[cells.size()];
        Arrays.setAll(same, i -> i);
        if (cells.isEmpty() || !sought) {
            return new Siblings(centre, 1, same, null, 0);
        }
        PlaceGrid<Integer> places = new PlaceGrid<>(Math.max(64 * tolerance, spacing(cells)));
        for (int i = 0; i < cells.size(); i++) {
            places.add(cells.get(i).place(), i);
        }
        int most = smallestOrbit(cells, centre, tolerance);
        int turns = 1;
        int[] next = same;
        for (int n = most; n > 1; n--) {
            if (most % n == 0) {
                Optional<int[]> found = carried(cells, places, Affine.turn(360.0 / n, centre), tolerance);
                if (found.isPresent()) {
                    turns = n;
                    next = found.get();
                    break;
                }
            }
        }
        for (double axis : axes(cells, centre, 180.0 / turns, tolerance)) {
            Optional<int[]> mirrored = carried(cells, places, Affine.mirror(centre, axis), tolerance);
            if (mirrored.isPresent()) {
                return new Siblings(centre, turns, next, mirrored.get(), axis);
            }
        }
        return new Siblings(centre, turns, next, null, 0);
    }

    /** The bearing (degrees, from 0 to 360) of a place from a centre. */
    static double bearing(Point place, Point centre) {
        double degrees = Math.toDegrees(Math.atan2(place.x() - centre.x(), centre.y() - place.y()));
        return degrees < -1e-9 ? degrees + 360 : Math.max(0, degrees);
    }

    static double spacing(List<Cell> cells) {
        return Math.sqrt(cells.stream().mapToDouble(Cell::area).sum() / cells.size());
    }

    /** The greatest number that divides the counts of cells alike and as far out, but for one in the middle. */
    private static int smallestOrbit(List<Cell> cells, Point centre, double tolerance) {
        List<double[]> alike = new ArrayList<>();
        for (Cell cell : cells) {
            double out = cell.place().distance(centre);
            if (out > 16 * tolerance) {
                alike.add(new double[] {out, cell.area()});
            }
        }
        alike.sort((a, b) -> Double.compare(a[0], b[0]));
        int common = 0;
        for (int i = 0; i < alike.size(); ) {
            int j = i + 1;
            while (j < alike.size() && alike.get(j)[0] - alike.get(j - 1)[0] <= 64 * tolerance) {
                j++;
            }
            common = common(common, j - i);
            i = j;
        }
        return Math.max(1, common);
    }

    private static int common(int a, int b) {
        return b == 0 ? a : common(b, a % b);
    }

    /** Where a map carries each cell; empty when it does not carry all to cells. */
    private static Optional<int[]> carried(List<Cell> cells, PlaceGrid<Integer> places, Affine map, double tolerance) {
        int[] to = new int[cells.size()];
        boolean[] taken = new boolean[cells.size()];
        for (int i = 0; i < to.length; i++) {
            Watch.ask();
            Cell cell = cells.get(i);
            int found = -1;
            for (int j : places.within(map.of(cell.place()), 64 * tolerance)) {
                if (!taken[j] && Math.abs(cells.get(j).area() - cell.area()) <= ALIKE * cell.area()) {
                    found = j;
                }
            }
            if (found < 0) {
                return Optional.empty();
            }
            taken[found] = true;
            to[i] = found;
        }
        return Optional.of(to);
    }

    /** Lines that could mirror: one passes through the middle of a cell or between two alike, tried with those of one orbit. */
    private static List<Double> axes(List<Cell> cells, Point centre, double apart, double tolerance) {
        Cell first = null;
        for (Cell cell : cells) {
            double out = cell.place().distance(centre);
            if (out > 64 * tolerance && (first == null || out < first.place().distance(centre))) {
                first = cell;
            }
        }
        List<Double> axes = new ArrayList<>();
        if (first == null) {
            return axes;
        }
        double out = first.place().distance(centre);
        double bearing = bearing(first.place(), centre);
        // With turns a mirror line comes with others, evenly round the centre: one of them is enough.
        Set<Long> tried = new HashSet<>();
        for (Cell cell : cells) {
            if (Math.abs(cell.place().distance(centre) - out) <= 64 * tolerance
                    && Math.abs(cell.area() - first.area()) <= ALIKE * first.area()
                    && axes.size() < MOST_AXES) {
                double axis = (bearing + bearing(cell.place(), centre)) / 2;
                for (double line : new double[] {axis, axis + 90}) {
                    if (tried.add(Math.round((line % apart + apart) % apart * 1e5))) {
                        axes.add(line);
                    }
                }
            }
        }
        return axes;
    }

    /** The same of cells in another order. */
    Siblings reordered(UnaryOperator<int[]> moved) {
        return new Siblings(centre, turns, moved.apply(next), mirrored == null ? null : moved.apply(mirrored), axis);
    }

    /** The map that one of those of a reach is. */
    Affine map(Reach reach, int map) {
        Affine turn = Affine.turn(360.0 / turns * rotations(reach, map), centre);
        return mirrors(reach, map) ? turn.after(Affine.mirror(centre, axis)) : turn;
    }

    private int rotations(Reach reach, int map) {
        return reach.turns() ? map % turns : 0;
    }

    private boolean mirrors(Reach reach, int map) {
        return reach.turns() ? map >= turns : map > 0;
    }

    boolean isMirrored() {
        return mirrored != null;
    }

    @Override
    public List<List<Integer>> reached(List<Integer> of, Reach reach) {
        List<List<Integer>> all = new ArrayList<>();
        for (int map = 0; map < count(reach); map++) {
            int by = map;
            all.add(of.stream().map(c -> image(c, reach, by)).toList());
        }
        return all;
    }

    @Override
    public UnionFind orbits() {
        UnionFind orbits = new UnionFind(next.length);
        for (int i = 0; i < next.length; i++) {
            orbits.join(i, next[i]);
            if (isMirrored()) {
                orbits.join(i, mirrored[i]);
            }
        }
        return orbits;
    }

    @Override
    public Point placed(Point place, List<Integer> of, Reach reach, int map) {
        return map(reach, map).of(place);
    }

    /** How many maps a reach takes in. */
    int count(Reach reach) {
        return (reach.turns() ? turns : 1) * (reach.mirrors() && isMirrored() ? 2 : 1);
    }

    /** The cell that one of the maps of a reach carries a cell to; the first map leaves all where it is. */
    int image(int cell, Reach reach, int map) {
        int at = cell;
        if (mirrors(reach, map)) {
            at = mirrored[at];
        }
        for (int k = 0; k < rotations(reach, map); k++) {
            at = next[at];
        }
        return at;
    }
}
