package org.hyphantes.weave;

import java.util.List;
import java.util.Optional;

/**
 * A strand filled by hand.
 *
 * @param well the number of the well, from 1; 0 for no fill
 */
public record StrandFill(StrandKey strand, int well, Reach reach) {
    /** The last of several that reaches a strand. */
    public static Optional<StrandFill> of(StrandKey strand, List<StrandFill> fills) {
        return fills.stream().filter(f -> f.reaches(strand)).reduce((before, last) -> last);
    }

    /** Whether it is done to a strand: the one named, its turns, or its turns and mirror images. */
    public boolean reaches(StrandKey other) {
        boolean alike = other.figure().equals(strand.figure())
                && (reach.mirrors() || other.parts().equals(strand.parts()));
        return other.equals(strand) || reach != Reach.THIS_ONE && alike;
    }
}
