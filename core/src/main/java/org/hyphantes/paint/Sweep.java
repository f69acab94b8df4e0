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
        Stops all = new Stops(stops);
        List<Double> places = new ArrayList<>(List.of(0.0));
        for (double to : all.steps(FINEST)) {
            double from = places.get(places.size() - 1);
            int parts = (int) Math.ceil((to - from) * 360 / WIDEST - 1e-9);
            for (int k = 1; k <= parts; k++) {
                places.add(from + (to - from) * k / parts);
            }
        }
        Box box = region.outline().box();
        double far = 3 * (Math.hypot(box.width(), box.height()) + box.centre().distance(centre));
        List<Patch> sectors = new ArrayList<>();
        for (int k = 0; k + 1 < places.size(); k++) {
            Watch.ask();
            // The last reaches no further: what is there was laid first.
            double to = places.get(Math.min(places.size() - 1, k + 2));
            Region wedge = wedge(places.get(k), to, far);
            if (wedge.outline().box().meets(box)) {
                Flat flat = new Flat(all.at((places.get(k) + places.get(k + 1)) / 2));
                Booleans.common(List.of(region, wedge)).forEach(r -> sectors.add(new Patch(r, flat)));
            }
        }
        // Where the round closes, what was laid first reaches back under what is laid last.
        if (places.size() > 3) {
            int last = places.size() - 1;
            Region back = wedge(places.get(last - 1), 1 + places.get(1), far);
            Flat first = new Flat(all.at((places.get(0) + places.get(1)) / 2));
            List<Patch> under = new ArrayList<>();
            if (back.outline().box().meets(box)) {
                Booleans.common(List.of(region, back)).forEach(r -> under.add(new Patch(r, first)));
            }
            sectors.addAll(0, under);
        }
        return sectors;
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
