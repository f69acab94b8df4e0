package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Lays what is drawn along a level line along another line instead: what lies to the right comes further on, what lies below to the right-hand side
 * of the way. Stretched along the line, never across it.
 *
 * @param guide the line, without corners; an open one goes on beyond its ends as straight lines, or as the circles of its arcs
 * @param origin the place that comes to the start of the guide
 * @param pace how what is drawn is stretched along the guide
 */
public record Wrapping(Path guide, Point origin, Pace pace) {
    /** A turn of the heading by less than this (its sine) at a joint is no corner. */
    private static final double SMOOTH = 1e-6;

    /** In so many parts a curve is looked at for where it comes to a joint. */
    private static final int SAMPLES = 16;

    /** Parameters nearer than this are one. */
    private static final double NOTHING = 1e-7;

    /** In parts of the size of the guide. */
    private static final double FITTING = 1e-7;

    /** @throws IllegalArgumentException if the guide has a corner, where nothing could be laid across it evenly */
    public Wrapping {
        for (int i = guide.closed() ? 0 : 1; i < guide.size(); i++) {
            if (Math.abs(guide.arrival(i).cross(guide.tangent(i))) > SMOOTH) {
                throw new IllegalArgumentException("a frieze runs along a line without corners: round them first");
            }
        }
    }

    private double along(Point p) {
        return pace.of(p.x() - origin.x());
    }

    /** Where a place comes to lie. */
    public Point of(Point p) {
        double along = along(p);
        double over = over(along);
        double position = position(along);
        Optional<Arc> arc = over == 0 ? Optional.empty() : endingArc(over);
        if (arc.isPresent()) {
            // An arc goes on beyond its end as the circle that it is of.
            double t = (over < 0 ? 0 : 1) + over / arc.get().length();
            return arc.get().at(t).plus(arc.get().tangent(t).right().times(p.y() - origin.y()));
        }
        Point heading = guide.tangent(position);
        return guide.at(position).plus(heading.times(over)).plus(heading.right().times(p.y() - origin.y()));
    }

    /** The heading of the guide where a place comes to lie. */
    public Point heading(Point p) {
        double along = along(p);
        double over = over(along);
        return endingArc(over)
                .filter(a -> over != 0)
                .map(a -> a.tangent((over < 0 ? 0 : 1) + over / a.length()))
                .orElseGet(() -> guide.tangent(position(along)));
    }

    /** What comes to lie at a place: the reverse of {@link #of(Point)}, by the nearest place of the guide or of what it goes on as. */
    public Point before(Point place) {
        double position = guide.nearest(place);
        double along = guide.lengthTo(position);
        Point from = place.minus(guide.at(position));
        Point heading = guide.tangent(position);
        double aside = from.dot(heading.right());
        boolean first = position <= 0;
        if (!guide.closed() && (first || position >= guide.size())) {
            Optional<Arc> arc = endingArc(first ? -1 : 1);
            double over = from.dot(heading);
            if (arc.isPresent()) {
                Point end = first ? guide.start() : guide.end();
                Point was = end.minus(arc.get().centre());
                Point is = place.minus(arc.get().centre());
                over = Math.atan2(was.cross(is), was.dot(is))
                        * arc.get().radius()
                        * Math.signum(arc.get().sweep());
                aside = (was.length() - is.length()) * Math.signum(arc.get().sweep());
            }
            along += over;
        }
        return new Point(origin.x() + pace.before(along), origin.y() + aside);
    }

    /** How far (mm) beyond the end of an open guide, or before its start. */
    private double over(double along) {
        return guide.closed() ? 0 : along - Math.max(0, Math.min(guide.length(), along));
    }

    private Optional<Arc> endingArc(double over) {
        return guide.curves().get(over < 0 ? 0 : guide.size() - 1) instanceof Arc arc
                ? Optional.of(arc)
                : Optional.empty();
    }

