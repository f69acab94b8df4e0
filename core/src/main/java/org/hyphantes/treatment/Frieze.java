package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Wrapping;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Tiling;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.Joining;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;

/** A frieze laid along the line of a figure, stretched evenly to so many cells; lines that meet where cells do are one. */
final class Frieze {
    private final Repeat repeat;
    private final Surroundings.Named guide;
    private final Surroundings surroundings;

    Frieze(Repeat repeat, Surroundings.Named guide, Surroundings surroundings) {
        this.repeat = repeat;
        this.guide = guide;
        this.surroundings = surroundings;
    }

    /** @throws IllegalArgumentException if the line has corners */
    Work laid(Work work) {
        Path line = guide.form().paths(surroundings.pageBox()).get(0);
        int cells = (int) repeat.columns().value();
        Tiling tiling = repeat.tiling();
        double stretch = line.length() / (cells * repeat.width().value());
        Wrapping wrapping = new Wrapping(line, tiling.origin(), stretch);
        List<Strand> strands = new ArrayList<>();
        Map<StrandKey, Laid> first = new HashMap<>();
        List<RepeatGroup.Position> positions = tiling.group().positions();
        for (int cell = 0; cell < cells; cell++) {
            for (int p = 0; p < positions.size(); p++) {
                surroundings.watch().step();
                for (Laid motif : work.lines()) {
                    if (motif.key().figure().equals(guide.id())) {
                        continue;
                    }
                    Affine map = map(
                            tiling, positions.get(p), cell, motif.path().box().centre());
                    Path path = wrapping.of(motif.path().map(map));
                    StrandKey key = motif.key().copy(cell * positions.size() + p);
                    first.put(
                            key, new Laid(key, path, wrapping.of(map.of(motif.seat())), motif.band(), motif.colour()));
                    strands.add(new Strand("", key, path, motif.band().orElse(BandStyle.even(0, Ends.BUTT))));
                }
            }
        }
        // Far more than any page: no two tiles of this lattice meet.
        Lattice alone = new Lattice(new Point(1e7, 0), Optional.empty());
        Distinct distinct = new Distinct(10 * work.tolerance().distance());
        List<Laid> lines = new ArrayList<>();
        for (Strand strand : Joining.of(strands, alone)) {
            if (distinct.add(strand.path())) {
                lines.add(first.get(strand.key()).along(strand.path(), strand.key()));
            }
        }
        return new Work(lines, List.of(), List.of(), Symmetry.NONE);
    }

    /** The map to a position in a cell, each of them in the cell itself. */
    private static Affine map(Tiling tiling, RepeatGroup.Position position, int cell, Point middle) {
        Affine map = tiling.map(position, 0, 0);
        double at =
                tiling.lattice().parts(map.of(middle).minus(tiling.origin())).x();
        return Affine.shift(tiling.shift(cell - (int) Math.floor(at), 0)).after(map);
    }
}
