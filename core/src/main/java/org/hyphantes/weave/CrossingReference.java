package org.hyphantes.weave;

import java.util.Comparator;

/**
 * A crossing by structure: two strands, and which of their common crossings it is, counted from the start of the first.
 *
 * <p>For an edit carried to every turn the copies are relative: the first strand is taken as copy 0, and the second as so
 * many copies ahead of it (negative: behind). A pair of neighbours is the same pair whether there are 8 turns or 9.
 */
public record CrossingReference(StrandKey first, StrandKey second, int ordinal)
        implements Comparable<CrossingReference> {
    private static final Comparator<StrandKey> BY_KEY = Comparator.comparing(StrandKey::figure)
            .thenComparing(k -> k.parts().toString())
            .thenComparing(k -> k.copies().toString());
    private static final Comparator<CrossingReference> ORDER = Comparator.comparing(CrossingReference::first, BY_KEY)
            .thenComparing(CrossingReference::second, BY_KEY)
            .thenComparing(CrossingReference::ordinal);

    @Override
    public int compareTo(CrossingReference other) {
        return ORDER.compare(this, other);
    }
}
