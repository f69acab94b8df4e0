package org.hyphantes.scene;

import java.util.List;
import org.hyphantes.weave.StrandKey;

/**
 * Where a mark comes from, by structure; what it has not is -1.
 *
 * @param key its figure and copies
 * @param strand the number of its strand within the weave
 * @param course which course of the strand
 * @param piece which piece, once lines enclose pieces
 * @param tile which copy of a repeat
 */
public record Origin(StrandKey key, int strand, int course, int piece, int tile) {
    /** Of a line or band that is not woven. */
    public static Origin of(StrandKey key) {
        return new Origin(key, -1, -1, -1, -1);
    }

    /** Of a course of a strand; -1 for all of the strand. */
    public static Origin of(StrandKey key, int strand, int course) {
        return new Origin(key, strand, course, -1, -1);
    }

    /** Of a piece, or a ring of pieces, by its number. */
    public static Origin piece(int number) {
        return new Origin(new StrandKey("", List.of()), -1, -1, number, -1);
    }

    public boolean isWoven() {
        return strand >= 0;
    }
}
