package org.hyphantes.desktop.field;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Angle;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Mirror;
import org.hyphantes.treatment.Spokes;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;

/**
 * The graduated ring round the field. Its two tongues show the recipe's own Turn: one stands at the start, the other one
 * step on. Pulling them changes the number of turns and the start; pulled apart where there is no Turn, they make one.
 */
public final class Rim extends Region {
    private static final double REACH = 18;
    private static final double CATCH = 3;

    private final Desk desk;
    private final Runnable redraw;
    private int pulled = -1;
    private List<Object> drawnFor = List.of();

    /** @param redraw has the field drawn again, and this rim in it: a picture of its own as large as the field would be dear */
    public Rim(Desk desk, Runnable redraw) {
        this.desk = desk;
        this.redraw = redraw;
        setId("rim");
        setPickOnBounds(false);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setOnMousePressed(this::press);
        setOnMouseDragged(this::pull);
        setOnMouseReleased(e -> {
            pulled = -1;
            desk.dropped();
        });
        setOnMouseMoved(e -> setCursor(
                tongueAt(e.getX(), e.getY()) >= 0 || isOnBar(e.getX(), e.getY()) ? Cursor.HAND : Cursor.DEFAULT));
        setOnKeyPressed(this::key);
        focusedProperty().addListener(o -> redraw.run());
        desk.historyProperty().addListener(o -> drawIfTurned());
    }

    private Optional<Integer> step() {
        return desk.root().last(Turn.class);
    }

    private Turn turn() {
        return step().map(i -> (Turn) desk.root().recipe().get(i).treatment()).orElse(Turn.STARTING.withTimes(1));
    }

    private double bearing(int tongue) {
        Turn turn = turn();
        return turn.start().value() + (tongue == 1 && step().isPresent() ? turn.step() : 0);
    }

    private RimShape shape() {
        return RimShape.in(getWidth(), getHeight());
    }

    /** Only the ring itself takes the pointer; within it the field does. */
    @Override
    public boolean contains(double x, double y) {
        RimShape rim = shape();
        double distance = rim.distance(x, y);
        return distance >= rim.inner() - 2 && distance <= rim.outer() + 12;
    }

    private int tongueAt(double x, double y) {
        RimShape rim = shape();
        for (int tongue = 1; tongue >= 0; tongue--) {
            double bearing = bearing(tongue);
            if (Math.hypot(x - rim.xAt(bearing, rim.outer()), y - rim.yAt(bearing, rim.outer())) <= REACH) {
                return tongue;
            }
        }
        return -1;
    }

