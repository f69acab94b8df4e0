package org.hyphantes.weave;

/** How far one edit is carried: to the one crossing meant, or to its siblings under the symmetry of the design. */
public enum Reach {
    THIS_ONE,
    MIRROR_TWIN,
    EVERY_TURN,
    EVERY_TURN_AND_MIRROR,
    EVERY_REPEAT;

    public boolean turns() {
        return this == EVERY_TURN || this == EVERY_TURN_AND_MIRROR || this == EVERY_REPEAT;
    }

    public boolean mirrors() {
        return this == MIRROR_TWIN || this == EVERY_TURN_AND_MIRROR;
    }
}
