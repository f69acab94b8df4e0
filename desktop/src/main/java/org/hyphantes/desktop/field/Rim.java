package org.hyphantes.desktop.field;

import java.util.List;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Turn;

/**
 * The graduated ring round the field. Its two tongues show the recipe's own Turn: one stands at the start, the other one
 * step on. Pulling them changes the number of turns and the start; pulled apart where there is no Turn, they make one.
 */
public final class Rim extends Region {
    /** What can be done with it. */
    private static final List<Deed> DEEDS = List.of(
            new Deed("drag tongue 1; Up, Down", "more or fewer turns"),
            new Deed("drag tongue 0; Left, Right", "where they start; it catches at a half and at a whole step"),
            new Deed("click the double bar, Space", "no mirrors, mirrors on the spokes, between them"));

    private static final double REACH = 18;
    private static final double CATCH = 3;

    private final Desk desk;
    private final TurnActs turns;
    private final Runnable redraw;
    private int pulled = -1;
    private List<Object> drawnFor = List.of();

    /** @param redraw has the field drawn again, and this rim in it: a picture of its own as large as the field would be dear */
    public Rim(Desk desk, Runnable redraw) {
        this.desk = desk;
        this.turns = new TurnActs(desk);
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
        Note.on(this, this::note);
        focusedProperty().addListener(o -> redraw.run());
        desk.historyProperty().addListener(o -> drawIfTurned());
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
            double bearing = turns.bearing(tongue);
            if (Math.hypot(x - rim.xAt(bearing, rim.outer()), y - rim.yAt(bearing, rim.outer())) <= REACH) {
                return tongue;
            }
        }
        return -1;
    }

    private boolean isOnBar(double x, double y) {
        RimShape rim = shape();
        double radius = rim.outer() - RimShape.BAND / 2;
        double bearing = RimPicture.barBearing(turns);
        return tongueAt(x, y) < 0 && Math.hypot(x - rim.xAt(bearing, radius), y - rim.yAt(bearing, radius)) <= 13;
    }

    private void press(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY && isOnBar(event.getX(), event.getY())) {
            turns.nextMirror();
        } else if (event.getButton() == MouseButton.PRIMARY) {
            pulled = tongueAt(event.getX(), event.getY());
            turns.choose();
        }
        event.consume();
    }

    private void pull(MouseEvent event) {
        double bearing = shape().bearing(event.getX(), event.getY());
        if (pulled == 1) {
            turns.pullTimes(bearing);
        } else if (pulled == 0) {
            turns.pullStart(bearing, CATCH);
        }
        event.consume();
    }

    private void key(KeyEvent event) {
        if (event.isAltDown()) {
            return;
        }
        int times = event.isShiftDown() ? 10 : 1;
        double by = event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1;
        switch (event.getCode()) {
            case UP -> turns.times(turns.turn().count() + times);
            case DOWN -> turns.times(turns.turn().count() - times);
            case LEFT -> turns.start(moved(-by));
            case RIGHT -> turns.start(moved(by));
            case SPACE -> turns.nextMirror();
            default -> {
                return;
            }
        }
        desk.dropped();
        event.consume();
    }

    private double moved(double by) {
        return Math.rint((turns.turn().start().value() + by) * 1e6) / 1e6 % 360;
    }

    private void drawIfTurned() {
        List<Object> now = List.of(turns.turn(), turns.step().map(Step::id), turns.mirror());
        if (!now.equals(drawnFor)) {
            redraw.run();
            drawnFor = now;
        }
    }

    /** Draws the rim into the picture of the field, of a size. */
    void draw(GraphicsContext gc, double width, double height) {
        RimPicture picture = new RimPicture(gc, Palette.of(desk.view().dark()), turns);
        picture.draw(RimShape.in(width, height), pulled, isFocused());
        setAccessibleText("Rim: turned " + turns.turn().count() + " times, starting at "
                + Numerals.degrees(turns.turn().start().value()) + ", " + turns.mirrorWords());
    }

    private Note note() {
        return new Note(
                "The rim", getAccessibleText(), DEEDS, Turn.of(2).schema().why());
    }
}