    private void press(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY && isOnBar(event.getX(), event.getY())) {
            nextMirror();
            event.consume();
            return;
        }
        if (event.getButton() == MouseButton.PRIMARY) {
            pulled = tongueAt(event.getX(), event.getY());
            step().ifPresent(i ->
                    desk.look(desk.view().about(new Subject.OfStep(desk.root().id(), i))));
        }
        event.consume();
    }

    /** The bearing of the double bar between the tongues, a little on from the number. */
    private double barBearing() {
        Turn turn = turn();
        return step().isPresent() && turn.count() > 1
                ? turn.start().value() + turn.step() * (turn.count() > 20 ? 1.6 : 0.75)
                : turn.start().value() + 12;
    }

    private boolean isOnBar(double x, double y) {
        RimShape rim = shape();
        double radius = rim.outer() - RimShape.BAND / 2;
        return tongueAt(x, y) < 0
                && Math.hypot(x - rim.xAt(barBearing(), radius), y - rim.yAt(barBearing(), radius)) <= 13;
    }

    private Optional<Integer> mirrorStep() {
        return desk.root().last(Mirror.class);
    }

    private Optional<Mirror> mirror() {
        return mirrorStep().map(i -> (Mirror) desk.root().recipe().get(i).treatment());
    }

    /** No mirrors, mirrors on the spokes, mirrors between the spokes, and round again. */
    private void nextMirror() {
        Optional<Integer> at = mirrorStep();
        String group = desk.root().id();
        if (at.isEmpty()) {
            int after = step().map(i -> i + 1).orElse(0);
            Mirror added = Mirror.STARTING.through(turn().about());
            desk.edit(new Edit(
                    "Mirrored on the spokes.",
                    Recipes.addStep(group, after, added).change()));
        } else if (mirror().orElseThrow().spokes() == Spokes.ON) {
            Treatment between = mirror().orElseThrow().on(Spokes.BETWEEN);
            desk.edit(new Edit(
                    "Mirrored between the spokes.",
                    d -> d.change(
                            group,
                            g -> g.withStep(at.get(), g.recipe().get(at.get()).with(between)))));
        } else {
            desk.edit(new Edit(
                    "No mirrors.", Recipes.removeStep(group, at.get(), "Mirror").change()));
        }
    }

    private String mirrorWords() {
        return mirror().map(m -> m.spokes() == Spokes.ON ? "mirrored on the spokes" : "mirrored between the spokes")
                .orElse("not mirrored");
    }

    /** Two bars along the rim: both hollow without mirrors; one or the other full when they stand on or between the spokes. */
    private void bar(GraphicsContext gc, RimShape rim, Palette palette) {
        double bearing = barBearing();
        gc.save();
        gc.translate(
                rim.xAt(bearing, rim.outer() - RimShape.BAND / 2), rim.yAt(bearing, rim.outer() - RimShape.BAND / 2));
        gc.rotate(bearing);
        gc.setLineWidth(1.6);
        gc.setStroke(palette.verdigris());
        gc.setFill(palette.verdigris());
        for (int side = -1; side <= 1; side += 2) {
            boolean onSpokes = side < 0;
            boolean full =
                    mirror().filter(m -> (m.spokes() == Spokes.ON) == onSpokes).isPresent();
            if (full) {
                gc.fillRect(side * 4 - 2.5, -7, 5, 14);
            } else {
                gc.strokeRect(side * 4 - 2, -6.5, 4, 13);
            }
        }
        gc.restore();
    }

    private void pull(MouseEvent event) {
        if (pulled < 0) {
            return;
        }
        double bearing = shape().bearing(event.getX(), event.getY());
        Turn turn = turn();
        if (pulled == 1) {
            double step = Angle.turned(bearing - turn.start().value());
            double over = turn.over().value() == 0 ? 360 : turn.over().value();
            if (over < 0) {
                step = 360 - step;
            }
            int count = step < 1 ? turn.count() : (int) Math.rint(Math.abs(over) / step);
            set(turn.withTimes(Math.max(1, Math.min(count, 360))), "times");
        } else {
            double start = bearing > 180 ? bearing - 360 : bearing;
            double half = turn.step() / 2;
            double caught = half == 0 ? start : half * Math.rint(start / half);
            boolean catches = Math.abs(caught - start) <= CATCH && Math.abs(caught) <= Math.abs(turn.step());
            set(turn.withStart(catches ? caught : Math.rint(start)), "start");
        }
        event.consume();
    }

    private void set(Turn changed, String what) {
        Optional<Integer> at = step();
        String words = what.equals("times")
                ? "Turned " + changed.count() + " times."
                : "Turned from " + Numerals.degrees(changed.start().value()) + ".";
        if (at.isPresent()) {
            if (!changed.equals(turn())) {
                desk.drag(new Edit(
                        words,
                        d -> d.change(
                                desk.root().id(),
                                g -> g.withStep(
                                        at.get(), g.recipe().get(at.get()).with((Treatment) changed)))));
                desk.say(words);
            }
        } else if (changed.count() > 1) {
            Step added = new Step(true, changed);
            desk.drag(new Edit(
                    words,
                    Recipes.addStep(desk.root().id(), 0, added.treatment()).change()));
            desk.say(words);
        }
    }

    private void key(KeyEvent event) {
        if (event.isAltDown()) {
            return;
        }
        double by = event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1;
        Turn turn = turn();
        switch (event.getCode()) {
            case UP -> set(turn.withTimes(Math.min(3600, turn.count() + (event.isShiftDown() ? 10 : 1))), "times");
            case DOWN -> set(turn.withTimes(Math.max(1, turn.count() - (event.isShiftDown() ? 10 : 1))), "times");
            case LEFT -> set(turn.withStart(rounded(turn.start(), -by)), "start");
            case RIGHT -> set(turn.withStart(rounded(turn.start(), by)), "start");
            case SPACE -> nextMirror();
            default -> {
                return;
            }
        }
        desk.dropped();
        event.consume();
    }

    private static double rounded(Amount amount, double by) {
        return Math.rint((amount.value() + by) * 1e6) / 1e6 % 360;
    }

    private void drawIfTurned() {
        List<Object> now = List.of(turn(), step(), mirror());
        if (!now.equals(drawnFor)) {
            redraw.run();
            drawnFor = now;
        }
    }

    /** Draws the rim into the picture of the field, of a size. */
    void draw(GraphicsContext gc, double width, double height) {
        Palette palette = Palette.of(desk.view().dark());
        RimShape rim = RimShape.in(width, height);
        gc.setLineDashes();
        gc.setStroke(palette.surface());
        gc.setLineWidth(RimShape.BAND);
        ring(gc, rim, rim.outer() - RimShape.BAND / 2);
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        ring(gc, rim, rim.outer());
        ring(gc, rim, rim.inner());
        boolean turned = step().isPresent();
        Turn turn = turn();
        for (int tick = 0; tick < 72; tick++) {
            double length = tick % 9 == 0 && !turned ? 14 : tick % 2 == 0 ? 7 : 4;
            tick(gc, rim, tick * 5, length);
        }
        gc.setStroke(palette.ink());
        gc.setLineWidth(2);
        for (int k = 0; turned && k < turn.count() && turn.count() <= 180; k++) {
            tick(gc, rim, turn.start().value() + k * turn.step(), 16);
        }
        gc.setFont(Typefaces.title(14));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.setFill(palette.verdigris());
        if (turned && turn.count() > 1) {
            double middle = turn.start().value() + turn.step() / 2;
            gc.fillText(
                    String.valueOf(turn.count()), rim.xAt(middle, rim.outer() - 11), rim.yAt(middle, rim.outer() - 11));
        }
        for (int tongue = turned ? 1 : 0; tongue >= 0; tongue--) {
            tongue(gc, rim, bearing(tongue), palette, tongue);
        }
        bar(gc, rim, palette);
        setAccessibleText("Rim: turned " + turn.count() + " times, starting at "
                + Numerals.degrees(turn.start().value()) + ", " + mirrorWords());
    }

    private static void ring(GraphicsContext gc, RimShape rim, double radius) {
        gc.strokeOval(rim.x() - radius, rim.y() - radius, 2 * radius, 2 * radius);
    }

    private static void tick(GraphicsContext gc, RimShape rim, double bearing, double length) {
        gc.strokeLine(
                rim.xAt(bearing, rim.inner()),
                rim.yAt(bearing, rim.inner()),
                rim.xAt(bearing, rim.inner() + length),
                rim.yAt(bearing, rim.inner() + length));
    }

    private void tongue(GraphicsContext gc, RimShape rim, double bearing, Palette palette, int which) {
        gc.save();
        gc.translate(rim.xAt(bearing, rim.outer()), rim.yAt(bearing, rim.outer()));
        gc.rotate(bearing);
        double[] xs = {-9, 9, 9, 0, -9};
        double[] ys = {-9, -9, 6, 19, 6};
        gc.setFill(palette.verdigris());
        gc.fillPolygon(xs, ys, 5);
        if (isFocused() || pulled == which) {
            gc.setStroke(palette.paper());
            gc.setLineWidth(2);
            gc.strokePolygon(xs, ys, 5);
            gc.setStroke(palette.ink());
            gc.strokePolygon(new double[] {-11, 11, 11, 0, -11}, new double[] {-11, -11, 7, 22, 7}, 5);
        }
        gc.restore();
    }
}
