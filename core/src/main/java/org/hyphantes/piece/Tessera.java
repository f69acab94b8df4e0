package org.hyphantes.piece;

import java.util.List;
import org.hyphantes.geometry.Region;

/**
 * A piece as it is left by all acts: one cell, or several joined.
 *
 * @param number of its first cell, by which it is called, from 1
 * @param ring of its first cell
 * @param cells the numbers of its cells
 * @param whole what its edges enclose; nothing of one that lies beyond the edge of a cloth
 * @param shapes what is left of that by the joint; none where nothing is left
 * @param cramped how many of its corners were to be round or cut and have no room for it
 */
public record Tessera(
        int number,
        int ring,
        List<Integer> cells,
        List<Region> whole,
        List<Region> shapes,
        int cramped,
        boolean dropped) {
    public Tessera {
        cells = List.copyOf(cells);
        whole = List.copyOf(whole);
        shapes = List.copyOf(shapes);
    }

    /** Whether the joint has left nothing of it. */
    public boolean isGone() {
        return shapes.isEmpty() && !dropped && !whole.isEmpty();
    }

    /** Its area in square millimetres, less the joint. */
    public double area() {
        return shapes.stream().mapToDouble(Region::area).sum();
    }
}
