package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.weave.Strand;

/**
 * The work of a group as it stands between two treatments: lines not yet woven, weaves, mosaics of pieces, and the symmetry under
 * which all of it is carried to itself.
 *
 * @param cloth the cloth that all of it is one tile of, if it is
 * @param out the cloth whose tiles it is laid out as, if it is, with those beyond its edge
 */
public record Work(
        List<Laid> lines,
        List<Laying> weaves,
        List<Inlay> mosaics,
        Symmetry symmetry,
        Optional<Cloth> cloth,
        Optional<LaidOut> out) {
    public Work(List<Laid> lines, List<Laying> weaves, List<Inlay> mosaics, Symmetry symmetry, Optional<Cloth> cloth) {
        this(lines, weaves, mosaics, symmetry, cloth, Optional.empty());
    }

    public Work(List<Laid> lines, List<Laying> weaves, List<Inlay> mosaics, Symmetry symmetry) {
        this(lines, weaves, mosaics, symmetry, Optional.empty());
    }

    public Work {
        lines = List.copyOf(lines);
        weaves = List.copyOf(weaves);
        mosaics = List.copyOf(mosaics);
    }

    public static Work of(List<Laid> lines) {
        return new Work(lines, List.of(), List.of(), Symmetry.NONE);
    }

    /** The same as one tile of a cloth. */
    Work on(Optional<Cloth> of) {
        return new Work(lines, weaves, mosaics, symmetry, of);
    }

    /** The box round all lines, those of weaves and the borders of pieces. */
    public Box drawn() {
        List<Box> boxes = new ArrayList<>();
        for (Laid line : lines) {
            double width = line.band().map(b -> b.widths().widest()).orElse(0.0);
            boxes.add(line.path().box().grown(width / 2));
        }
        for (Laying laying : weaves) {
            for (Strand strand : laying.weave().strands()) {
                boxes.add(strand.path().map(laying.placed()).box().grown(strand.width() / 2));
            }
        }
        for (Inlay inlay : mosaics) {
            inlay.mosaic()
                    .division()
                    .cells()
                    .forEach(c ->
                            boxes.add(c.region().outline().map(inlay.placed()).box()));
        }
        return Box.round(boxes);
    }

    /** The work of all tiles of its cloth; this very one where it is of none. */
    public Work spread() {
        return spread(false);
    }

    /** @param further whether with the tiles beyond the edge of a cloth that is cut off */
    Work spread(boolean further) {
        if (cloth.isEmpty()) {
            return this;
        }
        List<Laid> allLines = new ArrayList<>();
        List<Laying> allWeaves = new ArrayList<>();
        List<Inlay> allMosaics = new ArrayList<>();
        Box drawn = drawn();
        List<Lattice.Steps> tiles = cloth.get().steps(drawn, further);
        Optional<Box> seen = cloth.get().cutTo(drawn).map(Path::box);
        for (Lattice.Steps steps : tiles) {
            Watch.ask();
            Affine map = Affine.shift(cloth.get().lattice().shift(steps));
            for (Laid line : lines) {
                Laid there = line.mapped(map, line.key().copy(steps.number()));
                double width = line.band().map(b -> b.widths().widest()).orElse(0.0);
                if (further
                        || seen.isEmpty()
                        || there.path().box().grown(width / 2).meets(seen.get())) {
                    allLines.add(there);
                }
            }
            weaves.forEach(w -> allWeaves.add(w.carried(map)));
            mosaics.forEach(m -> allMosaics.add(m.carried(map)));
        }
        LaidOut laidOut = new LaidOut(cloth.get(), tiles, drawn);
        return new Work(allLines, allWeaves, allMosaics, symmetry, Optional.empty(), Optional.of(laidOut));
    }

    /** Both works together, this one behind. */
    public Work with(Work other) {
        if (cloth.isPresent() || other.cloth.isPresent()) {
            return other.size() == 0 ? this : size() == 0 ? other : spread().with(other.spread());
        }
        List<Laid> allLines = new ArrayList<>(lines);
        allLines.addAll(other.lines);
        List<Laying> allWeaves = new ArrayList<>(weaves);
        allWeaves.addAll(other.weaves);
        List<Inlay> allMosaics = new ArrayList<>(mosaics);
        allMosaics.addAll(other.mosaics);
        return new Work(allLines, allWeaves, allMosaics, Symmetry.NONE);
    }

    Work withLines(List<Laid> changed) {
        return new Work(changed, weaves, mosaics, symmetry, cloth);
    }

    /** The lines that can become strands: all but those that only go round an area that is filled. */
    public List<Laid> strandlike() {
        return lines.stream()
                .filter(l -> l.band().isPresent() || l.filled().isEmpty())
                .toList();
    }

    /** All weaves, those that have been divided into pieces among them. */
    public List<Laying> woven() {
        if (mosaics.isEmpty()) {
            return weaves;
        }
        List<Laying> all = new ArrayList<>(weaves);
        mosaics.forEach(m -> m.weaves().forEach(l -> all.add(l.carried(m.placed()))));
        return all;
    }

    /** The turns under which it is carried to itself, if any. */
    public Optional<Turning> turning() {
        return symmetry.turning();
    }

    /** How many lines, weaves and mosaics there are. */
    public int size() {
        return lines.size() + weaves.size() + mosaics.size();
    }

    /** How many courses the weaves have, and pieces the mosaics, which is what laying them costs. */
    public long courses() {
        return weaves.stream().mapToLong(l -> l.weave().courses().size()).sum()
                + mosaics.stream().mapToLong(m -> m.mosaic().pieces().size()).sum();
    }

    /** The tolerance that fits the lines. */
    Tolerance tolerance() {
        return Tolerance.of(
                Box.round(lines.stream().map(Laid::path).map(Path::box).toList()));
    }
}
