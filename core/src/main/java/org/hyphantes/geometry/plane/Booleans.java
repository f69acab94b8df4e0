package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/** Union, common part and differences of any number of regions, with exact curves in the result and no debris. */
public final class Booleans {
    private Booleans() {}

    /** What is in at least one of the regions. */
    public static List<Region> union(List<Region> regions) {
        return combined(regions, count -> count > 0);
    }

    /** What is in all of the regions. */
    public static List<Region> common(List<Region> regions) {
        return regions.isEmpty() ? List.of() : combined(regions, count -> count == regions.size());
    }

    /** What is in an odd number of the regions: of two, what is in just one. */
    public static List<Region> symmetricDifference(List<Region> regions) {
        return combined(regions, count -> count % 2 == 1);
    }

    /** What is in {@code a} and in none of {@code taken}. */
    public static List<Region> minus(Region a, List<Region> taken) {
        List<Region> all = new ArrayList<>();
        all.add(a);
        all.addAll(taken);
        Operands operands = new Operands(all);
        return operands.plane.regions(w -> operands.holds(w, 0) && operands.count(w) == 1);
    }

    private static List<Region> combined(List<Region> regions, IntPredicate wanted) {
        if (regions.isEmpty()) {
            return List.of();
        }
        Operands operands = new Operands(regions);
        if (operands.simple()) {
            return operands.plane.regions(w -> wanted.test(w.covered()));
        }
        return operands.plane.regions(w -> wanted.test(operands.count(w)));
    }

    /** The regions as one subdivision, with the paths that belong to each. */
    private static final class Operands {
        private final Subdivision plane;
        private final int[] first;

        Operands(List<Region> regions) {
            List<Path> paths = new ArrayList<>();
            first = new int[regions.size() + 1];
            for (int r = 0; r < regions.size(); r++) {
                paths.add(regions.get(r).outline());
                paths.addAll(regions.get(r).holes());
                first[r + 1] = paths.size();
            }
            plane = Subdivision.of(paths);
        }

        boolean simple() {
            return first[first.length - 1] == first.length - 1;
        }

        boolean holds(Subdivision.Windings windings, int region) {
            int odd = 0;
            for (int p = first[region]; p < first[region + 1]; p++) {
                odd ^= windings.of(p) & 1;
            }
            return odd == 1;
        }

        int count(Subdivision.Windings windings) {
            int count = 0;
            for (int r = 0; r + 1 < first.length; r++) {
                count += holds(windings, r) ? 1 : 0;
            }
            return count;
        }
    }
}
