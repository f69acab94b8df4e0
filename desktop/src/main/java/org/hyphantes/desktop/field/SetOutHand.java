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
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.known.KnownPoint;
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
        SIDE
    }

    private final Desk desk;
    private final Field field;
    private final Dividers dividers;
    private Act act = Act.NONE;
    private double pressedX;
    private double pressedY;
    private Point pressed = Point.ORIGIN;
    private Point moved = Point.ORIGIN;
    private final List<Point> trail = new ArrayList<>();
    private List<KnownPoint> near = List.of();
    private int chosenNear;
    private int part;
    private int point = -1;
    private boolean dividing;

    SetOutHand(Desk desk, Field field) {
        this.desk = desk;
        this.field = field;
        this.dividers = new Dividers(desk);
    }

    Dividers dividers() {
        return dividers;
    }

    /** The trail of a box or a lasso being drawn, or of a line drawn by hand. */
    List<Point> trail() {
        return trail;
    }

    boolean isBoxing() {
        return act == Act.BOXING;
    }

    /** The selected point of the selected path; -1 for none. */
    int point() {
        return point;
    }

    int part() {
        return part;
    }

    void forgetPoint() {
        point = -1;
    }

    void choosePoint(int wantedPart, int wanted) {
        part = wantedPart;
        point = wanted;
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
        Optional<Drawn> path = chosenPath();
        if (path.isPresent() && grasp(path.get(), pressed)) {
            return;
        }
        if (event.isShiftDown()) {
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

    private Optional<Drawn> chosenPath() {
        return desk.view()
                .subject()
                .filter(s -> s instanceof Subject.OfFigure)
                .flatMap(s -> s.in(desk.design()))
                .filter(Drawn.class::isInstance)
                .map(Drawn.class::cast);
    }

    /** Takes hold of a point of the selected path, or of the middle of a side. */
    private boolean grasp(Drawn drawn, Point place) {
        double reach = CATCH / field.camera().scale();
        for (int p = 0; p < drawn.paths().size(); p++) {
            List<Point> points =
                    Reshaping.points(Reshaping.withPoints(drawn.paths().get(p)));
            for (int i = 0; i < points.size(); i++) {
                if (points.get(i).distance(place) <= reach) {
                    part = p;
                    point = i;
                    act = Act.POINT;
                    return true;
                }
            }
        }
        for (int p = 0; p < drawn.paths().size(); p++) {
            Path path = Reshaping.withPoints(drawn.paths().get(p));
            for (int i = 0; i < path.size(); i++) {
                if (path.curves().get(i).at(0.5).distance(place) <= reach) {
                    part = p;
                    point = i;
                    act = Act.SIDE;
                    return true;
                }
            }
        }
        return false;
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
            case SKETCH -> {
                Point by = place.minus(moved);
                moved = place;
                desk.drag(new Edit(
                        "Sketch moved.",
                        d -> d.withSketch(d.sketch().at(d.sketch().middle().plus(by)))));
            }
            case BOXING, LASSO, DRAWING -> trail.add(place);
            case POINT -> reshape("Point moved.", p -> Reshaping.moved(p, point, snapped(event)));
            case SIDE -> {
                Path path =
                        Reshaping.withPoints(chosenPath().orElseThrow().paths().get(part));
                Point a = path.curves().get(point).start();
                Point b = path.curves().get(point).end();
                double high = place.minus(a.middle(b)).dot(b.minus(a).unit().right());
                double held = Math.abs(high) < 3 / field.camera().scale() ? 0 : high;
                reshape("Side bent.", p -> Reshaping.bent(p, point, held));
            }
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

    private void reshape(String words, java.util.function.UnaryOperator<Path> change) {
        Subject subject = desk.view().subject().orElseThrow();
        int at = part;
        desk.drag(new Edit(words, d -> {
            Drawn drawn = (Drawn) subject.in(d).orElseThrow();
            List<Path> paths = new ArrayList<>(drawn.paths());
            paths.set(at, change.apply(Reshaping.withPoints(paths.get(at))));
            return subject.put(d, Drawn.of(paths));
        }));
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
            case POINT, SIDE, SKETCH -> {
                desk.dropped();
                if (done == Act.POINT && !dragged && point == 0 && dividers.isLoose()) {
                    chosenPath().ifPresent(p -> runOn(p, p.paths().get(part).start()));
                }
                if (done == Act.SIDE && !dragged) {
                    point = -1;
                    click(event);
                }
            }
            default -> {}
        }
        field.drawMarksAgain();
    }

    private void click(MouseEvent event) {
        Point place = field.camera().place(event.getX(), event.getY());
        Optional<Drawn> path = chosenPath();
        if (path.isPresent() && event.getClickCount() == 2 && addPoint(path.get(), place)) {
            return;
        }
        if (dividers.isLoose() && path.isPresent() && lineAt(place).isEmpty()) {
            runOn(path.get(), snapped(event));
            return;
        }
        dividers.keep();
        point = -1;
        Optional<String> hit = lineAt(place);
        String root = desk.root().id();
        if (hit.isEmpty()) {
            if (!event.isShiftDown()) {
                desk.look(desk.view().about(null));
            }
        } else if (event.isShiftDown()) {
            desk.look(desk.view().toggling(root, hit.get()));
            desk.say(selectionWords());
        } else {
            desk.look(desk.view().choosing(root, Set.of(hit.get())));
        }
    }

    /** A double click on the selected path adds a point where it is. */
    private boolean addPoint(Drawn drawn, Point place) {
        for (int p = 0; p < drawn.paths().size(); p++) {
            Path path = Reshaping.withPoints(drawn.paths().get(p));
            double position = path.nearest(place);
            if (path.at(position).distance(place) <= ON_LINE / field.camera().scale()) {
                part = p;
                point = path.index(position) + 1;
                reshape("Point added.", q -> Reshaping.withPoint(q, position));
                desk.dropped();
                return true;
            }
        }
        return false;
    }

    /** Each further press adds a point to a path just begun; on its first point it closes. */
    private void runOn(Drawn drawn, Point to) {
        Path path = drawn.paths().get(drawn.paths().size() - 1);
        if (path.closed()) {
            return;
        }
        List<org.hyphantes.geometry.Curve> curves = new ArrayList<>(path.curves());
        boolean closes = to.distance(path.start()) <= CATCH / field.camera().scale() && path.size() > 1;
        Point end = closes ? path.start() : to;
        if (end.distance(path.end()) < 1e-9) {
            return;
        }
        curves.add(new org.hyphantes.geometry.Line(path.end(), end));
        Subject subject = desk.view().subject().orElseThrow();
        Path longer = new Path(curves, closes);
        desk.edit(new Edit(closes ? "Closed." : "Point added.", d -> subject.put(d, Drawn.of(List.of(longer)))));
        if (closes) {
            dividers.keep();
        }
    }

    private void selectWithin(boolean box) {
        Box round = Box.round(trail.stream().map(p -> Box.of(p, p)).toList());
        // A stroke that comes back to its start goes round what it selects; any other selects what it touches.
        boolean goesRound =
                trail.get(0).distance(trail.get(trail.size() - 1)) < Math.max(round.width(), round.height()) / 3;
        Path lasso = box ? null : goesRound ? Path.polygon(trail) : stroke();
        Set<String> found = new LinkedHashSet<>(desk.view().chosen());
        for (Member member : desk.root().members()) {
            if (member.standing().hidden() || member.standing().locked()) {
                continue;
            }
            List<Laid> lines = lines(member.id());
            boolean within = !lines.isEmpty()
                    && lines.stream()
                            .anyMatch(l -> box
                                    ? isWithin(l.path().box(), round)
                                    : goesRound ? isWithin(l.path(), lasso) : touches(l.path(), lasso));
            if (within) {
                found.add(member.id());
            }
        }
        desk.look(desk.view().choosing(desk.root().id(), found));
        desk.say(selectionWords());
    }

    private static boolean isWithin(Box inner, Box outer) {
        return outer.with(inner).equals(outer);
    }

    private Path stroke() {
        List<org.hyphantes.geometry.Curve> sides = new ArrayList<>();
        for (int i = 1; i < trail.size(); i++) {
            if (trail.get(i).distance(trail.get(i - 1)) > 0) {
                sides.add(new org.hyphantes.geometry.Line(trail.get(i - 1), trail.get(i)));
            }
        }
        return new Path(sides, false);
    }

    private static boolean touches(Path path, Path stroke) {
        return PathMeetings.of(List.of(path, stroke), Tolerance.of(path.box().with(stroke.box())), 1_000, Watch.NONE)
                .map(meetings -> meetings.stream().anyMatch(m -> m.first() != m.second()))
                .orElse(true);
    }

    private static boolean isWithin(Path path, Path lasso) {
        for (int i = 0; i < path.size(); i++) {
            if (lasso.winding(path.curves().get(i).at(0.5)) == 0) {
                return false;
            }
        }
        return true;
    }

    /** What is selected, in words. */
    String selectionWords() {
        List<String> names = desk.root().members().stream()
                .filter(m -> desk.view().chosen().contains(m.id()))
                .map(Member::name)
                .toList();
        return names.isEmpty()
                ? "Nothing selected."
                : names.size() + " selected: " + String.join(", ", names.subList(0, Math.min(6, names.size())))
                        + (names.size() > 6 ? " and more." : ".");
    }

    private List<Laid> lines(String id) {
        List<Laid> found = new ArrayList<>();
        desk.resolved().setOut().work().lines().stream()
                .filter(l -> l.key().figure().equals(id))
                .forEach(found::add);
        if (found.isEmpty()) {
            helpers().stream().filter(l -> l.key().figure().equals(id)).forEach(found::add);
        }
        return found;
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
