package org.hyphantes.desktop.strip;

import java.util.List;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.gauge.RecipeOrder;
import org.hyphantes.treatment.Treatment;

/**
 * The cord with a station for every treatment and the shuttle on it. A treatment that works has the cord run over its bars;
 * one switched off has its bars over the cord. Beyond the shuttle the cord is dashed: not yet woven.
 */
final class Cord extends Region {

    /** What can be done with the cord. */
    private static final List<Deed> DEEDS = List.of(
            new Deed("click a station, Left, Right", "make the sentence about that step"),
            new Deed("click its bars, Ctrl+U", "pass it under, or over again"),
            new Deed("drag a station, Shift+Left, Shift+Right", "do it earlier or later"),
            new Deed("drag it off the strip, Delete", "remove it"),
            new Deed("drag the shuttle, Alt+Left, Alt+Right", "see the design as it is up to a step"),
            new Deed("+, Insert", "add a step there"),
            new Deed("Enter", "into its sentence"));

    private enum Grip {
        NONE,
        PLUS,
        SHUTTLE,
        STATION
    }

    private final Desk desk;
    private final RecipeActs recipe;
    private final Focus focus;
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private int tipped = -1;
    private Grip grip = Grip.NONE;
    private int held = -1;
    private double heldX;
    private double pointerX = -1;
    private double pointerY = -1;
    private double scroll;

