package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.Subdivision;

/** What lies beside each cell, and along which edges. */
final class Adjacency {
    private final Subdivision plane;
    private final int[] cellOfFace;
    private final List<List<Neighbour>> neighbours = new ArrayList<>();
    private final BitSet outer = new BitSet();

    /** @param woven whether there are courses, which are no faces of the plane */
    Adjacency(Subdivision plane, int[] cellOfFace, Supplier<CellGrid> grid, int cells, boolean woven) {
        this.plane = plane;
        this.cellOfFace = cellOfFace;
        Map<Pair, Double> shared = new HashMap<>();
        plane.edges((right, left, curve) -> {
            int a = cellOfFace[right];
            int b = cellOfFace[left];
            if (right == 0 ^ left == 0 && Math.max(a, b) >= 0) {
                outer.set(Math.max(a, b));
            }
            if (a >= 0 && b >= 0 && a != b) {
                shared.merge(Pair.unordered(a, b), curve.length(), Double::sum);
            }
        });
        if (woven) {
            besideCourses(shared, grid.get());
        }
        for (int i = 0; i < cells; i++) {
            neighbours.add(new ArrayList<>(4));
        }
        shared.forEach((pair, length) -> {
            neighbours.get(pair.first()).add(new Neighbour(pair.second(), length));
            neighbours.get(pair.second()).add(new Neighbour(pair.first(), length));
        });
        neighbours.forEach(list -> list.sort(Comparator.comparingInt(Neighbour::cell)));
    }

    /** What lies between the bands of a weave has the courses beside it for neighbours, told a little within each edge. */
    private void besideCourses(Map<Pair, Double> shared, CellGrid grid) {
        plane.edges((right, left, curve) -> {
            int a = cellOfFace[right];
            int b = cellOfFace[left];
            boolean outside = right == 0 ^ left == 0 && a < 0 && b < 0;
            if (a >= 0 == b >= 0 && !outside) {
                return;
            }
            double aside = 1e-6 * curve.length();
            boolean courseOnLeft = outside ? right == 0 : a >= 0;
            Point normal = curve.tangent(0.5).right().times(courseOnLeft ? -aside : aside);
            Optional<Integer> beside = grid.at(curve.at(0.5).plus(normal));
            if (outside) {
                beside.ifPresent(outer::set);
                return;
            }
            int ground = Math.max(a, b);
            beside.ifPresent(course -> shared.merge(Pair.unordered(course, ground), curve.length(), Double::sum));
        });
    }

    List<Neighbour> neighbours(int cell) {
        return neighbours.get(cell);
    }

    /** Whether a cell has an edge beside which no piece lies. */
    boolean isOuter(int cell) {
        return outer.get(cell);
    }

    /** The ends, on edges that are left, of the edges between cells of the same piece, by the number of the piece that each cell is part of. */
    List<Staple> staples(int[] pieceOf) {
        List<Staple> ends = new ArrayList<>();
        Set<Point> left = new HashSet<>();
        plane.edges((right, other, curve) -> {
            int a = cellOfFace[right];
            int b = cellOfFace[other];
            if (a >= 0 && b >= 0 && a != b && pieceOf[a] == pieceOf[b]) {
                ends.add(new Staple(curve.start(), curve.tangent(0)));
                ends.add(new Staple(curve.end(), curve.tangent(1).times(-1)));
            } else if (right != other) {
                left.add(rounded(curve.start()));
                left.add(rounded(curve.end()));
            }
        });
        ends.removeIf(end -> !left.contains(rounded(end.place())));
        return ends;
    }

    private static Point rounded(Point place) {
        return new Point(Math.rint(place.x() * 1e6), Math.rint(place.y() * 1e6));
    }
}
