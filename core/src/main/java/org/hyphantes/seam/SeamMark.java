package org.hyphantes.seam;

import org.hyphantes.geometry.Point;

/**
 * A place at which a line comes to a seam, or ends without going on.
 *
 * @param place where (mm), on the tile that is drawn in
 * @param heading the way in which it leaves
 * @param partner where what goes on there begins, carried to that tile; the place itself where it is met
 * @param strand the letter of the strand, or an empty text for a line
 */
public record SeamMark(Kind kind, Point place, Point heading, Point partner, String strand) {
    /** How a line is answered on the other side. */
    public enum Kind {
        /** It goes on as it came. */
        MET,
        /** It goes on in the same place, but with a corner. */
        TURNED,
        /** It goes on in the same place, but with another width or colour. */
        UNLIKE,
        /** What goes on begins elsewhere. */
        OUT,
        /** Nothing goes on. */
        UNANSWERED
    }

    public double distance() {
        return place.distance(partner);
    }
}
