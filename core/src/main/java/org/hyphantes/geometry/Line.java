package org.hyphantes.geometry;

import java.util.function.Function;

/** A straight line from a start to an end. */
public record Line(Point start, Point end) implements Curve {
    @Override
    public Point at(double t) {
        if (t == 1) {
            return end;
        }
        return new Point(start.x() + t * (end.x() - start.x()), start.y() + t * (end.y() - start.y()));
    }

    @Override
    public Point tangent(double t) {
        return end.minus(start).unit();
    }

    @Override
    public Point velocity(double t) {
        return end.minus(start);
    }

    @Override
    public double curvature(double t) {
        return 0;
    }

    @Override
    public double length() {
        return start.distance(end);
    }

    @Override
    public double lengthTo(double t) {
        return t * length();
    }

    @Override
    public double parameterAt(double length) {
        double all = length();
        return all == 0 ? 0 : Math.max(0, Math.min(1, length / all));
    }

    @Override
    public Box box() {
        return Box.of(start, end);
    }

    @Override
    public Line reversed() {
        return new Line(end, start);
    }

    @Override
    public Line part(double from, double to) {
        return new Line(at(from), at(to));
    }

    @Override
    public Line map(Affine map) {
        return new Line(map.of(start), map.of(end));
    }

    /** The line {@code distance} millimetres to the right-hand side, negative: to the left. */
    public Line parallel(double distance) {
        Point aside = tangent(0).right().times(distance);
        return new Line(start.plus(aside), end.plus(aside));
    }

    @Override
    public double nearest(Point p) {
        Point along = end.minus(start);
        double squared = along.dot(along);
        return squared == 0 ? 0 : Math.max(0, Math.min(1, p.minus(start).dot(along) / squared));
    }

    @Override
    public double sweptArea(Point about) {
        return start.minus(about).cross(end.minus(about)) / 2;
    }

    @Override
    public Point sweptMoment(Point about) {
        Point a = start.minus(about);
        Point b = end.minus(about);
        return a.plus(b).times(a.cross(b) / 6);
    }

    @Override
    public <R> R as(Function<Line, R> line, Function<Arc, R> arc, Function<Cubic, R> cubic) {
        return line.apply(this);
    }
}
