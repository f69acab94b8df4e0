package org.hyphantes.geometry.measure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/** All curves round a region, each run so that the region lies to its right-hand side. */
final class RegionBorder {
    private final List<Curve> curves = new ArrayList<>();
    private final List<Curve> before = new ArrayList<>();
    private final List<Box> boxes = new ArrayList<>();

    RegionBorder(Region region) {
        for (Path path : region.borders()) {
            boolean rightway = path.signedArea() > 0 == (path == region.outline());
            List<Curve> chain = (rightway ? path : path.reversed()).curves();
            for (int i = 0; i < chain.size(); i++) {
                curves.add(chain.get(i));
                before.add(chain.get(i == 0 ? chain.size() - 1 : i - 1));
                boxes.add(chain.get(i).box());
            }
        }
    }

    List<Curve> curves() {
        return curves;
    }

    /** The curve that ends where another begins. */
    Curve before(int curve) {
        return before.get(curve);
    }

    /** The place of a border nearest to a point. */
    record Place(int curve, double parameter, Point at, double distance) {}

    Place nearest(Point p) {
        Place best = new Place(-1, 0, p, Double.POSITIVE_INFINITY);
        Box here = Box.of(p, p);
        for (int i = 0; i < curves.size(); i++) {
            if (Distances.apart(here, boxes.get(i)) < best.distance) {
                double t = curves.get(i).nearest(p);
                Point at = curves.get(i).at(t);
                double distance = at.distance(p);
                if (distance < best.distance) {
                    best = new Place(i, t, at, distance);
                }
            }
        }
        return best;
    }
}
