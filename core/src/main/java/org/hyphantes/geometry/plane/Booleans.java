package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/** Union, common part and differences of any number of areas, with exact curves in the result and no debris. */
public final class Booleans {
    private Booleans() {}

    /** What closed paths enclose by a rule, as regions that neither cross nor overlap. */
    public static List<Region> enclosed(List<Path> paths, FillRule rule) {
        return combined(List.of(new Operand(paths, rule)), w -> w.held() > 0);
    }

    /** What is in at least one of the regions. */
    public static List<Region> union(List<Region> regions) {
        return ByQuarters.union(regions);
    }

    /** What is in all of the regions. */
    public static List<Region> common(List<Region> regions) {
        return combined(operands(regions), w -> w.held() == regions.size());
    }

    /** What is in an odd number of the regions: of two, what is in just one. */
    public static List<Region> symmetricDifference(List<Region> regions) {
        return combined(operands(regions), w -> w.held() % 2 == 1);
    }

    /** What is in {@code a} and in none of {@code taken}. */
    public static List<Region> minus(Region a, List<Region> taken) {
        List<Region> all = new ArrayList<>(taken);
        all.add(0, a);
        return combined(operands(all), w -> w.holds(0) && w.held() == 1);
    }

    /** The union of the regions cut apart along paths, open or closed; an end that dangles inside cuts nothing. */
    public static List<Region> divided(List<Region> regions, List<Path> cutters) {
        return subdivision(operands(regions), cutters).faceRegions(w -> w.held() > 0);
    }

    /** What of the areas is wanted, by a question about which of them hold a face. */
    public static List<Region> combined(List<Operand> operands, Predicate<Subdivision.Windings> wanted) {
        return operands.isEmpty() ? List.of() : subdivision(operands, List.of()).regions(wanted);
    }

    /** The same with the stretches that each border came from; paths are numbered through all operands. */
    public static List<Piece> traced(List<Operand> operands, Predicate<Subdivision.Windings> wanted) {
        return operands.isEmpty() ? List.of() : subdivision(operands, List.of()).pieces(wanted, false);
    }

    private static List<Operand> operands(List<Region> regions) {
        return regions.stream().map(Operand::of).toList();
    }

    /** The subdivision of some areas, whose windings tell which of them hold a face. */
    public static Subdivision subdivision(List<Operand> operands) {
        return subdivision(operands, List.of());
    }

    /** The same with paths, open or closed, that only divide. */
    public static Subdivision subdivision(List<Operand> operands, List<Path> cutters) {
        List<Path> paths = new ArrayList<>();
        List<Integer> owners = new ArrayList<>();
        for (int o = 0; o < operands.size(); o++) {
            paths.addAll(operands.get(o).paths());
            while (owners.size() < paths.size()) {
                owners.add(o);
            }
        }
        paths.addAll(cutters);
        int[] owner = owners.stream().mapToInt(Integer::intValue).toArray();
        FillRule[] rules = operands.stream().map(Operand::rule).toArray(FillRule[]::new);
        return Subdivision.of(paths, owner, rules);
    }
}
