package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Affine;

/**
 * A fill that no format has: laid as patches, one upon another from the first to the last, each of which reaches under the next so that
 * nothing shows between them. They are made when they are first asked for, since whoever is in a hurry takes the one colour.
 */
public final class Patched implements Fill {
    private final Colour colour;
    private final boolean whole;
    private final Supplier<List<Patch>> making;
    private List<Patch> made;

    /**
     * @param colour what stands for all of them
     * @param whole whether they cover all of the area, and do not leave ground between them
     */
    public Patched(Colour colour, boolean whole, Supplier<List<Patch>> making) {
        this.colour = colour;
        this.whole = whole;
        this.making = making;
    }

    public synchronized List<Patch> patches() {
        if (made == null) {
            made = List.copyOf(making.get());
        }
        return made;
    }

    /** The patches in their order; where none lies over another, those that follow on one another and are painted alike together. */
    public List<List<Patch>> alike() {
        List<List<Patch>> runs = new ArrayList<>();
        for (Patch patch : patches()) {
            if (whole
                    || runs.isEmpty()
                    || !runs.get(runs.size() - 1).get(0).fill().equals(patch.fill())) {
                runs.add(new ArrayList<>());
            }
            runs.get(runs.size() - 1).add(patch);
        }
        return runs;
    }

    public boolean isWhole() {
        return whole;
    }

    @Override
    public Colour colour() {
        return colour;
    }

    @Override
    public Patched map(UnaryOperator<Colour> change) {
        return new Patched(
                change.apply(colour),
                whole,
                () -> patches().stream()
                        .map(p -> new Patch(p.region(), p.fill().map(change)))
                        .toList());
    }

    /** The same carried by a similarity. */
    public Patched map(Affine map) {
        return new Patched(
                colour, whole, () -> patches().stream().map(p -> p.map(map)).toList());
    }
}
