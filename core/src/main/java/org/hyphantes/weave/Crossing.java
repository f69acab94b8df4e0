package org.hyphantes.weave;

import org.hyphantes.geometry.Point;

/** A crossing with over and under decided: strands by index, positions as on their paths. */
public record Crossing(Point place, int over, double overPosition, int under, double underPosition, State state) {
    /** What is to be said of a crossing. */
    public enum State {
        /** In the rhythm, by the resolver. */
        RESOLVED,
        /** In the rhythm, and set by hand. */
        PINNED,
        /** Set by hand against the rhythm. */
        OUT_OF_RHYTHM,
        /** Three strands or more meet here, so that which crosses which first is not decided. */
        UNDECIDED
    }

    public boolean isPinned() {
        return state == State.PINNED || state == State.OUT_OF_RHYTHM;
    }
}
