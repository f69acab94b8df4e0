package org.hyphantes.geometry.hatch;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/** What of any curves lies within a region, each stretch of which ends exactly on its border. */
public final class Clipping {
    private final Region region;
    private final List<Curve> border;
    private final Tolerance tolerance;

    private Clipping(Region region) {
        this.region = region;
        this.border = region.borders().stream()
                .map(Path::curves)
                .flatMap(List::stream)
                .toList();
        this.tolerance = Tolerance.of(region.outline().box());
    }

    /** The stretches of curves that lie within a region. */
    public static List<Curve> of(Region region, List<Curve> curves) {
        Clipping clipping = new Clipping(region);
        List<Curve> within = new ArrayList<>();
        for (Curve curve : curves) {
            Watch.ask();
            clipping.clip(curve, within);
        }
        return within;
    }

    /**
     * Circles about a centre at even distances, as far as they lie within a region.
     *
     * @param spacing how far apart (mm) they lie, and how large the first is
     */
    public static List<Curve> rounds(Region region, Point centre, double spacing) {
        if (!(spacing > 0)) {
            throw new IllegalArgumentException("lines lie apart by more than 0 mm, not " + spacing);
        }
        Box box = region.outline().box();
        double far = Math.hypot(
                Math.max(centre.x() - box.left(), box.right() - centre.x()),
                Math.max(centre.y() - box.top(), box.bottom() - centre.y()));
        double near = Math.hypot(
                Math.max(0, Math.max(box.left() - centre.x(), centre.x() - box.right())),
                Math.max(0, Math.max(box.top() - centre.y(), centre.y() - box.bottom())));
        List<Curve> circles = new ArrayList<>();
        for (long n = Math.max(1, (long) Math.ceil(near / spacing)); n * spacing <= far; n++) {
            circles.add(Arc.circle(centre, n * spacing, 0));
        }
        return of(region, circles);
    }

    private void clip(Curve whole, List<Curve> within) {
        List<Double> cuts = new ArrayList<>(cuts(whole));
        Curve curve = whole;
        if (whole instanceof Arc arc && arc.isWhole() && !cuts.isEmpty()) {
            // Begun where it meets the border, so that no stretch is parted where the circle happens to begin.
            curve = new Arc(arc.centre(), arc.radius(), arc.from() + cuts.get(0) * arc.sweep(), arc.sweep());
            cuts = new ArrayList<>(cuts(curve));
        }
        cuts.add(0.0);
        cuts.add(1.0);
        cuts.sort(null);
        double least = tolerance.distance() / Math.max(curve.length(), tolerance.distance());
        double begun = Double.NaN;
        double before = 0;
        for (double cut : cuts) {
            if (cut - before > least) {
                boolean inside = region.contains(curve.at((before + cut) / 2));
                if (inside && Double.isNaN(begun)) {
                    begun = before;
                } else if (!inside && !Double.isNaN(begun)) {
                    within.add(curve.part(begun, before));
                    begun = Double.NaN;
                }
                before = cut;
            }
        }
        if (!Double.isNaN(begun)) {
            within.add(begun == 0 && before >= 1 ? curve : curve.part(begun, before));
        }
    }

    /** Where a curve meets the border, in parts of it. */
    private List<Double> cuts(Curve curve) {
        List<Double> cuts = new ArrayList<>();
        Box box = curve.box();
        for (Curve side : border) {
            if (!side.box().meets(box)) {
                continue;
            }
            for (Meeting meeting : CurveMeetings.of(curve, side, tolerance)) {
                if (meeting instanceof Meeting.At at) {
                    cuts.add(at.first());
                } else if (meeting instanceof Meeting.Along lies) {
                    cuts.add(lies.firstFrom());
                    cuts.add(lies.firstTo());
                }
            }
        }
        return cuts;
    }
}
