package org.hyphantes.cut;

import org.hyphantes.geometry.Path;
import org.hyphantes.scene.Origin;

/**
 * One line that the tool follows without being lifted.
 *
 * @param path as it lies on the bed (mm from its upper left corner, downward)
 * @param pass the number of its pass
 * @param origin what of the drawing it comes of
 * @param letter the letter of its strand; empty for what is of none
 */
public record Contour(Path path, int pass, Origin origin, String letter) {
    Contour with(Path other) {
        return new Contour(other, pass, origin, letter);
    }

    /** What it is of, in words: "piece 17", "strand C", "a line". */
    public String words() {
        return origin.piece() >= 0 ? "piece " + origin.piece() : letter.isEmpty() ? "a line" : "strand " + letter;
    }
}
