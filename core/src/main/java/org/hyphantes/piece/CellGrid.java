package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** Cells by the squares of a grid that their boxes meet, so that the one at a place is found without looking at all. */
final class CellGrid {
    private final List<Cell> cells;
    private final Box box;
    private final int side;
    private final List<List<Integer>> squares = new ArrayList<>();

    CellGrid(List<Cell> cells) {
        this.cells = cells;
        this.box = Box.round(cells.stream().map(c -> c.region().outline().box()).toList());
        this.side = (int) Math.max(1, Math.min(400, Math.ceil(Math.sqrt(cells.size()))));
        for (int i = 0; i < side * side; i++) {
            squares.add(new ArrayList<>(2));
        }
        for (int c = 0; c < cells.size(); c++) {
            Box own = cells.get(c).region().outline().box();
            for (int x = column(own.left()); x <= column(own.right()); x++) {
                for (int y = row(own.top()); y <= row(own.bottom()); y++) {
                    squares.get(y * side + x).add(c);
                }
            }
        }
    }

    private int column(double x) {
        return index(x - box.left(), box.width());
    }

    private int row(double y) {
        return index(y - box.top(), box.height());
    }

    private int index(double along, double length) {
        return length <= 0 ? 0 : (int) Math.max(0, Math.min(side - 1, Math.floor(along / length * side)));
    }

    Optional<Integer> at(Point place) {
        if (cells.isEmpty() || !box.contains(place)) {
            return Optional.empty();
        }
        return squares.get(row(place.y()) * side + column(place.x())).stream()
                .filter(c -> cells.get(c).region().contains(place))
                .findFirst();
    }
}