    /** What becomes of a path: level lines along an arc are arcs, upright ones lines, all else fitted cubics. */
    public Path of(Path path) {
        List<Curve> curves = new ArrayList<>();
        List<Double> changes = changes();
        for (Curve curve : path.curves()) {
            List<Double> cuts = cuts(curve, changes);
            for (int i = 0; i + 1 < cuts.size(); i++) {
                boolean whole = cuts.size() == 2;
                curves.addAll(of(whole ? curve : curve.part(cuts.get(i), cuts.get(i + 1))));
            }
        }
        // What is closed may have been laid over the start of a guide, and is so still.
        return new Path(curves, path.closed());
    }

    /** The parameters of a curve at which it is cut, its ends among them: where the guide bends otherwise, what is laid across has a corner. */
    private List<Double> cuts(Curve curve, List<Double> changes) {
        TreeSet<Double> cuts = new TreeSet<>(List.of(0.0, 1.0));
        double length = guide.length();
        for (double at : changes) {
            for (int k = 0; k < SAMPLES; k++) {
                double low = (double) k / SAMPLES;
                double high = (k + 1.0) / SAMPLES;
                double lap = guide.closed()
                        ? length * Math.floor((Math.max(along(curve.at(low)), along(curve.at(high))) - at) / length)
                        : 0;
                cut(curve, at + lap, low, high).ifPresent(cuts::add);
            }
        }
        List<Double> apart = new ArrayList<>();
        for (double cut : cuts) {
            if (apart.isEmpty() || cut - apart.get(apart.size() - 1) > NOTHING) {
                apart.add(cut);
            }
        }
        apart.set(apart.size() - 1, 1.0);
        return apart.size() == 1 ? List.of(0.0, 1.0) : apart;
    }

    /** Where along the guide (mm) it bends otherwise, or the pace changes. */
    private List<Double> changes() {
        List<Double> changes = new ArrayList<>();
        for (int joint = 0; joint <= guide.size() - (guide.closed() ? 1 : 0); joint++) {
            if (bendsOtherwise(joint)) {
                changes.add(joint == guide.size() ? guide.length() : guide.lengthTo(joint));
            }
        }
        for (double at : pace.changes()) {
            changes.add(at);
        }
        return changes;
    }

    private boolean bendsOtherwise(int joint) {
        if (!guide.closed() && (joint == 0 || joint == guide.size())) {
            Curve end = guide.curves().get(joint == 0 ? 0 : joint - 1);
            return !(end instanceof Arc) && Math.abs(end.curvature(joint == 0 ? 0 : 1)) * guide.length() > 1e-6;
        }
        Curve before = guide.curves().get(joint == 0 ? guide.size() - 1 : joint - 1);
        double jump = before.curvature(1) - guide.curves().get(joint).curvature(0);
        return Math.abs(jump) * guide.length() > 1e-6;
    }

    /** Where a curve comes to a length along the guide between two parameters, found by halving. */
    private Optional<Double> cut(Curve curve, double at, double from, double to) {
        double low = from;
        double high = to;
        boolean rises = along(curve.at(high)) > at;
        if (along(curve.at(low)) > at == rises) {
            return Optional.empty();
        }
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (along(curve.at(middle)) > at == rises) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Optional.of((low + high) / 2);
    }

    private List<Curve> of(Curve curve) {
        Point start = curve.start();
        Point end = curve.end();
        Optional<Affine> straight = straight(curve);
        if (straight.isPresent()) {
            return List.of(curve.map(straight.get()));
        }
        if (curve instanceof Line && Math.abs(end.x() - start.x()) < 1e-12 * (1 + curve.length())) {
            return List.of(new Line(of(start), of(end)));
        }
        if (curve instanceof Line && Math.abs(end.y() - start.y()) < 1e-12 * (1 + curve.length())) {
            Optional<Curve> exact = level(start, end);
            if (exact.isPresent()) {
                return List.of(exact.get());
            }
        }
        double size = Math.max(guide.box().width(), guide.box().height());
        return List.copyOf(Fitting.of(smooth(curve), 0, 1, FITTING * size));
    }

