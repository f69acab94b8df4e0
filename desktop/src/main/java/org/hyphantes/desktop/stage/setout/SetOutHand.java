package org.hyphantes.desktop.stage.setout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Artwork;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.act.SketchActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.figure.Drawn;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.KnownPoint;
import org.hyphantes.known.KnownPoints;
import org.hyphantes.scene.Look;

/**
 * The hand in Set out: dividers from one known point to another, figures selected and moved, points of paths reshaped. A drag
 * begun on a selected figure moves it, with Shift it selects by a box, with Ctrl and Shift by a lasso; any other opens the dividers.
 */
final class SetOutHand implements Hand {
    /** So many millimetres on either side of the centre are seen at least. */
    private static final double LEAST_SEEN = 60;

    /** How strong the finished work is under the lines. */
    private static final double PALE = 0.3;

    private final Bench bench;
    private final Desk desk;
    private final Glass glass;
    private final KnownCatch known;
    private final Picking picking;
    private final Dividers dividers;
    private final PathHand paths;
    private final SketchActs sketch;
    private final SetOutKeys keys;
    private Drag drag = Drag.NONE;
    private double pressedX;
    private double pressedY;

    SetOutHand(Bench bench, Glass glass) {
        this.bench = bench;
        this.desk = bench.desk();
        this.glass = glass;
        this.known = new KnownCatch(desk, glass);
        this.picking = new Picking(desk, glass);
        this.dividers = new Dividers(bench);
        this.paths = new PathHand(desk, glass);
        this.sketch = new SketchActs(desk);
        this.keys = new SetOutKeys(desk, glass, known, picking, dividers, paths);
    }

    /** Always as much on one side of the design's centre as on the other. */
    @Override
    public Optional<Box> whole(Resolved resolved) {
        Box design = resolved.finished().box();
        double x = Math.max(Math.abs(design.left()), Math.abs(design.right()));
        double y = Math.max(Math.abs(design.top()), Math.abs(design.bottom()));
        double half = Math.max(LEAST_SEEN, Math.max(x, y));
        return Optional.of(new Box(-half, -half, half, half));
    }

    /** A known point goes with the figure it was of. */
    @Override
    public void resolved() {
        known.renew();
    }

    @Override
    public void draw(Sheet sheet) {
        Resolved resolved = desk.resolved();
        sketch.draw(resolved.design().sketch(), sheet.gc(), sheet.camera());
        SetOutGround ground = new SetOutGround(sheet);
        ground.draw(resolved.design());
        ground.helpers(resolved.helpers(), desk.view().chosen());
        Look look = Looks.own(sheet.palette(), 1.2).choosing(desk.view().chosen());
        Artwork pictured = desk.pictured().artwork();
        if (pictured.work() != resolved.setOut().work()) {
            sheet.drawUnder(pictured.scene(), Looks.own(sheet.palette(), 1).pale(PALE));
        }
        sheet.draw(desk.pictured().lines(), look);
    }

    @Override
    public boolean isEmpty() {
        return desk.resolved().field().scene().isEmpty()
                && desk.resolved().helpers().isEmpty()
                && !dividers.areOpen();
    }

    @Override
    public String emptyWords() {
        return "Nothing is set out yet. Drag from one point to another to lay a "
                + bench.nouns().noun().schema().word() + ", or type a word, such as star 12.";
    }

    @Override
    public boolean hasMarks() {
        return true;
    }

    @Override
    public void marks(Sheet sheet) {
        SetOutMarks marks = new SetOutMarks(sheet);
        paths.path().ifPresent(drawn -> marks.points(drawn, paths.part(), paths.point()));
        peg().ifPresent(marks::peg);
        known.caught().ifPresent(marks::known);
        if (known.caught().isEmpty()) {
            desk.hoverProperty().get().place().filter(p -> desk.isNeedleSet()).ifPresent(marks::place);
        }
        if (dividers.areOpen() && !dividers.isLoose()) {
            marks.dividers(dividers, desk.design().page().pageBox());
        }
        if (drag instanceof Trail trail) {
            marks.trail(trail.places(), trail.isBox());
        }
        label();
    }

    private Optional<Point> peg() {
        if (drag instanceof Peg peg) {
            return Optional.of(peg.place());
        }
        return drag instanceof Dividing || paths.path().isPresent() ? Optional.empty() : Peg.place(desk, glass);
    }

    /** What the known point under the pointer is, or how far the dividers are open, beside it. */
    private void label() {
        boolean open = dividers.areOpen() && !dividers.isLoose();
        Optional<Point> at = open
                ? dividers.second()
                : known.caught().isPresent() ? desk.hoverProperty().get().place() : Optional.empty();
        if (at.isEmpty()) {
            return;
        }
        String point = known.caught()
                .map(k -> k.words() + (known.among() > 1 ? "  (Page Down: " + (known.among() - 1) + " more)" : ""))
                .orElse("");
        String length = open ? dividers.words() : "";
        glass.label(length + (length.isEmpty() || point.isEmpty() ? "" : "  \u00b7  ") + point, at.get(), 16);
    }

