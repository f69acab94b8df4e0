package org.hyphantes.weave;

/**
 * How courses are to be cut.
 *
 * @param clearance beside each under-pass, in mm
 * @param shaded whether the ends that dive under are wanted by themselves
 * @param rough whether courses without room are only cut short, and places that three bands share not looked for
 */
record Manner(double clearance, boolean shaded, boolean rough) {
    static Manner of(Weave.Order order) {
        return new Manner(order.clearance(), order.shaded(), order.rough());
    }

    static Manner exact(double clearance) {
        return new Manner(clearance, false, false);
    }
}
