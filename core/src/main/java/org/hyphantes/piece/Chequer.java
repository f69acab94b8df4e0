package org.hyphantes.piece;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Every second piece: of neighbours one is odd and the other even, wherever that can be. It always can where all lines are closed and cross
 * (the two-colour theorem).
 */
public final class Chequer {
    private final boolean[] odd;

    public Chequer(Division division) {
        int n = division.cells().size();
        odd = new boolean[n];
        boolean[] seen = new boolean[n];
        for (int first = n - 1; first >= 0; first--) {
            if (seen[first]) {
                continue;
            }
            // From the outside inward, so that pieces at the rim are alike.
            Deque<Integer> open = new ArrayDeque<>();
            seen[first] = true;
            open.add(first);
            while (!open.isEmpty()) {
                int here = open.remove();
                for (Neighbour beside : division.neighbours(here)) {
                    if (!seen[beside.cell()]) {
                        seen[beside.cell()] = true;
                        odd[beside.cell()] = !odd[here];
                        open.add(beside.cell());
                    }
                }
            }
        }
    }

    /** The numbers of the odd cells. */
    public List<Integer> cells() {
        return IntStream.range(0, odd.length).filter(c -> odd[c]).boxed().toList();
    }

    /** For each cell whether it is odd. */
    public boolean[] odd() {
        return odd.clone();
    }
}
