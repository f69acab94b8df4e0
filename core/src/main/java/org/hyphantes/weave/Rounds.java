package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * Bands that lie over one another in a round about one place, each over the next and the last over the first: cut one by one, each would take away
 * what lies under it, and nothing would be left there. If one of them has no place in common with both that it crosses, there is none that all cover.
 */
final class Rounds {
    /** A round of more bands than this leaves its middle free. */
    private static final int MOST = 4;

    /** An under-pass beside another of the strand over that, and whether the three bands have a place in common. */
    private record Beside(int under, BooleanSupplier common) {}

    /** For each under-pass those beside it of the strand that is over it. */
    private final Map<Integer, List<Beside>> next = new HashMap<>();

    /**
     * Takes two passages of one strand that are near one another, over something and under something else.
     *
     * @param common whether the strand and those two have a place in common; asked only if the passages are in a round
     */
    void add(int over, int under, BooleanSupplier common) {
        next.computeIfAbsent(over ^ 1, k -> new ArrayList<>()).add(new Beside(under, common));
    }

    /** All under-passes in rounds whose bands may have a place in common. */
    BitSet found() {
        BitSet near = inRounds();
        next.forEach((here, beside) -> beside.removeIf(
                b -> near.get(here) && near.get(b.under()) && !b.common().getAsBoolean()));
        return inRounds();
    }

    private BitSet inRounds() {
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
        for (Beside beside : next.getOrDefault(here, List.of())) {
            int under = beside.under();
            if (under == first || steps > 1 && closes(first, under, steps - 1, found)) {
                found.set(here);
                closes = true;
            }
        }
        return closes;
    }
}
