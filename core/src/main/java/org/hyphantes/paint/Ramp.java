package org.hyphantes.paint;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/**
 * A gradient in its place; before its first stop and behind its last it goes on in their colours (SVG 2, section 14.2: {@code pad}).
 *
 * @param from where a linear one begins, or the centre of a radial one (mm)
 * @param to where it ends, or a place on the circle on which it ends
 */
public record Ramp(Gradient.Way way, Point from, Point to, List<Stop> stops) implements Fill {
    public Ramp {
        stops = List.copyOf(stops);
    }

    /** The same carried by a similarity. */
    public Ramp map(Affine map) {
        return new Ramp(way, map.of(from), map.of(to), stops);
    }

    @Override
    public Optional<Colour> at(Point place) {
        Point along = to.minus(from);
        double share = along.length() == 0
                ? 0
                : way == Gradient.Way.LINEAR
                        ? place.minus(from).dot(along) / along.dot(along)
                        : place.distance(from) / along.length();
        return Optional.of(new Stops(stops).at(Math.max(0, Math.min(1, share))));
    }

    @Override
    public Colour colour() {
        return stops.get(0).colour();
    }

    @Override
    public Ramp map(UnaryOperator<Colour> change) {
        return new Ramp(
                way,
                from,
                to,
                stops.stream()
                        .map(s -> new Stop(s.at(), change.apply(s.colour())))
                        .toList());
    }
}
