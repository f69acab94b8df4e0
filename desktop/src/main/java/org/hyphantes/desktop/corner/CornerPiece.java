package org.hyphantes.desktop.corner;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Numerals;

/** A corner of the cover: the design as one of its stages, small and live; a click brings it into the field. */
public final class CornerPiece extends Region {
    private static final double BITE = 30;
    private static final double PIXELS_PER_MM = 96 / 25.4;

    private final Desk desk;
    private final Stage stage;
    private final boolean right;
    private final boolean lower;
    private final Canvas canvas = new Canvas();
    private final Painter painter = new Painter(this::draw);

    /** The pointer's place in the design, as a small cross; apart from the picture, which need not be drawn again for it. */
    private final SVGPath echo = new SVGPath();

    private Optional<Camera> camera = Optional.empty();
    private final Unhurried unhurried = Unhurried.picture(this::draw);
    private final Label title = new Label();
    private final Label key = new Label();
    private final Label note = new Label();

    public CornerPiece(Desk desk, Stage stage) {
        echo.setContent("M 5 0 V 10 M 0 5 H 10");
        this.desk = desk;
        this.stage = stage;
        this.right = stage.home().isRight();
        this.lower = stage.home().isLower();
        setId("corner-" + stage.id());
        getStyleClass().add("corner");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(stage.title());
        Note.on(
                this,
                () -> new Note(
                        stage.title(),
                        "The design as this stage shows it.",
                        List.of(new Deed("click, Enter, " + stage.key().getName(), "bring it into the field")),
                        stage.why()));
        title.setText(stage.title());
        title.getStyleClass().add("title");
        key.setText(stage.key().getName());
        key.getStyleClass().add("second");
        note.getStyleClass().add("second");
        note.setStyle("-fx-text-alignment: center; -fx-alignment: center;");
        note.setWrapText(true);
        note.setText(stage.emptyCorner());
        canvas.setMouseTransparent(true);
        echo.setMouseTransparent(true);
        echo.setManaged(false);
        echo.setVisible(false);
        echo.getStyleClass().add("echo");
        getChildren().addAll(canvas, echo, title, key, note);
        setOnMouseClicked(e -> desk.open(stage.id()));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                desk.open(stage.id());
                e.consume();
            }
        });
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.stage().equals(now.stage()) || was.dark() != now.dark() || was.folded() != now.folded()) {
                draw();
            }
        });
        desk.hoverProperty().addListener(o -> echo());
        focusedProperty().addListener(o -> draw());
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        boolean resized = canvas.getWidth() != w || canvas.getHeight() != h;
        canvas.setWidth(w);
        canvas.setHeight(h);
        boolean below = lower && !isTab();
        title.autosize();
        title.relocate(10, below ? h - title.getHeight() - 5 : 6);
        key.autosize();
        key.setVisible(!isTab());
        key.relocate(14 + title.getWidth(), below ? h - title.getHeight() - 5 : 6);
        note.setVisible(isBare());
        double words = Math.ceil(note.prefHeight(w - 32));
        double room = below ? h - title.getHeight() - 8 - words : h - words - 4;
        note.resizeRelocate(16, Math.min(h / 2 + (lower ? 8 : 0), room), w - 32, words);
        if (resized) {
            unhurried.wish();
        }
    }

    private boolean isTab() {
        return getHeight() < 100;
    }

    /** Whether words stand in it in place of a picture: there is nothing to show. */
    private boolean isBare() {
        Resolved resolved = desk.resolved();
        return !isTab()
                && !stage.emptyCorner().isEmpty()
                && resolved != null
                && !resolved.finished().scene().isEmpty()
                && stage.corner(resolved).isEmpty();
    }

    private boolean isOpen() {
        return desk.view().stage().equals(stage.id());
    }

    private void draw() {
        GraphicsContext gc = canvas.getGraphicsContext2D();
        Palette palette = Palette.of(desk.view().dark());
        double w = getWidth();
        double h = getHeight();
        gc.setFill(palette.surface());
        gc.fillRect(0, 0, w, h);
        camera = Optional.empty();
        Resolved resolved = desk.resolved();
        note.setVisible(isBare());
        if (resolved != null && !isTab()) {
            if (!isBare()) {
                picture(gc, palette, resolved);
            } else {
                gc.setStroke(palette.edge());
                gc.setLineWidth(1.5);
                stage.drawHint(gc, w / 2, Math.min(h / 2 - 24, note.getLayoutY() - 32));
            }
        }
        echo();
        outline(gc, palette, w, h);
        title.setStyle(isOpen() ? "-fx-text-fill: -verdigris;" : "");
        if (resolved != null && !isTab()) {
            double inset = 11;
            State state = stage.bite().stream()
                    .map(g -> resolved.inspection().reading(g).state())
                    .filter(s -> s != State.DOES_NOT_APPLY)
                    .max(Comparator.naturalOrder())
                    .orElse(State.DOES_NOT_APPLY);
            GaugeMark.draw(gc, state, right ? inset : w - inset, lower ? inset : h - inset, palette);
        }
    }

    private void picture(GraphicsContext gc, Palette palette, Resolved resolved) {
        Scene scene = stage.corner(resolved);
        if (scene.isEmpty()) {
            return;
        }
        Camera fitted = Camera.whole(scene.box(), getWidth(), getHeight() - Habits.of(lower ? 58 : 44), 2);
        // Off the title; in a lower corner that stands at one edge, and the scale at the other.
        Point aside = new Point(0, (lower ? 2 : -8) / fitted.scale());
        Camera camera = new Camera(getWidth(), getHeight(), fitted.centre().plus(aside), fitted.scale());
        painter.draw(scene, stage.look(palette).hurried(desk.draggingProperty().get()), gc, camera);
        if (isOpen()) {
            gc.setFill(palette.secondInk());
            gc.setFont(Typefaces.label(12));
            gc.setTextAlign(TextAlignment.RIGHT);
            String scale = Numerals.shown(100 * camera.scale() / PIXELS_PER_MM, 0) + " %";
            // The bite of the lower left corner is at its upper right.
            gc.fillText(scale, getWidth() - (lower && !right ? 44 : 10), Habits.of(20));
        }
        this.camera = Optional.of(camera);
    }

    private void echo() {
        Optional<Point> place = desk.hoverProperty().get().place();
        boolean seen = false;
        if (camera.isPresent() && place.isPresent()) {
            double x = camera.get().x(place.get());
            double y = camera.get().y(place.get());
            // In the middle of a pixel, as lines of the picture are.
            echo.setLayoutX(Math.round(x) - 5);
            echo.setLayoutY(Math.round(y) - 5);
            seen = x > 5 && y > 5 && x < getWidth() - 5 && y < getHeight() - 5;
        }
        echo.setVisible(seen);
    }

    private void outline(GraphicsContext gc, Palette palette, double w, double h) {
        gc.setStroke(isOpen() || isFocused() ? palette.verdigris() : palette.hairline());
        gc.setLineWidth(isOpen() ? 4 : isFocused() ? 5 : 2);
        gc.strokeRect(0, 0, w, h);
        if (isFocused()) {
            gc.setStroke(palette.ink());
            gc.setLineWidth(2);
            gc.strokeRect(4, 4, w - 8, h - 8);
            gc.setStroke(palette.verdigris());
        }
        double bite = isTab() ? 14 : BITE;
        double x = (right ? 0 : w) - bite;
        double y = (lower ? 0 : h) - bite;
        gc.setFill(palette.window());
        gc.fillOval(x, y, 2 * bite, 2 * bite);
        gc.strokeOval(x, y, 2 * bite, 2 * bite);
    }
}
