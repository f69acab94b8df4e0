package org.hyphantes.piece;

import org.hyphantes.geometry.Path;
import org.hyphantes.weave.StrandKey;

/**
 * A path that divides: what it is by structure, and where.
 *
 * @param key the line, or the strand of the band or course that it bounds
 * @param role {@code line}; or which edge of a band or which course of a strand it is
 */
public record Bounding(StrandKey key, String role, Path path) {
    /** What it is, as a word of a piece's name. */
    String word() {
        StringBuilder word = new StringBuilder(key.figure());
        key.parts().forEach(p -> word.append('/').append(p));
        key.copies().forEach(c -> word.append('@').append(c));
        return role.equals("line") ? word.toString() : word + " " + role;
    }

    /** Whether it was laid once for all turns, so that another is better to count along. */
    boolean isSingle() {
        return key.copies().isEmpty() || key.outermost() == 0 && key.copies().size() == 1;
    }
}
