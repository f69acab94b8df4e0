package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.symmetry.Orbit;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.weave.StrandKey;

/**
 * A treatment on the figures that it takes, by which the others pass: their lines keep their place before and behind what is made
 * of those. A weave is taken when all its strands are of such figures.
 *
 * @param given what it is done to, which is left as it is by what can do nothing
 */
public record Taken(Treatment treatment, Work part, Work others, Work whole, Work given) {
    public static Taken of(Treatment treatment, Work given, Surroundings surroundings) {
        // What is not done tile by tile is done to all of a cloth.
        Work work = given.cloth().isEmpty() || treatment.keepsCloth() ? given : given.spread(treatment.cutsCloth());
        // Pieces are of no figure: what colours takes them all, and its figures are those on whose sides they lie.
        boolean pieces = treatment.phase() == Phase.COLOUR
                && work.lines().isEmpty()
                && work.weaves().isEmpty();
        if (treatment.taken().equals(Surroundings.EVERY_FIGURE) || pieces) {
            return new Taken(treatment, work, Work.of(List.of()), work, given);
        }
        // What passes by is of the cloth as it is seen, and not of the tiles beyond its edge.
        Work seen = treatment.cutsCloth() ? given.spread() : work;
        return new Taken(
                treatment,
                of(work, treatment, surroundings, true),
                of(seen, treatment, surroundings, false),
                seen,
                given);
    }

    /** The lines and weaves of a work that a treatment takes, or all others with what is in pieces. */
    private static Work of(Work work, Treatment treatment, Surroundings surroundings, boolean taken) {
        Predicate<StrandKey> meant = surroundings.meaning(treatment.taken());
        List<Laid> lines =
                work.lines().stream().filter(l -> meant.test(l.key()) == taken).toList();
        List<Laying> weaves = work.weaves().stream()
                .filter(w -> w.weave().strands().stream().allMatch(s -> meant.test(s.key())) == taken)
                .toList();
        return new Work(lines, weaves, taken ? List.of() : work.mosaics(), work.symmetry(), work.cloth(), work.out());
    }

    /** Whether more would come of it than is laid. */
    public boolean isTooMuch() {
        return treatment.isTooMuch(part);
    }

    /** The whole work with the treatment done. */
    public Work applied(Surroundings surroundings) {
        if (part.size() == 0) {
            return given;
        }
        Work done = treatment.apply(part, surroundings);
        if (done == part) {
            return given;
        }
        Work made = kept(done);
        if (part == whole) {
            return made;
        }
        if (made.cloth().isPresent() && whole.cloth().isEmpty()) {
            made = laidAmongOthers(made, surroundings);
        }
        List<Laid> lines = new ArrayList<>();
        boolean laid = false;
        Predicate<StrandKey> meant = surroundings.meaning(treatment.taken());
        for (Laid line : whole.lines()) {
            if (!meant.test(line.key())) {
                lines.add(line);
            } else if (!laid) {
                laid = true;
                lines.addAll(made.lines());
            }
        }
        List<Laying> weaves = new ArrayList<>(others.weaves());
        weaves.addAll(made.weaves());
        List<Inlay> mosaics = new ArrayList<>(others.mosaics());
        mosaics.addAll(made.mosaics());
        boolean kept = made.symmetry().equals(whole.symmetry()) || carriesTheOthers(made.symmetry());
        return new Work(lines, weaves, mosaics, kept ? made.symmetry() : Symmetry.NONE, whole.cloth());
    }

    /**
     * A cloth of some of what there is, is laid tile by tile among the rest. Its lines end at its edge, where it is cut off; not so what has a breadth
     * by then, which would end across its own way and not along the edge.
     */
    private static Work laidAmongOthers(Work cloth, Surroundings surroundings) {
        Work all = cloth.spread();
        boolean bare = cloth.weaves().isEmpty()
                && cloth.mosaics().isEmpty()
                && cloth.lines().stream().allMatch(l -> l.band().isEmpty());
        return cloth.cloth()
                .flatMap(c -> c.cutTo(cloth.drawn()))
                .filter(edge -> bare)
                .map(edge -> Confined.cut(all, edge, surroundings))
                .orElse(all);
    }

    /** What was made of a tile is a tile of the same cloth. */
    private Work kept(Work made) {
        return whole.cloth().isPresent() ? made.on(whole.cloth()) : made;
    }

    /** Whether what passed by is carried to itself as well, line by line. */
    private boolean carriesTheOthers(Symmetry symmetry) {
        double tolerance = 10 * whole.tolerance().distance();
        return (others.size() == 0 || symmetry.repeats().isEmpty())
                && others.weaves().isEmpty()
                && others.lines().stream().map(Laid::path).allMatch(path -> isCarried(path, symmetry, tolerance));
    }

    private static boolean isCarried(Path path, Symmetry symmetry, double tolerance) {
        return symmetry.turning().map(t -> Orbit.size(path, t, tolerance) == 1).orElse(true)
                && symmetry.mirror()
                        .map(m -> path.map(m).covers(path, tolerance))
                        .orElse(true);
    }
}
