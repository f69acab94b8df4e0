package org.hyphantes.cut;

import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Origin;

/**
 * One line that the tool follows without being lifted.
 *
 * @param path as it lies on the bed (mm from its upper left corner, downward)
 * @param pass the number of its pass
 * @param part the number of the area that it is the edge of, or is engraved on; -1 for lines, and of a sheet 0 for all
 * @param origin what of the drawing it comes of
 * @param letter the letter of its strand; empty for what is of none
 */
public record Contour(Path path, int pass, int part, Origin origin, String letter) {
    Contour with(Path other) {
        return new Contour(other, pass, part, origin, letter);
    }

    /** A place on a path away from its corners, where it may touch others or lie a little over them. */
    static Point away(Path path) {
        Curve longest = path.curves().get(0);
        for (Curve curve : path.curves()) {
            longest = curve.length() > longest.length() ? curve : longest;
        }
        return longest.at(0.45);
    }

    /** What it is of, in words: "piece 17", "strand C", "a line". */
    public String words() {
        return origin.piece() >= 0 ? "piece " + origin.piece() : letter.isEmpty() ? "a line" : "strand " + letter;
    }
}
