package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.hyphantes.geometry.BrokenOff;
import org.junit.jupiter.api.Test;

/**
 * Random walks of edits, as hands make them: figures and steps added, set, named, moved and removed, crossings pinned and broken, snags
 * mended, all of it undone and done again, saved and opened. Whatever the walk, what is saved is what is opened, undo restores just what
 * was, nothing throws, and nothing names a step or a figure that is not there. {@code -Dhyphantes.walks=N} walks more of them.
 */
class EditWalksTest {
    private static final int WALKS = Integer.getInteger("hyphantes.walks", 1_000);
    private static final int STEPS = 14;

    @Test
    void whateverTheWalkNothingIsLost() {
        // Two walks at a time: each has its own designs, and its own watch.
        int saved = LongStream.range(0, WALKS)
                .parallel()
                .mapToInt(EditWalksTest::walked)
                .sum();
        assertThat(saved).as("designs saved and opened again").isGreaterThan(WALKS / 2);
    }

    /** Walks one seed to its end; how often it saved and opened. */
    private static int walked(long seed) {
        EditWalk walk = new EditWalk(seed);
        for (int step = 0; step <= STEPS; step++) {
            try {
                if (step < STEPS) {
                    walk.step();
                } else {
                    walk.resolve();
                }
            } catch (BrokenOff e) {
                // Broken off, as a hand would by going on.
                continue;
            } catch (RuntimeException | CannotOpen | Error e) {
                throw new AssertionError("seed " + seed + ", step " + step + "\n" + ProjectFile.text(walk.design()), e);
            }
        }
        walk.undoAll(seed);
        return walk.saved();
    }
}
