package org.hyphantes.piece;

import java.util.Optional;
import org.hyphantes.geometry.Point;

/**
 * What was done to corners of a cell.
 *
 * @param corner where the one is that it was done to; empty for all of the cell
 */
record Cornering(int cell, Optional<Point> corner, boolean round) {
    /** Corners nearer to one another than this share of the root of the area are one. */
    static final double SAME = 1e-4;
}
