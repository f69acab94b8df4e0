package org.hyphantes.plait;

import org.hyphantes.geometry.Point;

/** How the flat plan of a plait lies on the page: a smooth map of columns and rows of half cells. */
@FunctionalInterface
public interface Lay {
    /** The place of a column and row. */
    Point at(double column, double row);

    /** Whether the plan itself bends rows level at its edges, so that strands turn there of themselves. */
    default boolean isBowed() {
        return false;
    }

    /**
     * Where a row of such a plan lies, from 0 at the first edge to 1 at the other: level over the last half cell on either.
     *
     * @param rows at least 2
     */
    static double bowed(double row, int rows) {
        double bowed =
                row < 1 ? row * row / 2 : row > rows - 1 ? rows - 1 - (rows - row) * (rows - row) / 2 : row - 0.5;
        return bowed / (rows - 1);
    }

    /** The way on the page of a step in the plan from a place, taken over a small stretch on either side. */
    default Point step(double column, double row, double columns, double rows) {
        double small = 1e-4;
        return at(column + small * columns, row + small * rows)
                .minus(at(column - small * columns, row - small * rows))
                .times(1 / (2 * small));
    }
}
