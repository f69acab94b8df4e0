package org.hyphantes.desktop.stage.setout;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Design;
import org.hyphantes.design.Net;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.KnownPoint;

/** Catches the known points near the pointer or the needle, one of which is meant. */
final class KnownCatch {
    /** A known point is caught within so many pixels. */
    static final double CATCH = 10;

    private final Desk desk;
    private final Glass glass;
    private List<KnownPoint> near = List.of();
    private int chosen;

    /** The design that the points caught are of; null before any. */
    private Design caughtIn;

    KnownCatch(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    /** The known point that is caught, if there is one. */
    Optional<KnownPoint> caught() {
        return near.isEmpty() ? Optional.empty() : Optional.of(near.get(chosen));
    }

    /** How many known points lie close together there. */
    int among() {
        return near.size();
    }

    void at(Point place) {
        List<KnownPoint> found = desk.resolved()
                .known()
                .map(k -> k.near(
                        place, CATCH / glass.camera().scale(), desk.view().points()))
                .orElse(List.of());
        if (!found.equals(near)) {
            near = found;
            chosen = 0;
            caughtIn = desk.resolved().design();
        }
    }

    /** Catches anew where a point was caught, when the design is another by now. */
    void renew() {
        boolean gone = !near.isEmpty() && desk.resolved().design() != caughtIn;
        if (gone) {
            caughtIn = desk.resolved().design();
            at(near.get(chosen).place());
        }
    }

    void none() {
        near = List.of();
        chosen = 0;
    }

    /** The next or previous of the points lying close together. */
    boolean next(int way) {
        if (near.size() < 2) {
            return false;
        }
        chosen = Math.floorMod(chosen + way, near.size());
        desk.hover(Hover.at(near.get(chosen).place()));
        return true;
    }

    /** Has one known point caught alone, such as a fraction just typed. */
    void only(KnownPoint point) {
        near = List.of(point);
        chosen = 0;
        caughtIn = desk.resolved().design();
        desk.hover(Hover.at(point.place()));
    }

    /** The known point at a place, or the place itself without needless digits. */
    Point or(Point place) {
        at(place);
        return caught().map(KnownPoint::place).orElseGet(() -> rounded(place));
    }

    /**
     * Where the pointer means: on a known point, with Ctrl just where it is, with Shift in whole steps from a leg.
     *
     * @param from the leg that stands already, if one does
     */
    Point meant(MouseEvent event, Optional<Point> from) {
        Point place = glass.camera().place(event.getX(), event.getY());
        if (event.isControlDown()) {
            none();
            return place;
        }
        at(place);
        if (caught().isPresent()) {
            return caught().get().place();
        }
        return event.isShiftDown() && from.isPresent() ? stepped(from.get(), place) : rounded(place);
    }

    /** To a tenth of what a pixel can show of it, so that no more digits come into the design than were meant. */
    private Point rounded(Point place) {
        double unit = desk.design().unit().millimetres();
        double pixel = 1 / glass.camera().scale() / unit;
        double grid = Math.pow(10, Math.floor(Math.log10(Math.max(pixel, 1e-9)))) * unit;
        return new Point(grid * Math.rint(place.x() / grid), grid * Math.rint(place.y() / grid));
    }

    /** Held to whole units and to steps of the net's spokes, or of 15 degrees. */
    private Point stepped(Point from, Point place) {
        Net net = desk.design().net();
        double step = net.net() == Net.Pattern.ROUND ? 360 / net.spokes().value() : 15;
        double unit = desk.design().unit().millimetres();
        double length = unit * Math.max(1, Math.rint(from.distance(place) / unit));
        return from.plus(Point.polar(length, step * Math.rint(Angle.bearing(place.minus(from)) / step)));
    }
}
