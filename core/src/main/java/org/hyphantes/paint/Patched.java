package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/**
 * A fill that no format has: laid as patches, one upon another from the first to the last, each of which reaches under the next so that
 * nothing shows between them. They are made when they are first asked for, since whoever is in a hurry takes the one colour.
 */
public final class Patched implements Fill {
    /** How patches lie in their area. */
    public enum Manner {
        /** Over all of it, each a little under the next. */
        COVERING,
        /** None over another, with ground between them. */
        STREWN,
        /** One over another, with ground between them. */
        LAYERED
    }

    private final Colour colour;
    private final Manner manner;
    private final Optional<Sweep> sweep;
    private final Supplier<List<Patch>> making;
    private List<Patch> made;

    /**
     * @param colour what stands for all of them
     * @param manner how they lie in the area
     */
    public Patched(Colour colour, Manner manner, Supplier<List<Patch>> making) {
        this(colour, manner, Optional.empty(), making);
    }

    Patched(Colour colour, Manner manner, Optional<Sweep> sweep, Supplier<List<Patch>> making) {
        this.colour = colour;
        this.sweep = sweep;
        this.manner = manner;
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
            if (manner != Manner.STREWN
                    || runs.isEmpty()
                    || !runs.get(runs.size() - 1).get(0).fill().equals(patch.fill())) {
                runs.add(new ArrayList<>());
            }
            runs.get(runs.size() - 1).add(patch);
        }
        return runs;
    }

    /** Whether they leave no ground between them. */
    public boolean isWhole() {
        return manner == Manner.COVERING;
    }

    /** The gradient about a centre that they stand for, if they do and have not been carried elsewhere. */
    public Optional<Sweep> sweep() {
        return sweep;
    }

    @Override
    public Optional<Colour> at(Point place) {
        List<Patch> all = patches();
        for (int i = all.size() - 1; i >= 0; i--) {
            if (all.get(i).region().contains(place)) {
                return all.get(i).fill().at(place);
            }
        }
        return Optional.empty();
    }

    @Override
    public Colour colour() {
        return colour;
    }

    @Override
    public Patched map(UnaryOperator<Colour> change) {
        return new Patched(
                change.apply(colour),
                manner,
                sweep.map(s -> s.map(change)),
                () -> patches().stream()
                        .map(p -> new Patch(p.region(), p.fill().map(change)))
                        .toList());
    }

    /** The same carried by a similarity. */
    public Patched map(Affine map) {
        return new Patched(
                colour, manner, () -> patches().stream().map(p -> p.map(map)).toList());
    }
}
