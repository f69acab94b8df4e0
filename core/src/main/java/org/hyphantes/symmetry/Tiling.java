package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A group of a repeat on its lattice.
 *
 * @param across the side (mm) of a cell that runs across
 * @param down the side that runs down; no matter in a strip
 * @param origin where the origin of the group lies (mm)
 */
public record Tiling(RepeatGroup group, Point across, Point down, Point origin) {
    /** @throws IllegalArgumentException if the cell has no area */
    public Tiling {
        if (!(Math.abs(across.cross(down)) > 1e-12 * across.length() * down.length())) {
            throw new IllegalArgumentException("a cell has two sides that do not run the same way");
        }
    }

    /** The map to a position, moved on by so many cells. */
    public Affine map(RepeatGroup.Position position, double right, double further) {
        // Sides times the matrix times the inverse of the sides: exact where the sides are.
        double det = across.cross(down);
        Point x = side(position.a(), position.c());
        Point y = side(position.b(), position.d());
        double a = (x.x() * down.y() - y.x() * across.y()) / det;
        double b = (x.y() * down.y() - y.y() * across.y()) / det;
        double c = (y.x() * across.x() - x.x() * down.x()) / det;
        double d = (y.y() * across.x() - x.y() * down.x()) / det;
        Point shift = across.times(position.e() + right).plus(down.times(position.f() + further));
        Affine linear = new Affine(a, b, c, d, shift.x(), shift.y());
        return Affine.shift(origin).after(linear).after(Affine.shift(origin.times(-1)));
    }

    private Point side(int x, int y) {
        return across.times(x).plus(down.times(y));
    }

    /**
     * The share of a cell from which all of the pattern follows: no place of it is carried to another of it. Convex.
     *
     * @param strip from whose top to whose bottom a share of a strip goes
     */
    public Path share(Box strip) {
        boolean inStrip = group.cell() == RepeatGroup.Cell.STRIP;
        return Path.polygon(group.share().stream()
                .map(p -> origin.plus(across.times(p.x()))
                        .plus(inStrip ? new Point(0, beside(p.y(), strip)) : down.times(p.y())))
                .toList());
    }

    private double beside(double side, Box strip) {
        double least = 1e-3 * across.length();
        return side == 0
                ? 0
                : side < 0 ? Math.min(strip.top() - origin.y(), -least) : Math.max(strip.bottom() - origin.y(), least);
    }

    /** The shifts from cell to cell. */
    public Lattice lattice() {
        return new Lattice(across, group.cell() == RepeatGroup.Cell.STRIP ? Optional.empty() : Optional.of(down));
    }

    /** The shift to another cell. */
    public Point shift(int right, int further) {
        return across.times(right).plus(down.times(further));
    }

    /** The maps to all positions of so many cells across and down, from the one that is drawn in on. */
    public List<Affine> tile(int columns, int rows) {
        List<Affine> maps = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                for (RepeatGroup.Position position : group.positions()) {
                    maps.add(map(position, column, row));
                }
            }
        }
        return maps;
    }

    /** The maps to all positions in so many cells, about the one that is drawn in: the first of them where it is drawn. */
    public List<Affine> maps(int columns, int rows) {
        List<Affine> maps = new ArrayList<>();
        for (int row : about(rows)) {
            for (int column : about(columns)) {
                for (RepeatGroup.Position position : group.positions()) {
                    maps.add(map(position, column, row));
                }
            }
        }
        return maps;
    }

    /** So many numbers about 0, that first. */
    public static List<Integer> about(int count) {
        List<Integer> numbers = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            numbers.add(k % 2 == 0 ? k / 2 : -(k + 1) / 2);
        }
        return numbers;
    }
}
