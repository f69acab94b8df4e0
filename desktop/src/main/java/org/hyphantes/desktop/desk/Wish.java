package org.hyphantes.desktop.desk;

import org.hyphantes.design.Design;
import org.hyphantes.design.Group;

/**
 * What is to be resolved, and the token of what was: whatever resolving makes carries the wish it answers, and is acted on only while that
 * is the present one.
 *
 * @param design the design
 * @param group the id of the group in hand
 * @param shuttle how many steps of its recipe the field shows
 * @param knowing whether known points are asked for
 * @param measured whether bands are measured against one another
 */
public record Wish(Design design, String group, int shuttle, boolean knowing, boolean measured) {
    /** Whether another wish asks for the same, of the same state of the design. */
    boolean isSame(Wish other) {
        return design == other.design
                && group.equals(other.group)
                && shuttle == other.shuttle
                && knowing == other.knowing
                && measured == other.measured;
    }

    /** The group in hand; the whole design when that is gone. */
    Group inHand() {
        return design.group(group).orElse(design.root());
    }
}
