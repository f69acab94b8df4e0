package org.hyphantes.desktop.stage;

import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.act.WellActs;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Well;

/** The twelve wells of the design by their numbers: a click fills with one, one dragged onto another swaps the two, one dragged into the field fills what it passes. */
public final class ColourwayCard extends VBox {
    private static final double GAP = 3;
    private static final Colour DARK = new Colour("#1A2523");
    private static final Colour LIGHT = new Colour("#FDFDFB");

    private final Desk desk;
    private final Wells target;
    private final int across;
    private final WellActs acts;
    private final Label name = new Label();
    private final Label shown = new Label();
    private final Canvas wells = new Canvas();
    private int at = 1;
    private int carried;

    /**
     * The wells in two rows, with the one looked at told below.
     *
     * @param target what is filled with a well
     */
    public static ColourwayCard tall(Desk desk, Wells target) {
        return new ColourwayCard(desk, target, Colourway.WELLS / 2);
    }

    /** The wells in one row, with the one looked at told above. */
    public static ColourwayCard low(Desk desk, Wells target) {
        return new ColourwayCard(desk, target, Colourway.WELLS);
    }

    private ColourwayCard(Desk desk, Wells target, int across) {
        this.across = across;
        this.desk = desk;
        this.target = target;
        this.acts = new WellActs(desk);
        setId("colourway-card");
        setSpacing(4);
        Label title = new Label("Colourway");
        title.getStyleClass().add("title");
        name.getStyleClass().add("second");
        name.setId("colourway-name");
        shown.getStyleClass().add("second");
        shown.setId("well-shown");
        wells.setId("wells");
        wells.setFocusTraversable(true);
        wells.setAccessibleRole(AccessibleRole.LIST_VIEW);
        getChildren().addAll(new HBox(10, title, isLow() ? shown : name), wells);
        if (!isLow()) {
            getChildren().add(shown);
        }
        Tooltip.install(
                wells,
                new Tooltip(
                        "Click: fill what is selected. Drag onto another: swap the two; into the field: fill what it passes."));
        Note.on(wells, this::note);
        wells.setOnMousePressed(e -> {
            wells.requestFocus();
            carried = well(e);
            look(carried);
        });
        wells.setOnDragDetected(e -> wells.startFullDrag());
        wells.setOnMouseDragged(e -> {
            look(well(e));
            if (carried > 0 && !wells.contains(e.getX(), e.getY())) {
                target.passed();
            }
        });
        wells.setOnMouseMoved(e -> look(well(e)));
        wells.setOnMouseReleased(this::released);
        wells.setOnKeyPressed(this::key);
        wells.focusedProperty().addListener(o -> draw());
        desk.historyProperty().addListener(o -> draw());
        desk.viewProperty().addListener((o, was, now) -> {
            if (was.dark() != now.dark()) {
                draw();
            }
        });
        widthProperty().addListener(o -> draw());
        look(1);
    }

    private Note note() {
        return new Note(
                "Colourway",
                "Well " + at + ", " + desk.design().colourway().well(at).text() + ".",
                java.util.List.of(
                        new Deed("click, Enter", "fill what is selected with the well"),
                        new Deed("arrows", "go from well to well"),
                        new Deed("drag onto another", "swap the two, wherever they are"),
                        new Deed("drag into the field", "fill what it is dragged through, with its siblings"),
                        new Deed("well 3 here", "give a well the colour at the pointer"),
                        new Deed("well 3 teal", "give a well another colour"),
                        new Deed("colourway kiln", "take another colourway"),
                        new Deed("0 in the field", "take the fill away")),
                "Colours by number: what has a number changes with its well.");
    }

    private boolean isLow() {
        return across == Colourway.WELLS;
    }

    private double side() {
        return Math.max(8, Math.min(Habits.of(40), (getWidth() - (across - 1) * GAP) / across));
    }

    private double high() {
        return Habits.of(24);
    }

    /** The well at the pointer; 0 beside them. */
    private int well(MouseEvent event) {
        int column = (int) Math.floor(event.getX() / (side() + GAP));
        int row = (int) Math.floor(event.getY() / (high() + GAP));
        boolean there = column >= 0 && column < across && row >= 0 && row < Colourway.WELLS / across;
        return there ? row * across + column + 1 : 0;
    }

    private void released(MouseEvent event) {
        int on = well(event);
        if (carried > 0 && on == carried) {
            target.fill(on);
        } else if (carried > 0 && on > 0) {
            acts.swap(carried, on);
        } else if (carried > 0) {
            target.dropped(carried);
        }
        carried = 0;
    }

    private void key(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> look(at == 1 ? Colourway.WELLS : at - 1);
            case RIGHT -> look(at == Colourway.WELLS ? 1 : at + 1);
            case UP, DOWN -> look((at - 1 + across) % Colourway.WELLS + 1);
            case ENTER, SPACE -> target.fill(at);
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** Makes a well the one that is told about. */
    private void look(int number) {
        if (number > 0) {
            at = number;
            draw();
        }
    }

    private void draw() {
        Colourway colourway = desk.design().colourway();
        Well told = colourway.well(at);
        name.setText(colourway.name());
        shown.setText(at + " " + told.text());
        wells.setAccessibleText("Well " + at + " of " + Colourway.WELLS + ", " + told.text());
        double side = side();
        double high = high();
        wells.setWidth(across * (side + GAP) - GAP);
        wells.setHeight(Colourway.WELLS / across * (high + GAP) - GAP);
        Palette palette = Palette.of(desk.view().dark());
        GraphicsContext gc = wells.getGraphicsContext2D();
        gc.clearRect(0, 0, wells.getWidth(), wells.getHeight());
        gc.setFont(Typefaces.label(12));
        gc.setTextAlign(TextAlignment.CENTER);
        for (int i = 0; i < Colourway.WELLS; i++) {
            Point corner = new Point(i % across * (side + GAP), i / across * (high + GAP));
            tile(gc, palette, i + 1, colourway.wells().get(i).colour(), corner, side, high);
        }
    }

    private void tile(
            GraphicsContext gc, Palette palette, int number, Colour colour, Point corner, double side, double high) {
        double x = corner.x();
        double y = corner.y();
        gc.setFill(Color.web(colour.hex()));
        gc.fillRect(x, y, side, high);
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        gc.strokeRect(x + 0.5, y + 0.5, side - 1, high - 1);
        if (number == at && wells.isFocused()) {
            gc.setStroke(palette.paper());
            gc.setLineWidth(4);
            gc.strokeRect(x + 2, y + 2, side - 4, high - 4);
            gc.setStroke(palette.ink());
            gc.setLineWidth(2);
            gc.strokeRect(x + 1, y + 1, side - 2, high - 2);
        }
        // The number is in ink or paper, whichever stands off more clearly.
        Colour words = colour.contrast(DARK) >= colour.contrast(LIGHT) ? DARK : LIGHT;
        gc.setFill(Color.web(words.hex()));
        gc.fillText(String.valueOf(number), x + side / 2, y + high / 2 + Habits.of(4));
    }
}
