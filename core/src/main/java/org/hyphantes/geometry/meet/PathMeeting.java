package org.hyphantes.geometry.meet;

import org.hyphantes.geometry.Point;

/**
 * A place where two paths of a list meet, or one path meets itself: the indices of the paths and the positions on them.
 * The first path stands before or is the second; on one path the first position is the smaller.
 */
public record PathMeeting(Kind kind, Point place, int first, double firstPosition, int second, double secondPosition) {
    public enum Kind {
        /** Each path passes from one side of the other to the other side. */
        CROSSING,
        /** The paths share the place, but neither passes through the other, or one of them ends there. */
        TOUCH,
        /** The paths lie on one another for a stretch that begins here. */
        OVERLAP
    }
}
