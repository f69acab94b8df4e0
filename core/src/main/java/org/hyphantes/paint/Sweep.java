package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;

/**
 * Colours that pass into one another clockwise round a centre, in their place.
 *
 * @param bearing where they begin (degrees clockwise from up)
 */
public record Sweep(Point centre, double bearing, List<Stop> stops) implements Fill {
    /** A sector is no coarser than so many steps of 255, and no wider than so many degrees. */
    private static final double FINEST = 2;

    private static final double WIDEST = 60;

    public Sweep {
        stops = List.copyOf(stops);
    }

    @Override
    public Colour colour() {
        return new Stops(stops).at(0.5);
    }

    @Override
    public Sweep map(UnaryOperator<Colour> change) {
        return new Sweep(
                centre,
                bearing,
                stops.stream()
                        .map(s -> new Stop(s.at(), change.apply(s.colour())))
                        .toList());
    }

    /** Over an area, in sectors that each reach under the next. */
    public Patched over(Region region) {
        return new Patched(colour(), Patched.Manner.COVERING, Optional.of(this), () -> sectors(region));
    }

    private List<Patch> sectors(Region region) {
        List<Patch> sectors = new ArrayList<>();
        Box box = region.outline().box();
        for (Patch wedge : wedges(far(box))) {
            Watch.ask();
            if (wedge.region().outline().box().meets(box)) {
                Booleans.common(List.of(region, wedge.region())).forEach(r -> sectors.add(new Patch(r, wedge.fill())));
            }
        }
        return sectors;
    }

    /** How far (mm) from the centre a wedge has to reach to lie all over a box. */
    public double far(Box box) {
        // The side of a wedge across is nearer than its corners, by the cosine of half of the widest.
        return 1.3 * (Math.hypot(box.width(), box.height()) / 2 + box.centre().distance(centre));
    }

    /** Its sectors as wedges that reach so far (mm) from the centre, from the first that is laid to the last. */
    public List<Patch> wedges(double far) {
        Stops all = new Stops(stops);
        List<Double> places = new ArrayList<>(List.of(0.0));
        for (double to : all.steps(FINEST)) {
            double from = places.get(places.size() - 1);
            int parts = (int) Math.ceil((to - from) * 360 / WIDEST - 1e-9);
            for (int k = 1; k <= parts; k++) {
                places.add(from + (to - from) * k / parts);
            }
        }
        List<Patch> wedges = new ArrayList<>();
        int last = places.size() - 1;
        // Where the round closes, what is laid first reaches back under what is laid last.
        wedges.add(new Patch(wedge(places.get(last - 1), 1 + places.get(1), far), new Flat(all.at(places.get(1) / 2))));
        for (int k = 0; k < last; k++) {
            // The last reaches no further: what is there was laid first.
            double to = places.get(Math.min(last, k + 2));
            wedges.add(new Patch(
                    wedge(places.get(k), to, far), new Flat(all.at((places.get(k) + places.get(k + 1)) / 2))));
        }
        return wedges;
    }

    private Region wedge(double from, double to, double far) {
        double turn = (to - from) * 360;
        List<Point> corners = new ArrayList<>(List.of(centre));
        int parts = turn > WIDEST ? 2 : 1;
        for (int k = 0; k <= parts; k++) {
            corners.add(centre.plus(
                    Angle.direction(bearing + from * 360 + turn * k / parts).times(far)));
        }
        return Region.of(Path.polygon(corners));
    }
}
