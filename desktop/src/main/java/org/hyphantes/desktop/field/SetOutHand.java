package org.hyphantes.desktop.field;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.KnownPoint;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laid;

/**
 * The hand in Set out: dividers from one known point to another, figures selected and moved, points of paths reshaped. A drag
 * begun on a selected figure moves it, with Shift it selects by a box, with Ctrl and Shift by a lasso; any other opens the dividers.
 */
final class SetOutHand {
    /** A known point is caught within so many pixels; a line within a few less. */
    static final double CATCH = 10;

    private static final double ON_LINE = 6;

    private enum Act {
        NONE,
        DIVIDING,
        MOVING,
        BOXING,
        LASSO,
        DRAWING,
        POINT,
        SKETCH,
        PEG,
        SIDE
    }

    private final Desk desk;
    private final Field field;
    private final Dividers dividers;
    private final PathHand paths;
    private Act act = Act.NONE;
    private double pressedX;
    private double pressedY;
    private Point pressed = Point.ORIGIN;
    private Point moved = Point.ORIGIN;
    private final List<Point> trail = new ArrayList<>();
    private List<KnownPoint> near = List.of();
    private int chosenNear;
    private boolean dividing;
    private Point about = Point.ORIGIN;
    private Point pegAt = Point.ORIGIN;
    private double pegged;
    private double sized = 1;

    SetOutHand(Desk desk, Field field) {
        this.desk = desk;
        this.field = field;
        this.dividers = new Dividers(desk);
        this.paths = new PathHand(desk, field);
    }

    Dividers dividers() {
        return dividers;
    }

    PathHand paths() {
        return paths;
    }

    /** The trail of a box or a lasso being drawn, or of a line drawn by hand. */
    List<Point> trail() {
        return trail;
    }

    boolean isBoxing() {
        return act == Act.BOXING;
    }

    /** The known point under the pointer or the needle, if there is one. */
    Optional<KnownPoint> caught() {
        return near.isEmpty() ? Optional.empty() : Optional.of(near.get(chosenNear));
    }

    /** How many known points lie close together where one is caught. */
    int caughtAmong() {
        return near.size();
    }

    void catchAt(Point place) {
        List<KnownPoint> found = desk.resolved()
                .known()
                .map(k -> k.near(
                        place, CATCH / field.camera().scale(), desk.view().points()))
                .orElse(List.of());
        if (!found.equals(near)) {
            near = found;
            chosenNear = 0;
        }
    }

    /** The next or previous of the points lying close together. */
    boolean nextNear(int way) {
        if (near.size() < 2) {
            return false;
        }
        chosenNear = Math.floorMod(chosenNear + way, near.size());
        desk.hover(Hover.at(near.get(chosenNear).place()));
        return true;
    }

    /** Has one known point caught alone, such as a fraction just typed. */
    void caught(KnownPoint only) {
        near = List.of(only);
        chosenNear = 0;
        desk.hover(Hover.at(only.place()));
    }

    private Point snapped(MouseEvent event) {
        Point place = field.camera().place(event.getX(), event.getY());
        if (event.isControlDown()) {
            near = List.of();
            return place;
        }
        catchAt(place);
        if (caught().isPresent()) {
            return caught().get().place();
        }
        if (event.isShiftDown() && dividers.first().isPresent()) {
            return stepped(dividers.first().get(), place);
        }
        return rounded(place);
    }

    /** To a tenth of what a pixel can show of it, so that no more digits come into the design than were meant. */
    private Point rounded(Point place) {
        double unit = desk.design().unit().millimetres();
        double pixel = 1 / field.camera().scale() / unit;
        double grid = Math.pow(10, Math.floor(Math.log10(Math.max(pixel, 1e-9)))) * unit;
        return new Point(grid * Math.rint(place.x() / grid), grid * Math.rint(place.y() / grid));
    }

    /** The second leg held to whole units and to steps of the net's spokes, or of 15 degrees. */
    private Point stepped(Point from, Point place) {
        Net net = desk.design().net();
        double step = net.net() == Net.Pattern.ROUND ? 360 / net.spokes().value() : 15;
        double unit = desk.design().unit().millimetres();
        double length = unit * Math.max(1, Math.rint(from.distance(place) / unit));
        return from.plus(Point.polar(length, step * Math.rint(Angle.bearing(place.minus(from)) / step)));
    }

    void moved(MouseEvent event) {
        Point place = field.camera().place(event.getX(), event.getY());
        catchAt(place);
        desk.hover(Hover.at(caught().map(KnownPoint::place).orElse(place)));
    }

