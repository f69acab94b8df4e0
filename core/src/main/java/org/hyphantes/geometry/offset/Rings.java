package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/**
 * Discs with round holes, offset by their radii alone. Circles have no corners, so as long as what is swept over by one border
 * keeps clear of the others, the offset is bounded by the same circles grown and shrunk.
 */
final class Rings {
    private Rings() {}

    /**
     * The region grown by a distance, or shrunk by a negative one: at most one region.
     *
     * @return empty if a border is no whole circle or if swept borders come within {@code clear} mm of one another
     */
    static Optional<List<Region>> grown(Region region, double distance, double clear) {
        List<Arc> circles = new ArrayList<>(1 + region.holes().size());
        for (Path border : region.borders()) {
            if (border.size() != 1 || !(border.curves().get(0) instanceof Arc arc) || !arc.isWhole()) {
                return Optional.empty();
            }
            double radius = arc.radius() + (circles.isEmpty() ? distance : -distance);
            if (radius > clear) {
                circles.add(new Arc(arc.centre(), radius, arc.from(), arc.sweep()));
            } else if (circles.isEmpty()) {
                return Optional.of(List.of());
            }
        }
        return distance > 0 || keepClear(circles, clear)
                ? Optional.of(List.of(new Region(
                        Path.closed(circles.get(0)),
                        circles.stream().skip(1).map(Path::closed).toList())))
                : Optional.empty();
    }

    private static boolean keepClear(List<Arc> circles, double clear) {
        Arc outline = circles.get(0);
        for (int i = 1; i < circles.size(); i++) {
            Arc hole = circles.get(i);
            if (hole.centre().distance(outline.centre()) + hole.radius() > outline.radius() - clear) {
                return false;
            }
            for (int k = 1; k < i; k++) {
                Arc other = circles.get(k);
                if (hole.centre().distance(other.centre()) < hole.radius() + other.radius() + clear) {
                    return false;
                }
            }
        }
        return true;
    }
}
