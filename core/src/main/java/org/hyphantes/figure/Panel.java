package org.hyphantes.figure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.AllOver;
import org.hyphantes.plait.Bar;
import org.hyphantes.plait.Lattice;
import org.hyphantes.plait.Lay;
import org.hyphantes.plait.Sides;
import org.hyphantes.plait.Turns;

/** A rectangular plan of a plait, laid so that its outermost lines touch a box. */
public record Panel(
        int across,
        int along,
        double width,
        double height,
        Map<Lattice.Spot, Bar> bars,
        int border,
        Turns turns,
        Sides sides) {
    private Lattice lattice() {
        boolean hollow = border > 0 && 2 * border < Math.min(across, along);
        Optional<Lattice.Hollow> middle = hollow
                ? Optional.of(new Lattice.Hollow(2 * border, 2 * border, 2 * (across - border), 2 * (along - border)))
                : Optional.empty();
        Map<Lattice.Spot, Bar> within = new HashMap<>(bars);
        within.keySet()
                .removeIf(s -> s.column() <= 0
                        || s.row() <= 0
                        || s.column() >= 2 * across
                        || s.row() >= 2 * along
                        || middle.filter(h -> s.column() >= h.left()
                                        && s.column() <= h.right()
                                        && s.row() >= h.top()
                                        && s.row() <= h.bottom())
                                .isPresent());
        return new Lattice(2 * across, 2 * along, false, within, middle);
    }

    /** The strands about the origin, closed but for those that leave at open sides. */
    public List<Path> strands() {
        if (sides == Sides.OPEN) {
            Map<Lattice.Spot, Bar> within = new HashMap<>();
            bars.forEach((spot, bar) -> within.put(home(spot.column(), spot.row()), bar));
            return new AllOver(2 * across, 2 * along, within).strands(lay(), turns);
        }
        return lattice().strands(lay(), turns);
    }

    /** The spot of a crossing at a place, if one is near. */
    public Optional<Lattice.Spot> spot(Point place) {
        double[] half = halfCells();
        double x = place.x() / half[0] + across;
        double y = place.y() / half[1] + along;
        int column = (int) Math.rint(x);
        int row = (int) Math.rint(y);
        if (sides == Sides.OPEN) {
            return Math.floorMod(column + row, 2) == 1 && Math.hypot(x - column, y - row) < 0.45
                    ? Optional.of(home(column, row))
                    : Optional.empty();
        }
        boolean within = column > 0 && row > 0 && column < 2 * across && row < 2 * along;
        return within && Math.floorMod(column + row, 2) == 1 && Math.hypot(x - column, y - row) < 0.45
                ? Optional.of(new Lattice.Spot(column, row))
                : Optional.empty();
    }

    /** The same spot of the tile itself. */
    private Lattice.Spot home(int column, int row) {
        return new Lattice.Spot(Math.floorMod(column, 2 * across), Math.floorMod(row, 2 * along));
    }

    private Lay lay() {
        double[] half = halfCells();
        return (column, row) -> new Point((column - across) * half[0], (row - along) * half[1]);
    }

    /** Width and height (mm) of a half cell, such that the outermost turns touch the box, or open sides are the box. */
    private double[] halfCells() {
        double x = width / (2 * across);
        double y = height / (2 * along);
        for (int i = 0; turns == Turns.ROUNDED && sides == Sides.CLOSED && i < 40; i++) {
            x = width / (2 * across - 2 * Lattice.shortfall(y, x));
            y = height / (2 * along - 2 * Lattice.shortfall(x, y));
        }
        return new double[] {x, y};
    }
}
