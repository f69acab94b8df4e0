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
 * to its border farthest off, or round it; over all together from the middle that the parts lie about; along a strand, or across it.
 *
 * @param axis the bearing (degrees clockwise from up, or from outward) that a linear one runs along, or from which one goes round
 * @param shift how far (mm) its middle is moved from where it would lie
 */
public record Gradient(Way way, List<Stop> stops, Over over, double axis, Point shift) implements Fill {
    /** What encloses no more than this share of its box has no centre of gravity to speak of. */
    private static final double HARDLY = 1e-6;

    /** How the colours lie. */
    public enum Way {
        LINEAR,
        RADIAL,
        /** Clockwise round the centre. */
        SWEPT,
        /** Along a strand from its beginning to its end; where it closes, to half way and back. */
        ALONG,
        /** From the middle of a strand to both of its edges. */
        ACROSS
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
        List<Stop> changed = stops.stream()
                .map(s -> new Stop(s.at(), change.apply(s.colour())))
                .toList();
        return new Gradient(way, changed, over, axis, shift);
    }

    /** The same for what has no strand: what would run along one runs along the axis, what would cross one runs from the middle outwards. */
    public Gradient offStrand() {
        return switch (way) {
            case ALONG -> new Gradient(Way.LINEAR, stops, over, axis, shift);
            case ACROSS -> new Gradient(Way.RADIAL, stops, over, axis, shift);
            default -> this;
        };
    }

    @Override
    public Fill laid(Path part, Point middle, Box whole) {
        return switch (way) {
            case LINEAR -> linear(part, middle, whole);
            case RADIAL -> {
                Point centre = (over == Over.ALL_TOGETHER ? middle : centre(part)).plus(shift);
                double radius = over == Over.ALL_TOGETHER ? farthest(whole, centre) : farthest(part, centre);
                yield new Ramp(way, centre, centre.plus(new Point(radius, 0)), stops);
            }
            case SWEPT -> swept(part, middle);
            case ALONG, ACROSS -> this;
        };
    }

    /** One along a strand, or across it, laid over the band of a stretch of it. */
    public Fill over(Region region, Run run) {
        return Ribbon.over(this, region, run);
    }

    private Sweep swept(Path part, Point middle) {
        if (over == Over.ALL_TOGETHER) {
            return new Sweep(middle.plus(shift), axis, stops);
        }
        Point centre = centre(part);
        Point out = centre.minus(middle);
        boolean outward = over == Over.EACH_OUTWARD && out.length() > 1e-9 * (1 + farthest(part, centre));
        return new Sweep(centre.plus(shift), outward ? Angle.bearing(out) + axis : axis, stops);
    }

    private Ramp linear(Path part, Point middle, Box whole) {
        if (over == Over.ALL_TOGETHER) {
            Point along = Angle.direction(axis);
            double half = (Math.abs(along.x()) * whole.width() + Math.abs(along.y()) * whole.height()) / 2;
            return new Ramp(
                    way,
                    whole.centre().minus(along.times(half)).plus(shift),
                    whole.centre().plus(along.times(half)).plus(shift),
                    stops);
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
                centre.plus(along.times(centre.y() - upright.bottom())).plus(shift),
                centre.plus(along.times(centre.y() - upright.top())).plus(shift),
                stops);
    }

    /** The centre of gravity; of a strand that crosses itself, which may enclose as much one way about as the other, it may lie anywhere. */
    private static Point centre(Path part) {
        Box box = part.box();
        if (!part.closed() || Math.abs(part.signedArea()) <= HARDLY * box.width() * box.height()) {
            return box.centre();
        }
        Point centre = Region.of(part).centroid();
        return box.contains(centre) ? centre : box.centre();
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
