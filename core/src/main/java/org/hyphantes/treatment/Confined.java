package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.Joining;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;

/** A motif cut to the share of a cell, and joined again with its images where they meet. */
final class Confined {
    private Confined() {}

    /** What of a work lies in a share; of what is woven or divided the pieces of it. */
    static Work cut(Work work, Path share, Surroundings surroundings) {
        Point middle = Region.of(share).centroid();
        List<Mitre> sides = new ArrayList<>();
        for (int i = 0; i < share.size(); i++) {
            Point corner = share.at(i);
            sides.add(new Mitre(corner, share.tangent(i), middle.minus(corner)));
        }
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            List<Path> left = List.of(line.path());
            for (Mitre side : sides) {
                left = side.left(left);
            }
            for (int i = 0; i < left.size(); i++) {
                boolean whole = left.get(i).equals(line.path());
                lines.add(whole ? line : line.along(left.get(i), line.key().part(i)));
            }
        }
        if (work.weaves().isEmpty() && work.mosaics().isEmpty()) {
            return new Work(lines, List.of(), List.of(), work.symmetry());
        }
        Work made = new Work(List.of(), work.weaves(), work.mosaics(), work.symmetry());
        Work cut = Within.cut(made, List.of(Region.of(share)), surroundings);
        return new Work(lines, cut.weaves(), cut.mosaics(), work.symmetry());
    }

    /** Lines that end at the borders of shares, made one with those that go on from there, on any tile. */
    static List<Laid> joined(List<Laid> lines, Lattice lattice) {
        Map<StrandKey, Laid> byKey = new HashMap<>();
        List<Strand> strands = new ArrayList<>();
        for (Laid line : lines) {
            byKey.put(line.key(), line);
            strands.add(new Strand("", line.key(), line.path(), line.band().orElse(BandStyle.even(0, Ends.BUTT))));
        }
        return Joining.of(
                        strands,
                        lattice,
                        (a, b) -> byKey.get(a).colour().equals(byKey.get(b).colour()))
                .stream()
                .map(s -> byKey.get(s.key()).along(s.path(), s.key()))
                .toList();
    }
}
