package org.hyphantes.geometry;

import java.util.Optional;
import java.util.function.Function;

/**
 * A circular arc: centre and radius (mm), the angle of its start and its signed sweep (radians from the x axis towards
 * the y axis, so a positive sweep runs clockwise on the page). A sweep of a full turn is a whole circle.
 *
 * @throws IllegalArgumentException if the radius is not positive or the sweep is zero or more than a turn
 */
public record Arc(Point centre, double radius, double from, double sweep) implements Curve {
    private static final double TURN = 2 * Math.PI;
    private static final double QUARTER = Math.PI / 2;

    public Arc {
        if (!(radius > 0) || !Double.isFinite(radius)) {
            throw new IllegalArgumentException("an arc needs a radius above 0, not " + radius);
        }
        if (sweep == 0 || !(Math.abs(sweep) <= TURN * (1 + 1e-12)) || !Double.isFinite(from)) {
            throw new IllegalArgumentException("an arc needs a sweep above 0 and up to one turn, not " + sweep);
        }
    }

    /** A whole circle, clockwise on the page, starting at a bearing in degrees. */
    public static Arc circle(Point centre, double radius, double bearing) {
        return new Arc(centre, radius, Math.toRadians(bearing - 90), TURN);
    }

    public boolean isWhole() {
        return Math.abs(sweep) >= TURN * (1 - 1e-12);
    }

    @Override
    public Point start() {
        return at(0);
    }

    @Override
    public Point end() {
        return isWhole() ? at(0) : at(1);
    }

    @Override
    public Point at(double t) {
        double angle = from + t * sweep;
        return new Point(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
    }

    @Override
    public Point tangent(double t) {
        double angle = from + t * sweep;
        double way = Math.signum(sweep);
        return new Point(-way * Math.sin(angle), way * Math.cos(angle));
    }

    @Override
    public Point velocity(double t) {
        return tangent(t).times(length());
    }

    @Override
    public double curvature(double t) {
        return Math.signum(sweep) / radius;
    }

    @Override
    public double length() {
        return radius * Math.abs(sweep);
    }

    @Override
    public double lengthTo(double t) {
        return t * length();
    }

    @Override
    public double parameterAt(double length) {
        return Math.max(0, Math.min(1, length / length()));
    }

    @Override
    public Box box() {
        return box(start(), at(1));
    }

    /** The same, its ends known. */
    Box box(Point start, Point end) {
        double left = Math.min(start.x(), end.x());
        double right = Math.max(start.x(), end.x());
        double top = Math.min(start.y(), end.y());
        double bottom = Math.max(start.y(), end.y());
        boolean isWhole = Math.abs(sweep) >= TURN;
        double first = Math.ceil(Math.min(from, from + sweep) / QUARTER);
        double last = Math.max(from, from + sweep) / QUARTER;
        // Counted, since after very many turns the next quarter is no other number.
        for (int quarter = 0; quarter < 4 && (isWhole || first + quarter <= last); quarter++) {
            int side = isWhole ? quarter : Math.floorMod((long) first + quarter, 4);
            if (side == 0) {
                right = Math.max(right, centre.x() + radius);
            } else if (side == 1) {
                bottom = Math.max(bottom, centre.y() + radius);
            } else if (side == 2) {
                left = Math.min(left, centre.x() - radius);
            } else {
                top = Math.min(top, centre.y() - radius);
            }
        }
        return new Box(left, top, right, bottom);
    }

    /** The parameter at which this arc's circle first reaches an angle (radians) after its start; beyond 1 off the arc. */
    public double parameter(double angle) {
        double turned = (sweep > 0 ? angle - from : from - angle) % TURN;
        return (turned < 0 ? turned + TURN : turned) / Math.abs(sweep);
    }

    /** The parameter of a point taken to lie on this arc's circle; beyond 1 off the arc. */
    public double parameter(Point p) {
        return parameter(Math.atan2(p.y() - centre.y(), p.x() - centre.x()));
    }

    /** The parameter of a point on this arc's circle as it lies nearer: below 0 before the start, or above 1 beyond the end. */
    public double along(Point p) {
        double t = parameter(p);
        double turn = TURN / Math.abs(sweep);
        return t > (1 + turn) / 2 ? t - turn : t;
    }

    @Override
    public Arc reversed() {
        return new Arc(centre, radius, from + sweep, -sweep);
    }

    @Override
    public Arc part(double t0, double t1) {
        return new Arc(centre, radius, from + t0 * sweep, (t1 - t0) * sweep);
    }

    @Override
    public Arc map(Affine map) {
        if (!map.isSimilarity()) {
            throw new IllegalArgumentException("an arc stays an arc only under a similarity");
        }
        Point direction = map.ofDirection(new Point(Math.cos(from), Math.sin(from)));
        double scale = Math.sqrt(Math.abs(map.determinant()));
        return new Arc(
                map.of(centre),
                radius * scale,
                Math.atan2(direction.y(), direction.x()),
                map.determinant() < 0 ? -sweep : sweep);
    }

    /**
     * The arc {@code distance} millimetres to the right-hand side, negative: to the left; empty when it shrinks away to
     * nothing.
     */
    public Optional<Arc> parallel(double distance) {
        double beside = radius - Math.signum(sweep) * distance;
        return beside > 0 ? Optional.of(new Arc(centre, beside, from, sweep)) : Optional.empty();
    }

    @Override
    public double nearest(Point p) {
        double t = parameter(p);
        if (t <= 1) {
            return t;
        }
        return p.distance(start()) <= p.distance(at(1)) ? 0 : 1;
    }

    @Override
    public double sweptArea(Point about) {
        return sweptArea(start().minus(about), at(1).minus(about));
    }

    /** The same, the ways to its ends known. */
    double sweptArea(Point toStart, Point toEnd) {
        return (toStart.cross(toEnd) + radius * radius * (sweep - Math.sin(sweep))) / 2;
    }

    /** Source of the segment's moment: the centroid of a circular segment, 4 r sin^3(a/2) / (3 (a - sin a)); handbooks. */
    @Override
    public Point sweptMoment(Point about) {
        Point triangle = new Line(start(), at(1)).sweptMoment(about);
        double segment = radius * radius * (sweep - Math.sin(sweep)) / 2;
        double half = Math.sin(sweep / 2);
        double middle = from + sweep / 2;
        Point outward = new Point(Math.cos(middle), Math.sin(middle));
        return triangle.plus(centre.minus(about).times(segment))
                .plus(outward.times(2.0 / 3 * radius * radius * radius * half * half * half));
    }

    @Override
    public <R> R as(Function<Line, R> line, Function<Arc, R> arc, Function<Cubic, R> cubic) {
        return arc.apply(this);
    }
}
