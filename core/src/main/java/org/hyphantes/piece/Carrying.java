package org.hyphantes.piece;

import java.util.List;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.UnionFind;
import org.hyphantes.weave.Reach;

/** The maps that carry cells to cells, as far as acts on them reach. */
interface Carrying {
    /** The cells that an act on some cells reaches, for each map of the reach in their order; the first are they themselves. */
    List<List<Integer>> reached(List<Integer> of, Reach reach);

    /** The cells that any of its maps carry to one another. */
    UnionFind orbits();

    /** Where one of those maps carries a place. */
    Point placed(Point place, List<Integer> of, Reach reach, int map);
}
