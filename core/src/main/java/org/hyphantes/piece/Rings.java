package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.UnionFind;

/** Cells in rings. */
final class Rings {
    private Rings() {}

    /** The ring of each cell: what turns and the mirror, or the maps of a cloth, carry to one another, numbered from the middle outward from 1. */
    static int[] of(List<Cell> cells, Carrying carrying, Point centre, double tolerance) {
        UnionFind orbits = carrying.orbits();
        double step = 64 * tolerance;
        Map<Integer, double[]> first = new HashMap<>();
        for (int i = 0; i < cells.size(); i++) {
            double out = Math.rint(out(cells.get(i), centre, step) / step) * step;
            double bearing = out == 0 ? 0 : Siblings.bearing(cells.get(i).place(), centre);
            first.merge(orbits.find(i), new double[] {out, bearing}, Rings::least);
        }
        List<Integer> roots = new ArrayList<>(first.keySet());
        roots.sort(Comparator.<Integer>comparingDouble(r -> first.get(r)[0]).thenComparingDouble(r -> first.get(r)[1]));
        Map<Integer, Integer> number = new HashMap<>();
        roots.forEach(r -> number.put(r, number.size() + 1));
        int[] ring = new int[cells.size()];
        Arrays.setAll(ring, i -> number.get(orbits.find(i)));
        return ring;
    }

    /** Ring by ring, and in each clockwise. */
    static Integer[] order(List<Cell> found, int[] ring, Point centre) {
        double[] bearings = found.stream()
                .mapToDouble(c -> Siblings.bearing(c.place(), centre))
                .toArray();
        Integer[] order = new Integer[found.size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.<Integer>comparingInt(i -> ring[i]).thenComparingDouble(i -> bearings[i]));
        return order;
    }

    private static double[] least(double[] a, double[] b) {
        return new double[] {Math.min(a[0], b[0]), Math.min(a[1], b[1])};
    }

    /** How far out a cell is: one that lies all round the middle is as far out as its edge. */
    private static double out(Cell cell, Point centre, double near) {
        double out = cell.place().distance(centre);
        return out > near || cell.region().contains(centre)
                ? out
                : cell.region().outline().box().width() / 2;
    }
}
