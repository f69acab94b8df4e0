package org.hyphantes.desktop.field;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import org.hyphantes.desktop.act.SketchActs;
import org.hyphantes.desktop.background.Turn;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;

/** The centrepiece: one picture of the design, large, with the rim round it and marks over it. What is seen and done there its stage's hand knows. */
public final class Field extends Pane implements Glass {
    private final Desk desk;
    private final Canvas drawing = new Canvas();
    private final Canvas marks = new Canvas();
    private final Painter painter = Painter.prompt(this::redraw);
    private final Painter under = Painter.prompt(this::redraw);
    private final Label label = new Label();
    private final Label empty = new Label();
    private final Rim rim;
    private final Map<String, Hand> hands = new HashMap<>();
    private Camera camera = new Camera(1, 1, Point.ORIGIN, 1);
    private double panX;
    private double panY;
    private boolean still;
    private double drawnWidth = -1;
    private double drawnHeight = -1;

    public Field(Bench bench, List<Stage> stages) {
        this.desk = bench.desk();
        this.rim = new Rim(desk, this::redraw);
        stages.forEach(s -> hands.put(s.id(), s.hand(bench, this)));
        bench.focus().at(Focus.Place.FIELD, () -> this);
        bench.focus().at(Focus.Place.RIM, () -> rim.isVisible() ? rim : null);
        setId("field");
        drawing.setId("drawing");
        getStyleClass().add("field");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        label.getStyleClass().add("field-label");
        label.setMouseTransparent(true);
        label.setVisible(false);
        empty.getStyleClass().add("field-empty");
        empty.setMouseTransparent(true);
        empty.setWrapText(true);
        marks.setMouseTransparent(true);
        getChildren().addAll(drawing, marks, rim, empty, label);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        follow();
        listen();
    }

    private Hand hand() {
        return hands.get(desk.view().stage());
    }

