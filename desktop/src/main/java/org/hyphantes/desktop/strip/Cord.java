package org.hyphantes.desktop.strip;

import java.util.List;
import javafx.geometry.Side;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.gauge.RecipeOrder;
import org.hyphantes.treatment.Treatment;

/**
 * The cord with a station for every treatment and the shuttle on it. A treatment that works has the cord run over its bars;
 * one switched off has its bars over the cord. Beyond the shuttle the cord is dashed: not yet woven.
 */
final class Cord extends Region {
    private static final double STATION = 132;
    private static final double CORD_Y = 49;

    private enum Grip {
        NONE,
        PLUS,
        SHUTTLE,
        STATION
    }

    private final Desk desk;
    private final Canvas canvas = new Canvas();
    private Grip grip = Grip.NONE;
    private int held = -1;
    private double heldX;
    private double pointerX = -1;
    private double pointerY = -1;
    private double scroll;

    Cord(Desk desk) {
        this.desk = desk;
        setId("cord");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        getChildren().add(canvas);
        Unhurried unhurried = new Unhurried(this::draw);
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener(o -> draw());
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
    }

    private void at(double x, double y) {
        pointerX = x;
        pointerY = y;
        draw();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private List<Step> steps() {
        return desk.root().recipe();
    }

    private double middle(int station) {
        return scroll + (station + 0.5) * STATION;
    }

    private double shuttleX() {
        return scroll + Math.max(26, desk.view().shuttle() * STATION);
    }

    private double plusX() {
        return shuttleX() + 44;
    }

    private int stationAt(double x) {
        int station = (int) Math.floor((x - scroll) / STATION);
        return station >= 0 && station < steps().size() ? station : -1;
    }

    private void press(MouseEvent event) {
        requestFocus();
        held = stationAt(event.getX());
        heldX = event.getX();
        boolean onShuttle = Math.abs(event.getX() - shuttleX()) <= 28 && Math.abs(event.getY() - CORD_Y) <= 12;
        grip = onPlus(event.getX(), event.getY())
                ? Grip.PLUS
                : onShuttle ? Grip.SHUTTLE : held >= 0 ? Grip.STATION : Grip.NONE;
        event.consume();
    }

    private void drag(MouseEvent event) {
        pointerX = event.getX();
        if (grip == Grip.SHUTTLE) {
            shuttle((int) Math.rint((event.getX() - scroll) / STATION));
        } else if (grip == Grip.STATION) {
            draw();
        }
        event.consume();
    }

    private void release(MouseEvent event) {
        boolean still = Math.abs(event.getX() - heldX) < 6;
        if (grip == Grip.STATION && held < steps().size()) {
            String title = steps().get(held).treatment().schema().title();
            if (event.getY() > getHeight() + 24 || event.getY() < -24) {
                desk.edit(Recipes.removeStep(desk.root().id(), held, title));
            } else if (!still) {
                int to = Math.max(0, Math.min(steps().size() - 1, (int) Math.floor((event.getX() - scroll) / STATION)));
                move(held, to);
            } else if (Math.abs(event.getX() - middle(held)) <= 14 && Math.abs(event.getY() - CORD_Y) <= 22) {
                desk.edit(Recipes.pass(desk.design(), desk.root().id(), held));
            } else {
                choose(held);
            }
        } else if (grip == Grip.PLUS && onPlus(event.getX(), event.getY())) {
            adding();
        }
        grip = Grip.NONE;
        held = -1;
        draw();
        event.consume();
    }

    private boolean onPlus(double x, double y) {
        return Math.abs(x - plusX()) <= 12 && Math.abs(y - CORD_Y) <= 12;
    }

    private void move(int from, int to) {
        if (from != to) {
            desk.edit(Recipes.moveStep(
                    desk.root().id(),
                    from,
                    to,
                    steps().get(from).treatment().schema().title()));
            choose(to);
        }
    }

    private void choose(int station) {
        desk.look(desk.view().about(new Subject.OfStep(desk.root().id(), station)));
    }

    private void shuttle(int to) {
        View view = desk.view();
        desk.look(view.withShuttle(Math.max(0, Math.min(steps().size(), to))));
    }

    /** The treatments to add at the shuttle. */
    void adding() {
        ContextMenu menu = new ContextMenu();
        for (Treatment treatment : Treatment.each()) {
            MenuItem item = new MenuItem(treatment.schema().title());
            item.setOnAction(e -> desk.addStep(treatment));
            menu.getItems().add(item);
        }
        menu.show(this, Side.BOTTOM, Math.max(0, plusX() - 20), -20);
    }

    private void key(KeyEvent event) {
        // With Alt or Ctrl these keys mean something else, wherever the keyboard is.
        if (event.isAltDown() || event.isShortcutDown()) {
            return;
        }
        int chosen = desk.chosenStep().orElse(-1);
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                int to = Math.max(0, Math.min(steps().size() - 1, chosen + (event.getCode() == KeyCode.LEFT ? -1 : 1)));
                if (event.isShiftDown() && chosen >= 0) {
                    move(chosen, to);
                } else {
                    choose(to);
                }
            }
            case SPACE -> {
                if (chosen >= 0) {
                    desk.edit(Recipes.pass(desk.design(), desk.root().id(), chosen));
                }
            }
            case DELETE -> {
                if (chosen >= 0) {
                    desk.edit(Recipes.removeStep(
                            desk.root().id(),
                            chosen,
                            steps().get(chosen).treatment().schema().title()));
                }
            }
            case INSERT -> adding();
            case ENTER -> getScene().lookup("#wording .slot").requestFocus();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void draw() {
        double all = steps().size() * STATION + 80;
        scroll = Math.max(Math.min(0, getWidth() - all), Math.min(0, scroll));
        GraphicsContext gc = canvas.getGraphicsContext2D();
        Palette palette = Palette.of(desk.view().dark());
        gc.clearRect(0, 0, getWidth(), getHeight());
        double shuttle = shuttleX();
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.strokeLine(0, CORD_Y - 2.5, shuttle, CORD_Y - 2.5);
        gc.strokeLine(0, CORD_Y + 2.5, shuttle, CORD_Y + 2.5);
        gc.setStroke(palette.secondInk());
        gc.setLineWidth(1.5);
        gc.setLineDashes(4, 4);
        gc.strokeLine(shuttle, CORD_Y, getWidth(), CORD_Y);
        gc.setLineDashes();
        for (int i = 0; i < steps().size(); i++) {
            station(gc, palette, i);
        }
        plus(gc, palette);
        boat(gc, palette, shuttle);
        setAccessibleText("Recipe of " + steps().size() + " steps, shuttle after "
                + desk.view().shuttle());
    }

    private void station(GraphicsContext gc, Palette palette, int i) {
        Step step = steps().get(i);
        double x = grip == Grip.STATION && held == i && Math.abs(pointerX - heldX) >= 6 ? pointerX : middle(i);
        boolean chosen = desk.chosenStep().filter(c -> c == i).isPresent();
        if (chosen) {
            gc.setFill(palette.paper());
            gc.fillRoundRect(x - 62, 4, 124, getHeight() - 8, 4, 4);
            gc.setStroke(palette.verdigris());
            gc.setLineWidth(2);
            gc.strokeRoundRect(x - 62, 4, 124, getHeight() - 8, 4, 4);
            gc.setLineWidth(2);
            if (i < desk.view().shuttle()) {
                gc.strokeLine(x - 62, CORD_Y - 2.5, x + 62, CORD_Y - 2.5);
                gc.strokeLine(x - 62, CORD_Y + 2.5, x + 62, CORD_Y + 2.5);
            } else {
                gc.setStroke(palette.secondInk());
                gc.setLineWidth(1.5);
                gc.setLineDashes(4, 4);
                gc.strokeLine(x - 62, CORD_Y, x + 62, CORD_Y);
                gc.setLineDashes();
            }
        }
        bars(gc, palette, x, step.over());
        if (step.over() && RecipeOrder.cannotWork(desk.root(), i)) {
            frayed(gc, palette, x);
        }
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.setFont(Typefaces.title(13));
        gc.setFill(step.over() ? palette.ink() : palette.secondInk());
        gc.fillText(step.treatment().schema().title(), x, 17);
        gc.setFont(Typefaces.label(12));
        gc.setFill(palette.secondInk());
        gc.fillText(step.over() ? brief(step) : "under", x, 78);
        if (isFocused() && chosen) {
            gc.setStroke(palette.ink());
            gc.setLineWidth(2);
            gc.strokeRoundRect(x - 59, 8, 118, getHeight() - 16, 4, 4);
        }
    }

    private String brief(Step step) {
        return desk.resolved() == null
                ? ""
                : step.treatment()
                        .brief(desk.resolved().finished().work(), desk.design().unit());
    }

    private static void bars(GraphicsContext gc, Palette palette, double x, boolean over) {
        gc.setStroke(over ? palette.ink() : palette.edge());
        gc.setLineWidth(3);
        for (double bar : new double[] {x - 5, x + 5}) {
            if (over) {
                gc.strokeLine(bar, CORD_Y - 18, bar, CORD_Y - 8);
                gc.strokeLine(bar, CORD_Y + 8, bar, CORD_Y + 18);
            } else {
                gc.strokeLine(bar, CORD_Y - 18, bar, CORD_Y + 18);
            }
        }
    }

    /** A step that cannot work: the cord comes apart in front of it. */
    private static void frayed(GraphicsContext gc, Palette palette, double x) {
        gc.setStroke(palette.madder());
        gc.setLineWidth(1.5);
        for (int k = -2; k <= 2; k++) {
            gc.strokeLine(x - 30, CORD_Y, x - 16, CORD_Y + 4.5 * k);
        }
    }

    private void plus(GraphicsContext gc, Palette palette) {
        double x = plusX();
        boolean hovered = onPlus(pointerX, pointerY);
        gc.setFill(hovered ? palette.wash() : palette.surface());
        gc.fillOval(x - 10, CORD_Y - 10, 20, 20);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.5);
        gc.strokeOval(x - 10, CORD_Y - 10, 20, 20);
        gc.strokeLine(x - 5, CORD_Y, x + 5, CORD_Y);
        gc.strokeLine(x, CORD_Y - 5, x, CORD_Y + 5);
    }

    private static void boat(GraphicsContext gc, Palette palette, double x) {
        gc.setFill(palette.ochre());
        gc.beginPath();
        gc.moveTo(x - 26, CORD_Y);
        gc.quadraticCurveTo(x - 8, CORD_Y - 17, x + 26, CORD_Y);
        gc.quadraticCurveTo(x + 8, CORD_Y + 17, x - 26, CORD_Y);
        gc.closePath();
        gc.fill();
        gc.setFill(palette.paper());
        gc.fillRoundRect(x - 10, CORD_Y - 2.5, 20, 5, 5, 5);
    }
}
