package org.hyphantes.plait;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Breaks by rule: bars at every so many cells along a plait.
 *
 * @param every after how many cells the next stands; 0 for none
 */
public record Rule(Bar bar, int every, Where where) {
    /**
     * The breaks in a plan that is {@code across} cells wide and {@code along} cells long, as spots of across and along.
     *
     * @param ring whether the plan closes lengthwise, so that one stands at its start too
     */
    public Map<Lattice.Spot, Bar> bars(int across, int along, boolean ring) {
        Map<Lattice.Spot, Bar> bars = new LinkedHashMap<>();
        if (every <= 0) {
            return bars;
        }
        for (int k = ring ? 0 : 1; k * every < along + (bar == Bar.UPRIGHT && !ring ? 1 : 0); k++) {
            int y = 2 * k * every - (bar == Bar.UPRIGHT && !ring ? 1 : 0);
            for (int x : places(across, Math.floorMod(y, 2) == 0 ? 1 : 0)) {
                bars.put(new Lattice.Spot(x, y), bar);
            }
        }
        return bars;
    }

    /** The half cells across, of a parity, that a rule takes. */
    private int[] places(int across, int parity) {
        int first = parity == 1 ? 1 : 2;
        int last = 2 * across - first;
        if (last < first) {
            return new int[0];
        }
        if (where == Where.AT_BOTH_SIDES) {
            return first == last ? new int[] {first} : new int[] {first, last};
        }
        return across % 2 == parity ? new int[] {across} : new int[] {across - 1, across + 1};
    }
}
