package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/** Union, common part and differences of any number of regions, with exact curves in the result and no debris. */
public final class Booleans {
    private Booleans() {}

    /** What is in at least one of the regions. */
    public static List<Region> union(List<Region> regions) {
        return combined(regions, w -> w.held() > 0);
    }

    /** What is in all of the regions. */
    public static List<Region> common(List<Region> regions) {
        return combined(regions, w -> w.held() == regions.size());
    }

    /** What is in an odd number of the regions: of two, what is in just one. */
    public static List<Region> symmetricDifference(List<Region> regions) {
        return combined(regions, w -> w.held() % 2 == 1);
    }

    /** What is in {@code a} and in none of {@code taken}. */
    public static List<Region> minus(Region a, List<Region> taken) {
        List<Region> all = new ArrayList<>(taken);
        all.add(0, a);
        return combined(all, w -> w.holds(0) && w.held() == 1);
    }

    private static List<Region> combined(List<Region> regions, Predicate<Subdivision.Windings> wanted) {
        if (regions.isEmpty()) {
            return List.of();
        }
        List<Path> paths = new ArrayList<>();
        List<Integer> operands = new ArrayList<>();
        for (int r = 0; r < regions.size(); r++) {
            paths.add(regions.get(r).outline());
            paths.addAll(regions.get(r).holes());
            while (operands.size() < paths.size()) {
                operands.add(r);
            }
        }
        int[] operandOf = operands.stream().mapToInt(Integer::intValue).toArray();
        return Subdivision.of(paths).regions(operandOf, wanted);
    }
}
