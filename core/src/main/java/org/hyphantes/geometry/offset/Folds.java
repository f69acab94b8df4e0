package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Where cubics bend more tightly than they are offset, and whether what was made of their folded parallels holds beside them. A parallel
 * stands still at its cusps, and the branches of one that all but turns about run along one another; there a border can stray further than it was fitted.
 */
final class Folds {
    /** Places at which each fitted curve of a border is looked at; lines and arcs are exact. */
    private static final double[] PLACES = {0.2, 0.5, 0.8};

    /** How far a border may stray, as a share of what is offset and of the distance. */
    private static final double SLACK = 3e-6;

    private final List<Curve> source = new ArrayList<>();
    private final List<Cubic> tight = new ArrayList<>();

    void addSource(Path path) {
        source.addAll(path.curves());
    }

    boolean isEmpty() {
        return tight.isEmpty();
    }

    void add(Cubic bend) {
        tight.add(bend);
    }

    /**
     * Whether borders beside the tight bends lie at the distance from what was offset.
     *
     * @param distance above 0, in mm
     * @param times how many times as far as elsewhere they may stray
     * @param round whether no border may lie further away, as mitres do
     */
    boolean hold(List<Path> borders, double distance, double times, boolean round) {
        if (tight.isEmpty()) {
            return true;
        }
        Box all = Box.round(source.stream().map(Curve::box).toList());
        double slack = times * SLACK * (Math.max(all.width(), all.height()) + distance);
        for (Cubic bend : tight) {
            Box beside = bend.box().grown(1.1 * distance);
            List<Curve> near = source.stream()
                    .filter(c -> c.box().grown(1.1 * distance).meets(beside))
                    .toList();
            for (Path border : borders) {
                if (border.box().meets(beside)
                        && !border.curves().stream()
                                .filter(c -> c instanceof Cubic && c.box().meets(beside))
                                .allMatch(c -> holds(c, near, beside, distance, slack, round))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean holds(
            Curve curve, List<Curve> near, Box beside, double distance, double slack, boolean round) {
        for (double share : PLACES) {
            Point place = curve.at(share);
            if (!beside.contains(place)) {
                continue;
            }
            Box reach = Box.of(place, place).grown(distance + slack);
            double nearest = Double.MAX_VALUE;
            for (Curve other : near) {
                if (other.box().meets(reach)) {
                    nearest = Math.min(nearest, other.at(other.nearest(place)).distance(place));
                }
            }
            if (nearest < distance - slack || round && nearest > distance + slack) {
                return false;
            }
        }
        return true;
    }
}
