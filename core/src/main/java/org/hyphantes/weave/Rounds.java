package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Bands that lie over one another in a round about one place, each over the next and the last over the first: cut one by one, each would take away
 * what lies under it, and nothing would be left there.
 */
final class Rounds {
    /** A round of more bands than this leaves its middle free. */
    private static final int MOST = 4;

    /** For each under-pass those beside it of the strand that is over it. */
    private final Map<Integer, List<Integer>> next = new HashMap<>();

    /** Takes two passages of one strand that share a place, over something and under something else. */
    void add(int over, int under) {
        next.computeIfAbsent(over ^ 1, k -> new ArrayList<>()).add(under);
    }

    /** All under-passes in rounds. */
    BitSet found() {
        BitSet found = new BitSet();
        for (int first : next.keySet()) {
            if (!found.get(first)) {
                closes(first, first, MOST, found);
            }
        }
        return found;
    }

    /** Whether so few steps lead from an under-pass to the first again; those on the way are found then. */
    private boolean closes(int first, int here, int steps, BitSet found) {
        boolean closes = false;
        for (int under : next.getOrDefault(here, List.of())) {
            if (under == first || steps > 1 && closes(first, under, steps - 1, found)) {
                found.set(here);
                closes = true;
            }
        }
        return closes;
    }
}