    @Override
    public void moved(MouseEvent event) {
        Point place = glass.camera().place(event.getX(), event.getY());
        known.at(place);
        desk.hover(Hover.at(known.caught().map(KnownPoint::place).orElse(place)));
        glass.redrawMarks();
    }

    @Override
    public void pressed(MouseEvent event) {
        pressedX = event.getX();
        pressedY = event.getY();
        Point place = glass.camera().place(event.getX(), event.getY());
        known.at(place);
        drag = begun(event, place);
    }

    private Drag begun(MouseEvent event, Point place) {
        PathHand.Grip grip = paths.grasp(place, paths.reach());
        if (grip != PathHand.Grip.NONE) {
            return new PathDrag(desk, paths, known, dividers, grip);
        }
        Optional<Peg> peg = paths.path().isPresent() ? Optional.empty() : Peg.grasped(desk, glass, place);
        if (peg.isPresent()) {
            return peg.get();
        }
        if (event.isShiftDown()) {
            return trail(event.isControlDown() ? Trail.Use.LASSO : Trail.Use.BOX, place);
        }
        if (event.isControlDown() && bench.nouns().noun() instanceof Drawn) {
            return trail(Trail.Use.LINE, place);
        }
        if (known.caught().isEmpty() && picking.isOnChosen(place)) {
            return new Moving(desk, place);
        }
        return sketch.isGrasped(place) ? new SketchMoving(desk, place) : new Dividing(dividers, known, place);
    }

    private Trail trail(Trail.Use use, Point place) {
        return new Trail(bench, glass, picking, use, place);
    }

    private boolean isDrag(MouseEvent event) {
        return Math.hypot(event.getX() - pressedX, event.getY() - pressedY) > 3;
    }

    @Override
    public void dragged(MouseEvent event) {
        boolean going = drag instanceof Trail trail && trail.places().size() > 1;
        if (isDrag(event) || going) {
            drag.to(event, glass.camera().place(event.getX(), event.getY()));
            glass.redrawMarks();
        }
    }

    @Override
    public void released(MouseEvent event, boolean still) {
        Drag done = drag;
        drag = Drag.NONE;
        if (done != Drag.NONE && done.done(isDrag(event))) {
            click(event);
        }
        glass.redrawMarks();
    }

    private void click(MouseEvent event) {
        Point place = glass.camera().place(event.getX(), event.getY());
        if (event.getClickCount() == 2 && paths.add(place, picking.reach())) {
            return;
        }
        Optional<String> hit = picking.at(place);
        if (dividers.isLoose() && paths.path().isPresent() && hit.isEmpty()) {
            // Each further press adds a point to a path just begun; on its first point it closes, and is kept.
            if (paths.runOn(known.meant(event, dividers.first()), paths.reach())) {
                dividers.keep();
            }
            return;
        }
        dividers.keep();
        paths.forget();
        String root = desk.root().id();
        if (hit.isEmpty()) {
            if (!event.isShiftDown()) {
                desk.look(desk.view().about(null));
            }
        } else if (event.isShiftDown()) {
            desk.look(desk.view().toggling(root, hit.get()));
            desk.say(new Chosen(desk).words() + ".");
        } else {
            desk.look(desk.view().choosing(root, Set.of(hit.get())));
        }
    }

    @Override
    public boolean key(KeyEvent event, Point way) {
        boolean taken = keys.pressed(event, way);
        if (taken) {
            glass.redrawMarks();
        }
        return taken;
    }

    @Override
    public List<Hover> stops() {
        List<Hover> stops = new ArrayList<>();
        desk.resolved()
                .known()
                .ifPresent(all -> all.all().stream()
                        .filter(p -> desk.view().points().contains(p.kind()))
                        .forEach(p -> stops.add(Hover.at(p.place()))));
        return stops;
    }

    @Override
    public void needleAt(Point place) {
        known.at(place);
    }

    @Override
    public boolean holds() {
        return dividers.areOpen();
    }

    @Override
    public String at() {
        return known.caught()
                .map(k -> "Needle on " + k.words())
                .orElse("Set out: " + desk.design().name());
    }

    /** A fraction such as 1/3 is a known point on the side under the pointer, and is caught. */
    @Override
    public boolean typed(String text) {
        if (!text.matches("\\d+\\s*/\\s*\\d+")) {
            return false;
        }
        String words = text.replace(" ", "");
        String[] parts = words.split("/");
        double share = Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
        Optional<KnownPoint> found = desk.hoverProperty()
                .get()
                .place()
                .flatMap(at -> KnownPoints.fraction(
                        desk.resolved().setOut().spread().lines(),
                        at,
                        3 * KnownCatch.CATCH / glass.camera().scale(),
                        share,
                        words));
        if (found.isEmpty()) {
            desk.warn("Bring the needle or the pointer to a side first; " + words + " is then a point on it.");
        } else {
            known.only(found.get());
            desk.needle(Hover.at(found.get().place()));
            glass.redrawMarks();
            desk.say("Needle " + words + " along the side. Enter sets a leg of the dividers here.");
        }
        return true;
    }

    @Override
    public boolean delete() {
        boolean deleted = paths.delete();
        glass.redrawMarks();
        return deleted;
    }

    @Override
    public void chosen() {
        paths.forget();
    }

    @Override
    public void left() {
        dividers.keep();
    }
}
