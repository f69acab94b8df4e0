package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.Narrow;
import org.hyphantes.geometry.measure.Narrows;
import org.hyphantes.geometry.plane.Booleans;

/** The bridges of a sheet: where its borders come near one another with the sheet between them. */
final class Bridges {
    /** A bridge as wide as this share of what is wanted is wide enough: numbers are rounded. */
    private static final double ENOUGH = 1 - 1e-6;

    private Bridges() {}

    /** The bridges narrower than a width (mm), narrowest first. */
    static List<Narrow> of(List<Region> sheet, double width) {
        List<Narrow> bridges = new ArrayList<>();
        for (Region region : sheet) {
            Narrows.of(region.borders(), width * ENOUGH, Watch.NONE).stream()
                    .filter(n -> region.contains(n.gap().middle()))
                    .forEach(bridges::add);
        }
        bridges.sort((a, b) -> Double.compare(a.gap().distance(), b.gap().distance()));
        return bridges;
    }

    /** The sheet with a disc of the width laid over each bridge that is narrower. */
    static List<Region> widened(List<Region> sheet, double width) {
        List<Narrow> bridges = width > 0 ? of(sheet, width) : List.of();
        if (bridges.isEmpty()) {
            return sheet;
        }
        List<Region> all = new ArrayList<>(sheet);
        for (Narrow bridge : bridges) {
            all.add(Region.of(Path.closed(Arc.circle(bridge.gap().middle(), width / 2, 0))));
        }
        return Booleans.union(all);
    }
}
