package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Turning;

/**
 * The work of a group as it stands between two treatments: lines not yet woven, weaves, mosaics of pieces, and the symmetry under
 * which all of it is carried to itself.
 */
public record Work(List<Laid> lines, List<Laying> weaves, List<Inlay> mosaics, Symmetry symmetry) {
    public Work {
        lines = List.copyOf(lines);
        weaves = List.copyOf(weaves);
        mosaics = List.copyOf(mosaics);
    }

    public static Work of(List<Laid> lines) {
        return new Work(lines, List.of(), List.of(), Symmetry.NONE);
    }

    /** Both works together, this one behind. */
    public Work with(Work other) {
        List<Laid> allLines = new ArrayList<>(lines);
        allLines.addAll(other.lines);
        List<Laying> allWeaves = new ArrayList<>(weaves);
        allWeaves.addAll(other.weaves);
        List<Inlay> allMosaics = new ArrayList<>(mosaics);
        allMosaics.addAll(other.mosaics);
        return new Work(allLines, allWeaves, allMosaics, Symmetry.NONE);
    }

    Work withLines(List<Laid> changed) {
        return new Work(changed, weaves, mosaics, symmetry);
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
