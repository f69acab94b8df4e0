package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * A corner of a cell.
 *
 * @param word what it is by structure: the stretch that begins there with the piece beside it, and which of that path's own corners
 */
public record Corner(String word, Point place) {
    /** Turns smaller than this (as a sine) are no corners. */
    private static final double SMOOTH = 1e-4;

    /** Whether two directions of travel make a corner. */
    static boolean isTurn(Point in, Point out) {
        return Math.abs(in.cross(out)) > SMOOTH || in.dot(out) < 0;
    }

    /** Where a closed path turns. */
    static List<Point> of(Path path) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < path.size(); i++) {
            if (isCorner(path, i)) {
                corners.add(path.curves().get(i).start());
            }
        }
        return corners;
    }

    /** Whether a closed path turns where one of its curves begins. */
    static boolean isCorner(Path path, int curve) {
        int before = curve == 0 ? path.size() - 1 : curve - 1;
        return isTurn(
                path.curves().get(before).tangent(1), path.curves().get(curve).tangent(0));
    }
}
