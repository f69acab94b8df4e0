package org.hyphantes.plait;

import org.hyphantes.geometry.Point;

/**
 * A place that a strand goes through, with its heading there.
 *
 * @param heading a unit vector
 * @param kind what the strand does there
 */
record Node(Point place, Point heading, Kind kind) {
    enum Kind {
        /** It crosses another strand. */
        CROSSING,
        /** It runs along an edge or a bar, and back. */
        TURN,
        /** It turns back at once, with a tip. */
        TIP
    }
}