    private void follow() {
        desk.resolvedProperty().addListener(o -> hand().resolved());
        desk.pictured().onChange(this::redraw);
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.stage().equals(now.stage())) {
                desk.hover(Hover.NONE);
                hands.get(was.stage()).left();
            }
            if (!was.subject().equals(now.subject())) {
                hand().chosen();
            }
            redraw();
        });
        desk.hoverProperty().addListener(o -> redrawMarks());
        desk.liftedProperty().addListener(o -> redraw());
        desk.tracing().readProperty().addListener(o -> Platform.runLater(this::redraw));
        desk.ghostProperty().addListener(o -> redrawMarks());
        desk.draggingProperty().addListener(o -> redraw());
        focusedProperty().addListener(o -> redrawMarks());
    }

    private void listen() {
        setOnMouseMoved(e -> withHand(() -> hand().moved(e)));
        setOnMouseDragOver(e -> withHand(() -> hand().moved(e)));
        setOnMouseExited(e -> {
            if (!hand().holds()) {
                desk.hover(Hover.NONE);
            }
        });
        setOnMousePressed(e -> {
            requestFocus();
            still = true;
            panX = e.getX();
            panY = e.getY();
            if (e.getButton() != MouseButton.MIDDLE) {
                withHand(() -> hand().pressed(e));
            }
        });
        setOnMouseDragged(e -> {
            pan(e);
            if (e.getButton() != MouseButton.MIDDLE && !still) {
                withHand(() -> hand().dragged(e));
            }
        });
        setOnMouseReleased(e -> {
            if (e.getButton() != MouseButton.MIDDLE) {
                withHand(() -> hand().released(e, still));
            }
        });
        setOnScroll(this::zoom);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        setOnDragDropped(new SketchActs(desk)::dropped);
        setOnKeyPressed(e -> withHand(() -> key(e)));
    }

    /** The hand works on what has been resolved, so it rests until there is something. */
    private void withHand(Runnable act) {
        if (desk.resolved() != null) {
            act.run();
        }
    }

    @Override
    protected void layoutChildren() {
        marks.setWidth(getWidth());
        marks.setHeight(getHeight());
        rim.resizeRelocate(0, 0, getWidth(), getHeight());
        empty.resizeRelocate(getWidth() / 2 - 170, getHeight() / 2 - 50, 340, 100);
        // Words laid anew are no reason to draw the design again, which may be large.
        if (drawnWidth != getWidth() || drawnHeight != getHeight()) {
            redraw();
        }
    }

    @Override
    public Camera camera() {
        return camera;
    }

    @Override
    public void see(Camera other) {
        desk.look(desk.view().seen(other.scale(), other.centre()));
    }

    @Override
    public Camera cameraFor(Optional<Box> whole) {
        View view = desk.view();
        if (view.scale() > 0) {
            return new Camera(getWidth(), getHeight(), view.centre(), view.scale());
        }
        double least = Math.min(getWidth(), getHeight());
        double margin = isRim(desk.resolved())
                ? Math.max(0, least / 2 - RimShape.in(getWidth(), getHeight()).inner() + 14)
                : Rails.INSET + Rails.RAIL + Rails.ROOM;
        return whole.map(box -> Camera.whole(box, getWidth(), getHeight(), margin))
                .orElse(new Camera(getWidth(), getHeight(), Point.ORIGIN, 2));
    }

    @Override
    public void foresee(Scene likely, Look look, Camera seen) {
        painter.foresee(likely, look, seen);
    }

    private boolean isRim(Resolved resolved) {
        return !hand().isFramed() && Surround.isRim(desk.root(), resolved);
    }

    @Override
    public void redraw() {
        Turn.atOnce(this::drawAll);
    }

    private void drawAll() {
        Resolved resolved = desk.resolved();
        if (resolved == null || Math.min(getWidth(), getHeight()) < 1) {
            return;
        }
        drawnWidth = getWidth();
        drawnHeight = getHeight();
        camera = cameraFor(hand().whole(resolved));
        rim.setVisible(isRim(resolved));
        Palette palette = Palette.of(desk.view().dark());
        Camera seen = fitDrawing(desk.view(), resolved.finished().box());
        GraphicsContext gc = drawing.getGraphicsContext2D();
        gc.setFill(palette.paper());
        gc.fillRect(0, 0, drawing.getWidth(), drawing.getHeight());
        hand().draw(Sheet.on(gc, seen, desk, painter, under));
        if (rim.isVisible()) {
            rim.draw(gc, drawing.getWidth(), drawing.getHeight());
        } else {
            new Rails(gc, palette, seen).draw(resolved.design().unit());
        }
        redrawMarks();
    }

    /** Makes the drawing no larger than it must be: seen whole, it fits into the square of the rim. */
    private Camera fitDrawing(View view, Box finished) {
        double square = Math.max(getHeight(), finished.width() * camera.scale() + 40);
        double width = view.scale() > 0 || !rim.isVisible() ? getWidth() : Math.min(getWidth(), square);
        if (drawing.getWidth() != width || drawing.getHeight() != getHeight()) {
            drawing.setWidth(width);
            drawing.setHeight(getHeight());
        }
        drawing.relocate(Math.floor((getWidth() - width) / 2), 0);
        return new Camera(width, getHeight(), camera.centre(), camera.scale());
    }

    @Override
    public void redrawMarks() {
        if (desk.resolved() == null) {
            return;
        }
        label.setVisible(false);
        setAccessibleText(hand().at());
        empty.setVisible(hand().isEmpty());
        empty.setText(hand().isEmpty() ? hand().emptyWords() : "");
        marks.setVisible(hand().hasMarks());
        if (marks.isVisible()) {
            GraphicsContext gc = marks.getGraphicsContext2D();
            gc.clearRect(0, 0, getWidth(), getHeight());
            hand().marks(Sheet.on(gc, camera, desk, painter, under));
        }
    }

    @Override
    public void label(String words, Point place, double aside) {
        label.setText(words);
        label.setVisible(!words.isEmpty());
        label.autosize();
        double x = camera.x(place) + aside;
        label.relocate(
                x + label.getWidth() > getWidth() ? camera.x(place) - aside - label.getWidth() : x,
                Math.max(4, Math.min(getHeight() - label.getHeight() - 4, camera.y(place) - label.getHeight() - 8)));
    }

    /** What the pointer or needle is at, in words. */
    public String at() {
        return desk.resolved() == null ? "" : hand().at();
    }

    /** Asks the hand for something that only its stage has a meaning for; false when it has none now. */
    public boolean ask(Predicate<Hand> act) {
        return desk.resolved() != null && act.test(hand());
    }

    private void pan(MouseEvent event) {
        if (Math.hypot(event.getX() - panX, event.getY() - panY) > 3) {
            still = false;
        }
        if (event.getButton() == MouseButton.MIDDLE) {
            see(camera.moved(event.getX() - panX, event.getY() - panY));
            panX = event.getX();
            panY = event.getY();
        }
    }

    private void zoom(ScrollEvent event) {
        if (event.getDeltaY() != 0) {
            see(camera.closer(Math.exp(event.getDeltaY() / 300), event.getX(), event.getY()));
        }
        event.consume();
    }

    private void key(KeyEvent event) {
        if (event.isAltDown() || event.isMetaDown()) {
            return;
        }
        Point way = Arrow.way(event.getCode());
        boolean arrow = !way.equals(Point.ORIGIN);
        if (arrow && event.isControlDown() && event.isShiftDown()) {
            see(camera.moved(-way.x() * camera.width() / 8, -way.y() * camera.height() / 8));
        } else if (!hand().key(event, way)) {
            if (arrow && !event.isControlDown()) {
                go(way);
            } else if (event.getCode() == KeyCode.HOME) {
                desk.needle(Hover.at(Point.ORIGIN));
            } else if (event.getCode() == KeyCode.ESCAPE) {
                letGo();
            } else {
                return;
            }
        }
        event.consume();
    }

    private void letGo() {
        desk.hover(Hover.NONE);
        desk.lift(null);
        desk.ghost(null);
        desk.look(desk.view().about(null));
    }

    /** Distance aside counts double, so that the needle keeps its heading. */
    @Override
    public void go(Point way) {
        Point from = desk.hoverProperty().get().place().orElse(camera.centre());
        hand().stops().stream()
                .filter(s -> s.place().orElseThrow().minus(from).dot(way) > 1e-6)
                .min(Comparator.comparingDouble(s -> {
                    Point to = s.place().orElseThrow().minus(from);
                    return to.dot(way) + 2 * Math.abs(to.cross(way));
                }))
                .ifPresent(s -> {
                    Point place = s.place().orElseThrow();
                    hand().needleAt(place);
                    desk.needle(s);
                    if (!camera.seen().contains(place)) {
                        see(new Camera(camera.width(), camera.height(), place, camera.scale()));
                    }
                });
    }
}
