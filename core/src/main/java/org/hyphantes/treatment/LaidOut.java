package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.piece.Repeating;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;

/**
 * A cloth of which all tiles are laid out.
 *
 * @param tiles the steps to each of them, in the order in which they are laid
 * @param drawn the box round what is drawn in one
 */
public record LaidOut(Cloth cloth, List<Lattice.Steps> tiles, Box drawn) {
    public LaidOut {
        tiles = List.copyOf(tiles);
    }

    /** How cells repeat in it. */
    Repeating repeating(Symmetry symmetry) {
        return Repeating.of(symmetry.repeats(), cloth.lattice(), tiles, cloth.cutTo(drawn));
    }
}
