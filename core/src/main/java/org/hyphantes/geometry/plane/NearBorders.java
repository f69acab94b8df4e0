package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;

/** The borders of some unions that come near another of them: all that changes when these are united. */
final class NearBorders {
    private final List<List<Region>> unions;
    private final List<Box> boxes = new ArrayList<>();

    /** @param unions regions that do not overlap within any of them */
    NearBorders(List<List<Region>> unions) {
        this.unions = unions;
        List<Box> tight = unions.stream()
                .map(union ->
                        Box.round(union.stream().map(r -> r.outline().box()).toList()))
                .toList();
        double slack = 64 * Tolerance.of(Box.round(tight)).distance();
        tight.forEach(box -> boxes.add(box.grown(slack)));
    }

    /** How many curves the borders have that come near another union. */
    int curves() {
        int curves = 0;
        for (int union = 0; union < unions.size(); union++) {
            for (Region region : unions.get(union)) {
                for (Path border : region.borders()) {
                    curves += isNear(border, union) ? border.size() : 0;
                }
            }
        }
        return curves;
    }

    /** What is in at least one of the unions. */
    List<Region> united() {
        List<Region> result = new ArrayList<>();
        List<Operand> operands = new ArrayList<>();
        // For every border that is near, the holes of its region that are not: they stay with what it becomes part of.
        List<List<Path>> aside = new ArrayList<>();
        for (int union = 0; union < unions.size(); union++) {
            List<Path> near = new ArrayList<>();
            for (Region region : unions.get(union)) {
                if (isNear(region.outline(), union)) {
                    part(region, union, near, aside);
                } else {
                    result.add(region);
                }
            }
            operands.add(new Operand(near, FillRule.EVEN_ODD));
        }
        if (aside.isEmpty()) {
            return result;
        }
        for (Piece piece : Booleans.traced(operands, w -> w.held() > 0)) {
            List<Path> holes = new ArrayList<>(piece.region().holes());
            for (List<Stretch> border : piece.sources()) {
                for (Stretch stretch : border) {
                    // An outline with holes that are not near has a stretch that is not near either, and so its own.
                    holes.addAll(aside.set(stretch.path(), List.of()));
                }
            }
            result.add(new Region(piece.region().outline(), holes));
        }
        return result;
    }

    private void part(Region region, int union, List<Path> near, List<List<Path>> aside) {
        List<Path> far = new ArrayList<>();
        near.add(region.outline());
        aside.add(far);
        for (Path hole : region.holes()) {
            if (isNear(hole, union)) {
                near.add(hole);
                aside.add(List.of());
            } else {
                far.add(hole);
            }
        }
    }

    private boolean isNear(Path border, int union) {
        Box box = border.box();
        for (int other = 0; other < boxes.size(); other++) {
            if (other != union && box.meets(boxes.get(other))) {
                return true;
            }
        }
        return false;
    }
}