    /** The map of what lies along one line of the guide alone; not of arcs that are stretched, which are arcs no more. */
    private Optional<Affine> straight(Curve curve) {
        Box box = curve.box();
        double size = 1e-9 * guide.length();
        int first = guide.index(position(along(new Point(box.left(), 0)) + size));
        int last = guide.index(position(along(new Point(box.right(), 0)) - size));
        double left = box.left() - origin.x();
        double right = box.right() - origin.x();
        boolean alike = pace.isAlike(left, right);
        double stretch = pace.stretch((left + right) / 2);
        boolean once = (box.right() - box.left()) * stretch < guide.length() || !guide.closed();
        boolean bare = curve instanceof Line && box.height() < 1e-12 * (1 + box.width());
        if (first != last
                || !once
                || !(guide.curves().get(first) instanceof Line)
                || !alike && !bare
                || curve instanceof Arc && Math.abs(stretch - 1) > 1e-12) {
            return Optional.empty();
        }
        if (!alike) {
            stretch = (along(curve.end()) - along(curve.start()))
                    / (curve.end().x() - curve.start().x());
        }
        Point heading = guide.tangent(first);
        Point aside = heading.right();
        Point from = of(curve.start());
        Affine turned = new Affine(heading.x() * stretch, heading.y() * stretch, aside.x(), aside.y(), 0, 0);
        return Optional.of(Affine.shift(from.minus(turned.of(curve.start()))).after(turned));
    }

    /** A level line along a circle. */
    private Optional<Curve> level(Point start, Point end) {
        Optional<Arc> arc = arc();
        if (arc.isEmpty()) {
            return Optional.empty();
        }
        Point from = of(start).minus(arc.get().centre());
        double radius = from.length();
        double sweep = (along(end) - along(start))
                / arc.get().radius()
                * Math.signum(arc.get().sweep());
        return radius > 1e-9 * guide.length() && Math.abs(sweep) <= 2 * Math.PI
                ? Optional.of(new Arc(arc.get().centre(), radius, Math.atan2(from.y(), from.x()), sweep))
                : Optional.empty();
    }

    /** The first arc of the guide, if all of it lies on one circle. */
    public Optional<Arc> arc() {
        if (!(guide.curves().get(0) instanceof Arc first)) {
            return Optional.empty();
        }
        boolean round = guide.curves().stream()
                .allMatch(c -> c instanceof Arc arc
                        && arc.centre().distance(first.centre()) < 1e-9 * first.radius()
                        && Math.abs(arc.radius() - first.radius()) < 1e-9 * first.radius());
        return round ? Optional.of(first) : Optional.empty();
    }

    private SmoothCurve smooth(Curve curve) {
        return new SmoothCurve() {
            @Override
            public Point at(double t) {
                return of(curve.at(t));
            }

            @Override
            public Point velocity(double t) {
                // At an end the bend of the guide is that on the side of the curve.
                Point near = curve.at(t + (0.5 - t) * 1e-9);
                double along = along(near);
                double over = over(along);
                double position = position(along);
                int index = guide.index(position);
                Point heading = heading(near);
                Point own = curve.velocity(t);
                double bend = guide.curves().get(index).curvature(position - index)
                        * (curve.at(t).y() - origin.y());
                if (over != 0 && endingArc(over).isEmpty()) {
                    bend = 0;
                }
                return heading.times(own.x() * pace.stretch(curve.at(t).x() - origin.x()) * (1 - bend))
                        .plus(heading.right().times(own.y()));
            }
        };
    }

    private double position(double along) {
        double length = guide.length();
        double on = guide.closed() ? along - length * Math.floor(along / length) : Math.max(0, Math.min(length, along));
        return guide.positionAt(on);
    }
}
