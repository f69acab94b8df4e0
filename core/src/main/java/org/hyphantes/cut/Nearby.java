package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** Places by number, of which the nearest to any place is found and taken out; in the cells of a grid, looked through in widening rings. */
final class Nearby {
    private record Cell(int x, int y) {}

    private final Map<Cell, List<Integer>> cells = new HashMap<>();
    private final Point[][] places;
    private final Point corner;
    private final double side;
    private final int most;
    private int left;

    /** @param places of each number, any of which counts */
    Nearby(Point[][] places) {
        this.places = places;
        List<Box> all = new ArrayList<>();
        for (Point[] own : places) {
            for (Point place : own) {
                all.add(Box.of(place, place));
            }
        }
        Box box = all.isEmpty() ? new Box(0, 0, 0, 0) : Box.round(all);
        this.corner = new Point(box.left(), box.top());
        double size = Math.max(box.width(), box.height());
        this.side = size > 0 ? size / Math.max(1, Math.sqrt(places.length)) : 1;
        this.most = (int) Math.ceil(size / side) + 1;
    }

    /** The cell of a place; of one beyond the grid the cell at its edge, from which nothing is further than from there. */
    private Cell cell(Point place) {
        return new Cell(index(place.x() - corner.x()), index(place.y() - corner.y()));
    }

    private int index(double along) {
        return (int) Math.max(0, Math.min(most, Math.floor(along / side)));
    }

    void add(int number) {
        for (Point place : places[number]) {
            cells.computeIfAbsent(cell(place), c -> new ArrayList<>(2)).add(number);
        }
        left++;
    }

    private void remove(int number) {
        for (Point place : places[number]) {
            cells.get(cell(place)).remove((Integer) number);
        }
        left--;
    }

    /** Takes the nearest to a place out; of those as near as one another the first. -1 when none is left. */
    int take(Point from) {
        if (left == 0) {
            return -1;
        }
        Cell middle = cell(from);
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int ring = 0; ring <= most + 1 && (best < 0 || (ring - 1) * side <= least); ring++) {
            for (int x = middle.x() - ring; x <= middle.x() + ring; x++) {
                boolean edge = Math.abs(x - middle.x()) == ring;
                for (int y = middle.y() - ring; y <= middle.y() + ring; y += edge ? 1 : Math.max(1, 2 * ring)) {
                    for (int number : cells.getOrDefault(new Cell(x, y), List.of())) {
                        double distance = distance(number, from);
                        if (distance < least || distance == least && number < best) {
                            least = distance;
                            best = number;
                        }
                    }
                }
            }
        }
        remove(best);
        return best;
    }

    private double distance(int number, Point from) {
        double least = Double.POSITIVE_INFINITY;
        for (Point place : places[number]) {
            least = Math.min(least, place.distance(from));
        }
        return least;
    }
}
