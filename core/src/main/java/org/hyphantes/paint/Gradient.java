package org.hyphantes.paint;

import java.util.List;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/**
 * Colours that pass into one another, before they are laid over an area: along an axis from side to side, or from the middle to the
 * farthest corner of the box round it.
 *
 * @param over each part by itself, or all that is filled alike together
 * @param axis the bearing (degrees clockwise from up) that a linear one runs along
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
    public Ramp laid(Box part, Box whole) {
        Box box = over == Over.EACH_PART ? part : whole;
        Point middle = box.centre();
        if (way == Way.RADIAL) {
            return new Ramp(way, middle, middle.plus(new Point(Math.hypot(box.width(), box.height()) / 2, 0)), stops);
        }
        Point along = Angle.direction(axis);
        double half = (Math.abs(along.x()) * box.width() + Math.abs(along.y()) * box.height()) / 2;
        return new Ramp(way, middle.minus(along.times(half)), middle.plus(along.times(half)), stops);
    }
}
