package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;

/**
 * What a strand is, by structure: the id of its figure and which copy it is in each turning, the outermost last. Sizes and
 * places do not come into it, so that what refers to a strand survives their change.
 */
public record StrandKey(String figure, List<Integer> copies) {
    public StrandKey {
        copies = List.copyOf(copies);
    }

    public StrandKey copy(int k) {
        List<Integer> more = new ArrayList<>(copies);
        more.add(k);
        return new StrandKey(figure, more);
    }

    /** Which copy this is in the outermost turning; 0 without one. */
    public int outermost() {
        return copies.isEmpty() ? 0 : copies.get(copies.size() - 1);
    }

    /** The same strand taken as another copy of the outermost turning. */
    public StrandKey asCopy(int k) {
        if (copies.isEmpty()) {
            return this;
        }
        List<Integer> others = new ArrayList<>(copies);
        others.set(others.size() - 1, k);
        return new StrandKey(figure, others);
    }
}
