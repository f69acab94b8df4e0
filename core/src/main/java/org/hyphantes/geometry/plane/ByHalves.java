package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * The union of areas that lie over one another many deep: of one half of them, of the other, and of both unions. What is inside is thrown away before most
 * of it meets anything, where one subdivision of all would find every meeting within.
 */
final class ByHalves {
    /** Areas that lie no deeper over one another, on the average of the box round them, are united at once. */
    private static final double DEEP = 4;

    private ByHalves() {}

    /** What is in at least one of the regions. */
    static List<Region> union(List<Region> regions) {
        List<Region> joined = new ArrayList<>(regions.size());
        for (Region region : regions) {
            List<Path> borders = region.borders().stream().map(Joining::joined).toList();
            joined.add(new Region(borders.get(0), borders.subList(1, borders.size())));
        }
        return united(joined);
    }

    private static List<Region> united(List<Region> regions) {
        Box round = Box.round(regions.stream().map(r -> r.outline().box()).toList());
        double area = regions.stream().mapToDouble(Region::area).sum();
        // An outline that goes round many times may be alone and have more area than its box.
        if (regions.size() < 2 || area <= DEEP * round.width() * round.height()) {
            return atOnce(regions.stream().map(Operand::of).toList());
        }
        ToDoubleFunction<Point> across = round.width() > round.height() ? Point::x : Point::y;
        List<Region> inOrder = new ArrayList<>(regions);
        inOrder.sort(Comparator.comparingDouble(
                r -> across.applyAsDouble(r.outline().box().centre())));
        int half = inOrder.size() / 2;
        return atOnce(List.of(
                Operand.all(united(inOrder.subList(0, half))),
                Operand.all(united(inOrder.subList(half, inOrder.size())))));
    }

    private static List<Region> atOnce(List<Operand> operands) {
        return Booleans.combined(operands, w -> w.held() > 0);
    }
}
