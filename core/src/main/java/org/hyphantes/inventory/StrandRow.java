package org.hyphantes.inventory;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.weave.StrandKey;

/**
 * A strand or line of a design.
 *
 * @param name its letter
 * @param weave the number of its weave; -1 for a line that is not woven
 * @param strand its number within that weave
 * @param path its centre line as it is laid
 * @param onward on a cloth, by how many tiles it goes on for ever, if it does
 * @param passes along it from its start, whether each passage goes over; none for a line
 */
public record StrandRow(
        String name,
        StrandKey key,
        int weave,
        int strand,
        Path path,
        Optional<Lattice.Steps> onward,
        List<Boolean> passes) {
    public StrandRow {
        passes = List.copyOf(passes);
    }

    /** Whether it is closed, runs on for ever, or is open. */
    public String way() {
        return path.closed() ? "closed" : onward.isPresent() ? "runs on" : "open";
    }

    /** How many passages go over. */
    public long over() {
        return passes.stream().filter(p -> p).count();
    }
}