    void pressed(MouseEvent event) {
        pressedX = event.getX();
        pressedY = event.getY();
        pressed = field.camera().place(event.getX(), event.getY());
        moved = pressed;
        trail.clear();
        act = Act.NONE;
        dividing = false;
        if (event.getButton() == MouseButton.MIDDLE) {
            return;
        }
        catchAt(pressed);
        PathHand.Grip grip = paths.grasp(pressed, reach());
        if (grip != PathHand.Grip.NONE) {
            act = grip == PathHand.Grip.POINT ? Act.POINT : Act.SIDE;
            return;
        }
        if (isOnPeg(pressed)) {
            act = Act.PEG;
            pegged = 0;
            sized = 1;
        } else if (event.isShiftDown()) {
            act = event.isControlDown() ? Act.LASSO : Act.BOXING;
            trail.add(pressed);
        } else if (event.isControlDown() && desk.noun() instanceof Drawn) {
            act = Act.DRAWING;
            trail.add(pressed);
        } else if (caught().isEmpty() && isOnChosen(pressed)) {
            act = Act.MOVING;
        } else if (isOnSketch()) {
            act = Act.SKETCH;
        } else {
            act = Act.DIVIDING;
        }
    }

    /** Whether the sentence is about the sketch and the hand may move it. */
    private boolean isOnSketch() {
        return desk.view().subject().filter(s -> s == Subject.OfDesign.SKETCH).isPresent()
                && desk.design().sketch().hand() == Sketch.Hold.FREE
                && field.sketch()
                        .box(desk.design().sketch())
                        .filter(b -> b.contains(pressed))
                        .isPresent();
    }

    private boolean isOnChosen(Point place) {
        return lineAt(place).filter(id -> desk.view().chosen().contains(id)).isPresent();
    }

    private boolean isDrag(MouseEvent event) {
        return Math.hypot(event.getX() - pressedX, event.getY() - pressedY) > 3;
    }

    void dragged(MouseEvent event) {
        if (act == Act.NONE || !isDrag(event) && trail.size() < 2) {
            return;
        }
        Point place = field.camera().place(event.getX(), event.getY());
        switch (act) {
            case DIVIDING -> divide(event);
            case MOVING -> move(event, place);
            case PEG -> peg(event, place);
            case SKETCH -> {
                Point by = place.minus(moved);
                moved = place;
                desk.drag(new Edit(
                        "Sketch moved.",
                        d -> d.withSketch(d.sketch().at(d.sketch().middle().plus(by)))));
            }
            case BOXING, LASSO, DRAWING -> trail.add(place);
            case POINT -> paths.dragPoint(snapped(event));
            case SIDE -> paths.dragSide(place);
            default -> {}
        }
        field.drawMarksAgain();
    }

    private void divide(MouseEvent event) {
        if (!dividing) {
            // A figure just laid is kept by the next act, and its legs are let go.
            dividing = true;
            catchAt(pressed);
            dividers.open(caught().map(KnownPoint::place).orElseGet(() -> rounded(pressed)));
        }
        boolean other = event.isAltDown() || event.getButton() == MouseButton.SECONDARY;
        dividers.spread(snapped(event), other);
    }

    /** Where the peg of the selection stands: a little outside the upper right of the box round it; none without one. */
    Optional<Point> peg() {
        if (desk.view().chosen().isEmpty()
                || act == Act.DIVIDING
                || paths.path().isPresent()) {
            return Optional.empty();
        }
        if (act == Act.PEG) {
            Affine turned = Affine.turn(pegged, about).after(Affine.scale(sized, about));
            return Optional.of(turned.of(pegAt));
        }
        Box box = Arranging.box(desk.design(), desk.root().id(), desk.view().chosen());
        double aside = 14 / field.camera().scale();
        return Optional.of(new Point(box.right() + aside, box.top() - aside));
    }

    private boolean isOnPeg(Point place) {
        Optional<Point> peg =
                peg().filter(p -> p.distance(place) <= CATCH / field.camera().scale());
        peg.ifPresent(p -> {
            pegAt = p;
            about = desk.selection().middle();
        });
        return peg.isPresent();
    }

    /** A drag of the peg turns the selection about its middle, with Shift by steps; the other way it scales it. */
    private void peg(MouseEvent event, Point place) {
        boolean scales = event.isAltDown() || event.getButton() == MouseButton.SECONDARY;
        Point from = pegAt.minus(about);
        Point to = place.minus(about);
        if (from.length() < 1e-9 || to.length() < 1e-9) {
            return;
        }
        Affine change;
        if (scales) {
            double wanted = event.isControlDown()
                    ? to.length() / from.length()
                    : Math.max(0.05, Math.rint(20 * to.length() / from.length()) / 20);
            change = Affine.scale(wanted / sized, about);
            sized = wanted;
        } else {
            // The short way round.
            double turn = Math.IEEEremainder(Angle.bearing(to) - Angle.bearing(from), 360);
            double step = event.isShiftDown() ? 15 : event.isControlDown() ? 0.1 : 1;
            double wanted = step * Math.rint(turn / step);
            change = Affine.turn(wanted - pegged, about);
            pegged = wanted;
        }
        String words =
                scales ? "Scaled by " + Numerals.shown(sized, 3) + "." : "Rotated by " + Numerals.degrees(pegged) + ".";
        desk.drag(Arranging.carry(desk.root().id(), desk.view().chosen(), change, words));
        desk.say(words);
    }

