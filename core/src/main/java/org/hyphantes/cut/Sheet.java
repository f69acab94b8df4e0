package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Subdivision;

/**
 * Parts that stay one sheet: what of it is left, and its own edge where that lies outside of all that is cut.
 *
 * @param edge an edge that is not cut
 */
record Sheet(List<Region> regions, Optional<Path> edge) {
    /** So far (mm) round all that is drawn a sheet is taken to reach; how far does not matter, since its edge is not cut. */
    private static final double MARGIN = 10;

    /** The sheet that parts make in the way of a job; empty where each is cut out by itself. */
    static Optional<Sheet> of(Job.Parts parts, List<Sorted.Part> given) {
        List<Region> regions = given.stream().map(Sorted.Part::region).toList();
        if (regions.isEmpty() || parts == Job.Parts.APART) {
            return Optional.empty();
        }
        if (parts == Job.Parts.AS_ONE_SHEET) {
            return Optional.of(new Sheet(Booleans.union(regions), Optional.empty()));
        }
        boolean pieces = given.stream().anyMatch(p -> p.origin().piece() >= 0);
        return pieces || parts == Job.Parts.WITHIN_A_SHEET
                ? within(regions, parts == Job.Parts.WITHIN_A_SHEET)
                : Optional.empty();
    }

    /** All but the bounded gaps between regions; empty when there are none, unless a sheet is wanted all the same. */
    private static Optional<Sheet> within(List<Region> regions, boolean anyway) {
        Box box =
                Box.round(regions.stream().map(r -> r.outline().box()).toList()).grown(MARGIN);
        Path edge = Path.polygon(List.of(
                new Point(box.left(), box.top()),
                new Point(box.right(), box.top()),
                new Point(box.right(), box.bottom()),
                new Point(box.left(), box.bottom())));
        List<Operand> operands =
                new ArrayList<>(List.of(Operand.all(regions), new Operand(List.of(edge), FillRule.EVEN_ODD)));
        Subdivision plane = Booleans.subdivision(operands);
        int[] labels = plane.labels(w -> w.holds(0) ? 0 : -1);
        int last = regions.stream().mapToInt(r -> r.borders().size()).sum();
        int[] round = {-1};
        plane.sides((path, right, left) -> {
            if (path == last) {
                round[0] = right == 0 ? left : right;
            }
        });
        long gaps = Arrays.stream(labels).filter(l -> l < 0).count() - 2;
        if (round[0] < 0 || gaps <= 0 && !anyway) {
            return Optional.empty();
        }
        labels[round[0]] = 0;
        List<Region> sheet = plane.labelled(labels).stream()
                .map(Subdivision.Labelled::region)
                .toList();
        return Optional.of(new Sheet(sheet, Optional.of(edge)));
    }
}
