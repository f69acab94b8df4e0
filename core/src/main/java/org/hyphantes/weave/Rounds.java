package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.hyphantes.geometry.Watch;

/**
 * Bands that lie over one another in a round about one place, each over the next and the last over the first: cut one by one, each would take away
 * what lies under it, and nothing would be left there. If one of them has no place in common with both that it crosses, there is none that all cover.
 */
final class Rounds {
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
        next.forEach((here, beside) -> beside.removeIf(b -> {
            Watch.ask();
            return near.get(here) && near.get(b.under()) && !b.common().getAsBoolean();
        }));
        return inRounds();
    }

    /**
     * A round of more than four bands leaves its middle free. So that is where two steps on and two steps back meet: of bands with many beside them it
     * would take long to go four steps on.
     */
    private BitSet inRounds() {
        Map<Integer, List<Integer>> before = new HashMap<>();
        next.forEach((here, beside) -> beside.forEach(
                b -> before.computeIfAbsent(b.under(), k -> new ArrayList<>()).add(here)));
        BitSet found = new BitSet();
        for (int first : next.keySet()) {
            Watch.ask();
            Set<Integer> on = new HashSet<>();
            Set<Integer> twoOn = new HashSet<>();
            for (Beside beside : next.get(first)) {
                on.add(beside.under());
                next.getOrDefault(beside.under(), List.of()).forEach(b -> twoOn.add(b.under()));
            }
            boolean isIn = on.contains(first) || twoOn.contains(first);
            for (int last : before.getOrDefault(first, List.of())) {
                isIn |= twoOn.contains(last)
                        || before.getOrDefault(last, List.of()).stream().anyMatch(twoOn::contains);
            }
            found.set(first, isIn);
        }
        return found;
    }
}
