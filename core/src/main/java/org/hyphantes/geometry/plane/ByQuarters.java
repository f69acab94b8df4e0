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
 * The union of many areas: of those in each quarter of the plane by itself, and then of these. What is inside is thrown away before most of it meets
 * anything, where one subdivision of all would find every meeting within and keep all of it at once. Of the unions of quarters only the borders that come
 * near another quarter are divided once more ({@link NearBorders}).
 */
final class ByQuarters {
    /** Areas that lie so deep over one another, on the average of the box round them, are united by quarters however few. */
    private static final double DEEP = 4;

    /** So few curves may be divided at once, in memory that does not count. */
    private static final int FEW = 400;

    /** Of what is many but not deep, this share at the most may come near another quarter: else little is gained. */
    private static final double NEAR = 0.5;

    /** Four unions with more curves than this near one another are united two by two. */
    private static final int MANY = 2_000;

    private ByQuarters() {}

    /** What is in at least one of the regions. */
    static List<Region> union(List<Region> regions) {
        if (regions.size() > 1) {
            // An outline that goes round many times may be alone and have more area than its box.
            Box round = round(regions);
            double deep = regions.stream().mapToDouble(Region::area).sum() / (DEEP * round.width() * round.height());
            int curves = regions.stream().mapToInt(ByQuarters::curves).sum();
            if (deep > 1 || curves > FEW) {
                List<List<Region>> quarters = halves(regions).stream()
                        .flatMap(half -> halves(half).stream())
                        .toList();
                if (deep > 1 || new NearBorders(quarters).curves() < Math.max(NEAR, deep) * curves) {
                    return united(quarters.stream().map(ByQuarters::union).toList());
                }
            }
        }
        return Booleans.combined(regions.stream().map(ByQuarters::operand).toList(), w -> w.held() > 0);
    }

    private static List<Region> united(List<List<Region>> unions) {
        NearBorders near = new NearBorders(unions);
        if (unions.size() > 2 && near.curves() > MANY) {
            int half = unions.size() / 2;
            return united(List.of(united(unions.subList(0, half)), united(unions.subList(half, unions.size()))));
        }
        return near.united();
    }

    /** The regions whose middles lie to the left, or above if they reach further down than across, and the others. */
    private static List<List<Region>> halves(List<Region> regions) {
        if (regions.size() < 2) {
            return List.of(regions);
        }
        Box round = round(regions);
        ToDoubleFunction<Point> across = round.width() > round.height() ? Point::x : Point::y;
        List<Region> inOrder = new ArrayList<>(regions);
        inOrder.sort(Comparator.comparingDouble(
                r -> across.applyAsDouble(r.outline().box().centre())));
        int half = inOrder.size() / 2;
        return List.of(inOrder.subList(0, half), inOrder.subList(half, inOrder.size()));
    }

    private static Operand operand(Region region) {
        return new Operand(region.borders().stream().map(Joining::joined).toList(), FillRule.EVEN_ODD);
    }

    private static Box round(List<Region> regions) {
        return Box.round(regions.stream().map(r -> r.outline().box()).toList());
    }

    private static int curves(Region region) {
        return region.borders().stream().mapToInt(Path::size).sum();
    }
}