    Cord(Bench bench) {
        this.desk = bench.desk();
        this.recipe = new RecipeActs(desk);
        this.focus = bench.focus();
        focus.at(Focus.Place.STRIP, () -> this);
        setId("cord");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        getChildren().add(canvas);
        Unhurried unhurried = new Unhurried(this::draw);
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.subject().equals(now.subject())) {
                bring();
            }
            draw();
        });
        focusedProperty().addListener(o -> draw());
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnMouseMoved(e -> at(e.getX(), e.getY()));
        setOnMouseExited(e -> at(-1, -1));
        setOnScroll(e -> {
            scroll += e.getDeltaY() + e.getDeltaX();
            draw();
            e.consume();
        });
        setOnKeyPressed(this::key);
        Note.on(this, this::note);
    }

    /** Brings the chosen station into sight. */
    private void bring() {
        int chosen = recipe.chosenIndex();
        double room = getWidth() - station();
        if (chosen >= 0 && room > 0) {
            double left = middle(chosen) - station() / 2;
            scroll -= left < 0 ? left : left > room ? left - room : 0;
        }
    }

    private void at(double x, double y) {
        pointerX = x;
        pointerY = y;
        int station = stationAt(x);
        int bars = onBars(station, x, y) ? station : -1;
        setCursor(bars >= 0 || onPlus(x, y) ? Cursor.HAND : Cursor.DEFAULT);
        if (bars != tipped) {
            tipped = bars;
            tip();
        }
        draw();
    }

    /** What the bars under the pointer would do. */
    private void tip() {
        Tooltip.uninstall(this, tip);
        if (tipped >= 0) {
            Step step = steps().get(tipped);
            tip.setText(step.title() + (step.over() ? ": pass under, as if it were not there" : ": pass over again"));
            Tooltip.install(this, tip);
        }
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    /** How wide a station is. */
    private static double station() {
        return Habits.of(132);
    }

    private List<Step> steps() {
        return desk.root().recipe();
    }

    private double middle(int station) {
        return scroll + (station + 0.5) * station();
    }

    private double shuttleX() {
        return scroll + Math.max(26, desk.view().shuttle() * station());
    }

    private double plusX() {
        return shuttleX() + 44;
    }

    private int stationAt(double x) {
        int station = (int) Math.floor((x - scroll) / station());
        return station >= 0 && station < steps().size() ? station : -1;
    }

    private void press(MouseEvent event) {
        requestFocus();
        held = stationAt(event.getX());
        heldX = event.getX();
        boolean onShuttle =
                Math.abs(event.getX() - shuttleX()) <= 28 && Math.abs(event.getY() - CordPicture.cordY()) <= 12;
        grip = onPlus(event.getX(), event.getY())
                ? Grip.PLUS
                : onShuttle ? Grip.SHUTTLE : held >= 0 ? Grip.STATION : Grip.NONE;
        event.consume();
    }

    private void drag(MouseEvent event) {
        pointerX = event.getX();
        if (grip == Grip.SHUTTLE) {
            shuttle((int) Math.rint((event.getX() - scroll) / station()));
        } else if (grip == Grip.STATION) {
            draw();
        }
        event.consume();
    }

    private void release(MouseEvent event) {
        boolean still = Math.abs(event.getX() - heldX) < 6;
        if (grip == Grip.STATION && held < steps().size()) {
            if (event.getY() > getHeight() + 24 || event.getY() < -24) {
                recipe.remove(held);
            } else if (!still) {
                int to = (int) Math.floor((event.getX() - scroll) / station());
                recipe.move(held, Math.max(0, Math.min(steps().size() - 1, to)));
            } else if (onBars(held, event.getX(), event.getY())) {
                recipe.choose(held);
                recipe.pass(held);
            } else {
                recipe.choose(held);
            }
        } else if (grip == Grip.PLUS && onPlus(event.getX(), event.getY())) {
            adding();
        }
        grip = Grip.NONE;
        held = -1;
        draw();
        event.consume();
    }

    private boolean onBars(int station, double x, double y) {
        return station >= 0
                && Math.abs(x - middle(station)) <= CordPicture.CASE_WIDTH
                && Math.abs(y - CordPicture.cordY()) <= CordPicture.CASE_HEIGHT;
    }

    private boolean onPlus(double x, double y) {
        return Math.abs(x - plusX()) <= 12 && Math.abs(y - CordPicture.cordY()) <= 12;
    }

    private void shuttle(int to) {
        desk.look(desk.view().withShuttle(Math.max(0, Math.min(steps().size(), to))));
    }

    /** The treatments to add at the shuttle. */
    void adding() {
        ContextMenu menu = new ContextMenu();
        for (Treatment treatment : Treatment.each()) {
            MenuItem item = new MenuItem(treatment.schema().title());
            item.setOnAction(e -> recipe.add(treatment));
            menu.getItems().add(item);
        }
        menu.show(this, Side.BOTTOM, Math.max(0, plusX() - 20), -20);
    }

    private void key(KeyEvent event) {
        // With Alt or Ctrl these keys mean something else, wherever the keyboard is.
        if (event.isAltDown() || event.isShortcutDown()) {
            return;
        }
        int chosen = recipe.chosenIndex();
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                int by = event.getCode() == KeyCode.LEFT ? -1 : 1;
                if (event.isShiftDown() && chosen >= 0) {
                    recipe.moveBy(by);
                } else {
                    recipe.choose(Math.max(0, Math.min(steps().size() - 1, chosen + by)));
                }
            }
            case SPACE -> recipe.pass();
            case DELETE -> recipe.remove();
            case INSERT -> adding();
            case ENTER -> focus.go(Focus.Place.SENTENCE);
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void draw() {
        double all = steps().size() * station() + 80;
        scroll = Math.max(Math.min(0, getWidth() - all), Math.min(0, scroll));
        CordPicture picture = new CordPicture(
                canvas.getGraphicsContext2D(), Palette.of(desk.view().dark()), getHeight());
        picture.cord(getWidth(), shuttleX());
        int chosen = recipe.chosenIndex();
        for (int i = 0; i < steps().size(); i++) {
            Step step = steps().get(i);
            boolean carried = grip == Grip.STATION && held == i && Math.abs(pointerX - heldX) >= 6;
            boolean frayed = step.over() && RecipeOrder.cannotWork(desk.design(), desk.root(), i);
            CordPicture.Mood mood = new CordPicture.Mood(
                    chosen == i, i < desk.view().shuttle(), frayed, isFocused(), onBars(i, pointerX, pointerY));
            picture.station(step, carried ? pointerX : middle(i), brief(step), mood);
        }
        picture.plus(plusX(), onPlus(pointerX, pointerY));
        picture.shuttle(shuttleX());
        setAccessibleText("Recipe of " + steps().size() + " steps, shuttle after "
                + desk.view().shuttle());
    }

    private String brief(Step step) {
        return desk.resolved() == null ? "" : desk.resolved().briefs().getOrDefault(step.id(), "");
    }

    private Note note() {
        return recipe.chosen()
                .map(s -> new Note(
                        s.title(),
                        s.over() ? "It works." : "It is passed under: as if it were not there.",
                        DEEDS,
                        s.treatment().schema().why()))
                .orElse(new Note(
                        "The cord",
                        "The recipe: what is done to the figures, one step after another.",
                        DEEDS,
                        "Every step can be changed at any time, and all that follows is worked out again."));
    }
}
