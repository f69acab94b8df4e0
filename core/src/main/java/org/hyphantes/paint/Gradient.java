package org.hyphantes.paint;

import java.util.List;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * Colours that pass into one another, before they are laid over an area: along an axis from side to side, or from its centre of gravity
 * to its border farthest off; over all together from the middle that the parts lie about.
 *
 * @param axis the bearing (degrees clockwise from up, or from outward) that a linear one runs along
 */
public record Gradient(Way way, List<Stop> stops, Over over, double axis) implements Fill {
    /** How the colours lie. */
    public enum Way {
        LINEAR,
        RADIAL
    }

    /** What it is laid over. */
    public enum Over {
        EACH_PART,
        /** Each by itself, its axis turned as it lies about the middle: 0 degrees run outward. */
        EACH_OUTWARD,
        ALL_TOGETHER
    }

    public Gradient {
        stops = List.copyOf(stops);
        if (stops.isEmpty()) {
            throw new IllegalArgumentException("a gradient has a stop at least");
        }
    }

    @Override
    public Colour colour() {
        return stops.get(0).colour();
    }

    @Override
    public Gradient map(UnaryOperator<Colour> change) {
        return new Gradient(
                way,
                stops.stream()
                        .map(s -> new Stop(s.at(), change.apply(s.colour())))
                        .toList(),
                over,
                axis);
    }

    @Override
    public Ramp laid(Path part, Point middle, Box whole) {
        if (way == Way.RADIAL) {
            Point centre = over == Over.ALL_TOGETHER ? middle : centre(part);
            double radius = over == Over.ALL_TOGETHER ? farthest(whole, middle) : farthest(part, centre);
            return new Ramp(way, centre, centre.plus(new Point(radius, 0)), stops);
        }
        if (over == Over.ALL_TOGETHER) {
            Point along = Angle.direction(axis);
            double half = (Math.abs(along.x()) * whole.width() + Math.abs(along.y()) * whole.height()) / 2;
            return new Ramp(
                    way, whole.centre().minus(along.times(half)), whole.centre().plus(along.times(half)), stops);
        }
        Point centre = centre(part);
        Point out = centre.minus(middle);
        // A part in the very middle lies no way out of it.
        boolean outward = over == Over.EACH_OUTWARD && out.length() > 1e-9 * (1 + farthest(part, centre));
        double bearing = outward ? Angle.bearing(out) + axis : axis;
        Box upright = part.map(Affine.turn(-bearing, centre)).box();
        Point along = Angle.direction(bearing);
        return new Ramp(
                way,
                centre.plus(along.times(centre.y() - upright.bottom())),
                centre.plus(along.times(centre.y() - upright.top())),
                stops);
    }

    private static Point centre(Path part) {
        return part.closed() ? Region.of(part).centroid() : part.box().centre();
    }

    private static double farthest(Box box, Point from) {
        return Math.hypot(
                Math.max(from.x() - box.left(), box.right() - from.x()),
                Math.max(from.y() - box.top(), box.bottom() - from.y()));
    }

    /** About how far a path reaches from a place: the same for all its turns. */
    private static double farthest(Path path, Point from) {
        double farthest = 0;
        for (Curve curve : path.curves()) {
            for (double at = 0; at < 1; at += 0.25) {
                farthest = Math.max(farthest, curve.at(at).distance(from));
            }
            farthest = Math.max(farthest, curve.end().distance(from));
        }
        return farthest;
    }
}
