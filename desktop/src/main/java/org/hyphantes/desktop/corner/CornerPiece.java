package org.hyphantes.desktop.corner;

import java.util.Locale;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.hyphantes.design.Artwork;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.desktop.field.Camera;
import org.hyphantes.desktop.field.Painter;
import org.hyphantes.gauge.Gauge;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;

/** A corner of the cover: the design as one of its pictures, small and live; a click brings it into the field. */
public final class CornerPiece extends Region {
    private static final double BITE = 30;
    private static final double PIXELS_PER_MM = 96 / 25.4;

    private final Desk desk;
    private final Stage stage;
    private final boolean right;
    private final boolean lower;
    private final Canvas canvas = new Canvas();
    private final Label title = new Label();
    private final Label key = new Label();
    private final Label note = new Label();

    /** @param right whether the piece is on the right-hand side; @param lower whether it is below */
    public CornerPiece(Desk desk, Stage stage, boolean right, boolean lower) {
        this.desk = desk;
        this.stage = stage;
        this.right = right;
        this.lower = lower;
        setId("corner-" + stage.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        getStyleClass().add("corner");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(stage.title());
        title.setText(stage.title());
        title.getStyleClass().add("title");
        key.setText(stage.key().getName());
        key.getStyleClass().add("second");
        note.getStyleClass().add("second");
        note.setWrapText(true);
        canvas.setMouseTransparent(true);
        getChildren().addAll(canvas, title, key, note);
        setOnMouseClicked(e -> desk.openStage(stage));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                desk.openStage(stage);
                e.consume();
            }
        });
        Unhurried unhurried = new Unhurried(this::draw);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (was.stage() != now.stage() || was.dark() != now.dark() || was.folded() != now.folded()) {
                draw();
            }
        });
        desk.hoverProperty().addListener((o, was, now) -> unhurried.wish());
        focusedProperty().addListener(o -> draw());
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        canvas.setWidth(w);
        canvas.setHeight(h);
        boolean below = lower && !isTab();
        title.autosize();
        title.relocate(10, below ? h - 24 : 6);
        key.autosize();
        key.setVisible(!isTab());
        key.relocate(14 + title.getWidth(), below ? h - 24 : 6);
        note.resizeRelocate(24, h / 2 + (lower ? 8 : 0), w - 48, 44);
        draw();
    }

    private boolean isTab() {
        return getHeight() < 100;
    }

    private boolean isOpen() {
        return desk.view().stage() == stage;
    }

    private void draw() {
        GraphicsContext gc = canvas.getGraphicsContext2D();
        Palette palette = Palette.of(desk.view().dark());
        double w = getWidth();
        double h = getHeight();
        gc.setFill(palette.surface());
        gc.fillRect(0, 0, w, h);
        Resolved resolved = desk.resolved();
        note.setVisible(!stage.isHere() && !isTab());
        if (resolved != null && !isTab()) {
            if (stage.isHere()) {
                picture(gc, palette, resolved);
            } else {
                emptyState(gc, palette);
            }
        }
        outline(gc, palette, w, h);
        title.setStyle(isOpen() ? "-fx-text-fill: -verdigris;" : "");
        if (resolved != null && !isTab()) {
            double inset = 11;
            GaugeMark.draw(gc, state(resolved), right ? inset : w - inset, lower ? inset : h - inset, palette);
        }
    }

    private State state(Resolved resolved) {
        return switch (stage) {
            case SET_OUT -> resolved.inspection().reading(Gauge.STRANDS).state();
            case WEAVE -> resolved.inspection().reading(Gauge.CROSSINGS).state();
            default -> State.DOES_NOT_APPLY;
        };
    }

    private void picture(GraphicsContext gc, Palette palette, Resolved resolved) {
        Artwork artwork = stage == Stage.SET_OUT ? resolved.setOut() : resolved.finished();
        if (artwork.shapes().isEmpty()) {
            return;
        }
        Camera fitted = Camera.whole(artwork.box(), getWidth(), getHeight() - 44, 2);
        Camera camera = new Camera(
                getWidth(), getHeight(), fitted.centre().minus(new Point(0, 8 / fitted.scale())), fitted.scale());
        Painter painter = new Painter(gc, camera, palette, resolved.design().root());
        if (stage == Stage.SET_OUT) {
            painter.lines(artwork, Set.of(), 1);
        } else {
            painter.bands(artwork, 0.6);
        }
        if (isOpen()) {
            gc.setFill(palette.secondInk());
            gc.setFont(Typefaces.label(12));
            gc.setTextAlign(TextAlignment.RIGHT);
            String scale = Numerals.shown(100 * camera.scale() / PIXELS_PER_MM, 0) + " %";
            gc.fillText(scale, getWidth() - 10, 20);
        }
        echo(gc, palette, camera);
    }

    /** The pointer's place in the design, as a small cross. */
    private void echo(GraphicsContext gc, Palette palette, Camera camera) {
        Hover hover = desk.hoverProperty().get();
        hover.place().ifPresent(p -> {
            gc.setStroke(palette.verdigris());
            gc.setLineWidth(1.5);
            double x = camera.x(p);
            double y = camera.y(p);
            gc.strokeLine(x - 5, y, x + 5, y);
            gc.strokeLine(x, y - 5, x, y + 5);
        });
    }

    /** One drawn hint and the words that the stage is still to come. */
    private void emptyState(GraphicsContext gc, Palette palette) {
        gc.setStroke(palette.edge());
        gc.setLineWidth(1.5);
        double x = getWidth() / 2;
        double y = getHeight() / 2 - 24;
        if (stage == Stage.PIECES) {
            gc.strokeOval(x - 26, y - 26, 52, 52);
            gc.strokeOval(x - 15, y - 15, 30, 30);
            note.setText("An undivided ring. Pieces come in a later version.");
        } else {
            gc.strokeRect(x - 22, y - 22, 44, 44);
            note.setText("One tile alone. Repeat comes in a later version.");
        }
        note.setStyle("-fx-text-alignment: center; -fx-alignment: center;");
    }

    private void outline(GraphicsContext gc, Palette palette, double w, double h) {
        gc.setStroke(isOpen() || isFocused() ? palette.verdigris() : palette.hairline());
        gc.setLineWidth(isOpen() ? 4 : isFocused() ? 5 : 2);
        gc.strokeRect(0, 0, w, h);
        double bite = isTab() ? 14 : BITE;
        double x = (right ? 0 : w) - bite;
        double y = (lower ? 0 : h) - bite;
        gc.setFill(palette.window());
        gc.fillOval(x, y, 2 * bite, 2 * bite);
        gc.strokeOval(x, y, 2 * bite, 2 * bite);
    }
}
