package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arced;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/** How far lines and arcs stray from the curves that they are written for. */
final class Coarseness {
    /** What strays less (mm) than this cannot be seen. */
    private static final double SEEN = 0.05;

    private static final int PLACES = 16;

    private Coarseness() {}

    /**
     * Where contours stray so far that it is seen.
     *
     * @param fine how far (mm) they may
     * @param back from the contours to the design
     */
    static Optional<Flaw> of(List<Contour> contours, double fine, Affine back) {
        if (fine <= SEEN) {
            return Optional.empty();
        }
        double worst = 0;
        List<Point> places = new ArrayList<>();
        for (Contour contour : contours) {
            for (Curve curve : contour.path().curves()) {
                Watch.ask();
                if (curve instanceof Cubic) {
                    List<Curve> written = Arced.of(List.of(curve), fine);
                    Point place = farthest(curve, written);
                    double away = away(place, written);
                    if (away > SEEN) {
                        places.add(back.of(place));
                        worst = Math.max(worst, away);
                    }
                }
            }
        }
        return places.isEmpty() ? Optional.empty() : Optional.of(new Flaw(Flaw.Kind.STRAYS, worst, places));
    }

    private static Point farthest(Curve curve, List<Curve> written) {
        Point farthest = curve.start();
        for (int k = 1; k < PLACES; k++) {
            Point place = curve.at((double) k / PLACES);
            farthest = away(place, written) > away(farthest, written) ? place : farthest;
        }
        return farthest;
    }

    private static double away(Point place, List<Curve> written) {
        return written.stream()
                .mapToDouble(w -> w.at(w.nearest(place)).distance(place))
                .min()
                .orElse(0);
    }
}
