package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;

/**
 * What a strand is, by structure: the id of its figure, which of its lines it is, and which copy in each turning, the outermost
 * last. Sizes and places do not come into it, so that what refers to a strand survives their change.
 *
 * @param figure the id of the figure
 * @param parts which line of the figure, and which image or parallel of it each further treatment made, in order; empty when
 *     there was never more than one
 * @param copies which copy in each turning
 */
public record StrandKey(String figure, List<Integer> parts, List<Integer> copies) {
    public StrandKey {
        parts = List.copyOf(parts);
        copies = List.copyOf(copies);
    }

    public StrandKey(String figure, List<Integer> copies) {
        this(figure, List.of(), copies);
    }

    /** The line of a number made of this one. */
    public StrandKey part(int k) {
        return new StrandKey(figure, with(parts, k), copies);
    }

    /** What this is a line of, one making back. */
    public StrandKey whole() {
        return parts.isEmpty() ? this : new StrandKey(figure, parts.subList(0, parts.size() - 1), copies);
    }

    public StrandKey copy(int k) {
        return new StrandKey(figure, parts, with(copies, k));
    }

    private static List<Integer> with(List<Integer> list, int k) {
        List<Integer> more = new ArrayList<>(list);
        more.add(k);
        return more;
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
        return new StrandKey(figure, parts, others);
    }
}