    private void move(MouseEvent event, Point place) {
        Point by = place.minus(moved);
        if (event.isShiftDown()) {
            // Held to the axis along which it has gone further.
            Point whole = place.minus(pressed);
            Point kept = Math.abs(whole.x()) >= Math.abs(whole.y()) ? new Point(whole.x(), 0) : new Point(0, whole.y());
            by = kept.minus(moved.minus(pressed));
        }
        moved = moved.plus(by);
        desk.drag(Arranging.carry(desk.root().id(), desk.view().chosen(), Affine.shift(by), "Moved."));
    }

    void released(MouseEvent event) {
        Act done = act;
        act = Act.NONE;
        boolean dragged = isDrag(event);
        switch (done) {
            case DIVIDING -> {
                if (dividing && dividers.form().isPresent()) {
                    dividers.lay();
                } else {
                    if (dividing) {
                        dividers.close();
                    }
                    click(event);
                }
            }
            case MOVING -> {
                desk.dropped();
                if (!dragged) {
                    click(event);
                }
            }
            case BOXING, LASSO -> {
                if (dragged) {
                    selectWithin(done == Act.BOXING);
                } else {
                    click(event);
                }
                trail.clear();
            }
            case DRAWING -> {
                if (trail.size() > 2) {
                    Path path = Reshaping.freehand(trail, 1.5 / field.camera().scale());
                    desk.addFigure(Drawn.of(List.of(path)));
                    desk.say(path.closed() ? "Drawn and closed." : "Drawn; it ends open.");
                }
                trail.clear();
            }
            case POINT, SIDE, SKETCH, PEG -> {
                desk.dropped();
                if (done == Act.POINT && !dragged && paths.point() == 0 && dividers.isLoose()) {
                    runOn(paths.path().orElseThrow().paths().get(paths.part()).start());
                }
                if (done == Act.SIDE && !dragged) {
                    paths.forget();
                    click(event);
                }
            }
            default -> {}
        }
        field.drawMarksAgain();
    }

    private void click(MouseEvent event) {
        Point place = field.camera().place(event.getX(), event.getY());
        if (event.getClickCount() == 2
                && paths.add(place, ON_LINE / field.camera().scale())) {
            return;
        }
        if (dividers.isLoose() && paths.path().isPresent() && lineAt(place).isEmpty()) {
            runOn(snapped(event));
            return;
        }
        dividers.keep();
        paths.forget();
        Optional<String> hit = lineAt(place);
        String root = desk.root().id();
        if (hit.isEmpty()) {
            if (!event.isShiftDown()) {
                desk.look(desk.view().about(null));
            }
        } else if (event.isShiftDown()) {
            desk.look(desk.view().toggling(root, hit.get()));
            desk.say(desk.selection().words() + ".");
        } else {
            desk.look(desk.view().choosing(root, Set.of(hit.get())));
        }
    }

    private double reach() {
        return CATCH / field.camera().scale();
    }

    /** Each further press adds a point to a path just begun; on its first point it closes, and is kept. */
    private void runOn(Point to) {
        if (paths.runOn(to, reach())) {
            dividers.keep();
        }
    }

    private void selectWithin(boolean box) {
        Stroke stroke = new Stroke(trail, box);
        Set<String> found = new LinkedHashSet<>(desk.view().chosen());
        for (Member member : desk.root().members()) {
            boolean free = !member.standing().hidden() && !member.standing().locked();
            if (free && linesOf(member).stream().anyMatch(l -> stroke.takes(l.path()))) {
                found.add(member.id());
            }
        }
        desk.look(desk.view().choosing(desk.root().id(), found));
        desk.say(desk.selection().words() + ".");
    }

    private List<Laid> linesOf(Member member) {
        List<Laid> all = new ArrayList<>(desk.resolved().setOut().work().lines());
        all.addAll(helpers());
        return all.stream().filter(l -> holds(member, l.key().figure())).toList();
    }

    List<Laid> helpers() {
        return Resolver.helpers(desk.root(), desk.design().page().ground());
    }

    /** The member whose line lies under a place; of several the one drawn last, those not locked first. */
    Optional<String> lineAt(Point place) {
        double reach = ON_LINE / field.camera().scale();
        List<Laid> lines = new ArrayList<>(desk.resolved().setOut().work().lines());
        lines.addAll(helpers());
        Optional<String> found = Optional.empty();
        for (Laid laid : lines) {
            Path path = laid.path();
            if (path.box().grown(reach).contains(place)
                    && path.at(path.nearest(place)).distance(place) <= reach) {
                Optional<Member> member = member(laid.key().figure());
                if (member.isPresent() && !member.get().standing().locked()) {
                    found = member.map(Member::id);
                }
            }
        }
        return found;
    }

    /** The member of the design's outermost group that a figure is or is in. */
    private Optional<Member> member(String figure) {
        return desk.root().members().stream().filter(m -> holds(m, figure)).findFirst();
    }

    private static boolean holds(Member member, String figure) {
        return member instanceof Figure
                ? member.id().equals(figure)
                : ((org.hyphantes.design.Group) member).members().stream().anyMatch(m -> holds(m, figure));
    }
}
