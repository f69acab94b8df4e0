package org.hyphantes.geometry.measure;

import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/** How far curves and regions are apart, and where. */
public final class Distances {
    private static final int SAMPLES = 16;

    private Distances() {}

    /** The least distance between two regions; 0, at a place in both, when they meet or one lies in the other. */
    public static Gap between(Region a, Region b) {
        if (a.contains(b.outline().start())) {
            return Gap.between(b.outline().start(), b.outline().start());
        }
        if (b.contains(a.outline().start())) {
            return Gap.between(a.outline().start(), a.outline().start());
        }
        Gap best = null;
        for (Path p : a.borders()) {
            for (Path q : b.borders()) {
                Gap gap = between(p, q, best);
                best = best == null || gap.distance() < best.distance() ? gap : best;
            }
        }
        return best;
    }

    /** The least distance between two paths; 0 at the first place found where they meet. */
    public static Gap between(Path a, Path b) {
        return between(a, b, null);
    }

    private static Gap between(Path a, Path b, Gap known) {
        Gap best = known == null ? Gap.between(a.start(), b.start()) : known;
        List<Box> boxes = b.curves().stream().map(Curve::box).toList();
        Tolerance tolerance = Tolerance.of(a.box().with(b.box()));
        for (Curve p : a.curves()) {
            Box box = p.box();
            for (int i = 0; i < boxes.size(); i++) {
                if (apart(box, boxes.get(i)) < best.distance()) {
                    Gap gap = between(p, b.curves().get(i), tolerance);
                    best = gap.distance() < best.distance() ? gap : best;
                }
            }
        }
        return best;
    }

    /** The distance between two boxes. */
    static double apart(Box a, Box b) {
        double x = Math.max(0, Math.max(a.left() - b.right(), b.left() - a.right()));
        double y = Math.max(0, Math.max(a.top() - b.bottom(), b.top() - a.bottom()));
        return Math.hypot(x, y);
    }

    private static Gap between(Curve a, Curve b, Tolerance tolerance) {
        for (Meeting meeting : CurveMeetings.of(a, b, tolerance)) {
            Point place = meeting instanceof Meeting.At at ? at.place() : a.at(((Meeting.Along) meeting).firstFrom());
            return Gap.between(place, place);
        }
        Gap best = Gap.between(a.at(a.nearest(b.start())), b.start());
        best = nearer(best, Gap.between(a.at(a.nearest(b.end())), b.end()));
        double[] away = new double[SAMPLES + 1];
        for (int i = 0; i <= SAMPLES; i++) {
            Point p = a.at((double) i / SAMPLES);
            Gap gap = Gap.between(p, b.at(b.nearest(p)));
            away[i] = gap.distance();
            best = nearer(best, gap);
        }
        for (int i = 0; i <= SAMPLES; i++) {
            if ((i == 0 || away[i] <= away[i - 1]) && (i == SAMPLES || away[i] <= away[i + 1])) {
                double t = (double) i / SAMPLES;
                Normals.Feet feet = Normals.common(a, b, new Normals.Feet(t, b.nearest(a.at(t))));
                if (feet != null) {
                    best = nearer(best, Gap.between(a.at(feet.onFirst()), b.at(feet.onSecond())));
                }
            }
        }
        return best;
    }

    private static Gap nearer(Gap a, Gap b) {
        return b.distance() < a.distance() ? b : a;
    }
}
