package org.hyphantes.desktop.stage.setout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** The hand on the points and sides of the path that is selected. */
final class PathHand {
    /** What of a path is taken hold of. */
    enum Grip {
        NONE,
        POINT,
        SIDE
    }

    private final Desk desk;
    private final Glass glass;
    private int part;
    private int point = -1;

    PathHand(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    /** The selected point, counted along its part; -1 for none. */
    int point() {
        return point;
    }

    int part() {
        return part;
    }

    void forget() {
        point = -1;
    }

    /** The path that is selected, if what is selected is one. */
    Optional<Drawn> path() {
        return desk.view()
                .subject()
                .filter(s -> s instanceof Subject.OfFigure)
                .flatMap(s -> s.in(desk.design()))
                .filter(Drawn.class::isInstance)
                .map(Drawn.class::cast);
    }

    /** So near (mm) to a point it is taken hold of. */
    double reach() {
        return KnownCatch.CATCH / glass.camera().scale();
    }

    /** Takes hold of a point of the path, or of the middle of a side. */
    Grip grasp(Point place, double reach) {
        List<Path> parts = path().map(Drawn::paths).orElse(List.of()).stream()
                .map(Reshaping::withPoints)
                .toList();
        for (int p = 0; p < parts.size(); p++) {
            List<Point> points = Reshaping.points(parts.get(p));
            for (int i = 0; i < points.size(); i++) {
                if (points.get(i).distance(place) <= reach) {
                    part = p;
                    point = i;
                    return Grip.POINT;
                }
            }
        }
        for (int p = 0; p < parts.size(); p++) {
            for (int i = 0; i < parts.get(p).size(); i++) {
                if (parts.get(p).curves().get(i).at(0.5).distance(place) <= reach) {
                    part = p;
                    point = i;
                    return Grip.SIDE;
                }
            }
        }
        return Grip.NONE;
    }

    private Edit change(String words, UnaryOperator<Path> change) {
        Subject subject = desk.view().subject().orElseThrow();
        int at = part;
        return new Edit(words, d -> {
            Drawn drawn = (Drawn) subject.in(d).orElseThrow();
            List<Path> paths = new ArrayList<>(drawn.paths());
            paths.set(at, change.apply(Reshaping.withPoints(paths.get(at))));
            return subject.put(d, Drawn.of(paths));
        });
    }

    void dragPoint(Point to) {
        int at = point;
        desk.drag(change("Point moved.", p -> Reshaping.moved(p, at, to)));
    }

    /** Bends the side in hand to go about through a place; near its chord it is straight. */
    void dragSide(Point place) {
        Path path = Reshaping.withPoints(path().orElseThrow().paths().get(part));
        Point a = path.curves().get(point).start();
        Point b = path.curves().get(point).end();
        double high = place.minus(a.middle(b)).dot(b.minus(a).unit().right());
        double held = Math.abs(high) < 3 / glass.camera().scale() ? 0 : high;
        int at = point;
        desk.drag(change("Side bent.", p -> Reshaping.bent(p, at, held)));
    }

    /** Adds a point where the path runs near a place; false when it does not. */
    boolean add(Point place, double reach) {
        List<Path> parts = path().map(Drawn::paths).orElse(List.of());
        for (int p = 0; p < parts.size(); p++) {
            Path path = Reshaping.withPoints(parts.get(p));
            double position = path.nearest(place);
            if (path.at(position).distance(place) <= reach) {
                part = p;
                point = path.index(position) + 1;
                desk.edit(change("Point added.", q -> Reshaping.withPoint(q, position)));
                return true;
            }
        }
        return false;
    }

    /** Adds a point to a path just begun; within reach of its first point it closes, and the answer is true. */
    boolean runOn(Point to, double reach) {
        List<Path> parts = path().orElseThrow().paths();
        Path path = parts.get(parts.size() - 1);
        boolean closes = to.distance(path.start()) <= reach && path.size() > 1;
        Point end = closes ? path.start() : to;
        if (path.closed() || end.distance(path.end()) < 1e-9) {
            return false;
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        curves.add(new Line(path.end(), end));
        part = parts.size() - 1;
        desk.edit(change(closes ? "Closed." : "Point added.", p -> new Path(curves, closes)));
        return closes;
    }

    /** Switches the selected point between corner and smooth; false when none is selected. */
    boolean toggle() {
        if (point < 0 || path().isEmpty()) {
            return false;
        }
        int at = point;
        desk.edit(change(
                "Corner or smooth.",
                p -> Reshaping.isSmooth(p, at) ? Reshaping.corner(p, at) : Reshaping.smooth(p, at)));
        return true;
    }

    /** Deletes the selected point; false when none is selected. */
    boolean delete() {
        if (point < 0 || path().isEmpty()) {
            return false;
        }
        int at = point;
        desk.edit(change("Point deleted.", p -> Reshaping.withoutPoint(p, at)));
        forget();
        return true;
    }
}
