package org.hyphantes.desktop.strip;

import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Side;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.FigurePicture;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.figure.Form;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Numerals;

/** The recipe of the design: at one end what it contains, then the cord of treatments, at the other end what comes of it. */
public final class RecipeStrip extends Pane {
    private static final double END = 232;

    private final Desk desk;
    private final Bench bench;
    private final Label name = new Label();
    private final Label count = new Label();
    private final Tooltip called = new Tooltip();
    private final VBox contents;
    private final Cord cord;
    private final Canvas result = new Canvas(96, 80);
    private final Label summary = new Label();
    private final Painter painter = new Painter(this::drawResult);

    public RecipeStrip(Bench bench) {
        this.bench = bench;
        this.desk = bench.desk();
        setId("strip");
        getStyleClass().add("strip");
        name.getStyleClass().add("title");
        count.getStyleClass().add("second");
        summary.getStyleClass().add("second");
        summary.setWrapText(true);
        ChipRow chips = new ChipRow(new Chips(bench));
        name.setTooltip(called);
        contents = new VBox(3, new StripHead(name, count, adder()), chips);
        contents.setPadding(new Insets(5, 8, 4, 10));
        cord = new Cord(bench);
        getChildren().addAll(contents, cord, result, summary);
        Unhurried named = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> named.wish());
        Unhurried drawn = Unhurried.picture(this::drawResult);
        desk.resolvedProperty().addListener(o -> drawn.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.group().equals(now.group())) {
                refresh();
            }
            if (was.dark() != now.dark()) {
                drawResult();
            }
        });
    }

    @Override
    protected void layoutChildren() {
        double end = Habits.of(END);
        contents.resizeRelocate(0, 0, end, getHeight());
        cord.resizeRelocate(end + 8, 0, getWidth() - 2 * (end + 8), getHeight());
        double beside = Habits.of(112);
        result.relocate(getWidth() - beside - 8 - result.getWidth(), Math.rint((getHeight() - result.getHeight()) / 2));
        summary.resizeRelocate(getWidth() - beside, 4, beside, getHeight() - 8);
    }

    private void refresh() {
        boolean outermost = desk.view().group().equals(View.OUTERMOST);
        name.setText(outermost ? desk.root().name() : "in " + desk.root().name());
        count.setText(Numerals.counted(desk.root().members().size(), "figure"));
        called.setText(name.getText() + ", " + count.getText());
    }

    private Label adder() {
        Label add = new Label("+ add");
        add.setId("add-figure");
        add.setAccessibleText("Add a figure");
        add.getStyleClass().add("add");
        add.setFocusTraversable(true);
        Note.on(
                add,
                () -> new Note(
                        "Add a figure",
                        Numerals.counted(desk.root().members().size(), "figure") + " so far.",
                        List.of(
                                new Deed("click, Enter", "the menu of figures, with their pictures"),
                                new Deed("letters", "in the field: the word of a figure, such as star 12")),
                        "A figure is what all else is made of: its numbers stay, and can be changed at any time."));
        add.setOnMouseClicked(e -> adding(add));
        add.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                adding(add);
                e.consume();
            }
        });
        return add;
    }

    private void adding(Label at) {
        FigureActs figures = new FigureActs(bench);
        ContextMenu menu = new ContextMenu();
        for (Form form : Form.EACH) {
            MenuItem item = new MenuItem(form.schema().title(), new FigurePicture(form));
            item.setOnAction(e -> figures.add(form.schema().word()));
            menu.getItems().add(item);
        }
        menu.show(at, Side.BOTTOM, 0, 0);
    }

    private void drawResult() {
        if (desk.resolved() == null) {
            return;
        }
        Palette palette = Palette.of(desk.view().dark());
        Scene scene = desk.resolved().finished().scene();
        Camera camera = Camera.whole(scene.box(), result.getWidth(), result.getHeight(), 5);
        GraphicsContext gc = result.getGraphicsContext2D();
        gc.setFill(palette.paper());
        gc.fillRect(0, 0, result.getWidth(), result.getHeight());
        boolean pieces =
                scene.marks().stream().anyMatch(m -> m instanceof Mark.Group group && group.part() == Mark.Part.PIECES);
        painter.draw(
                scene, Looks.own(palette, 0.5).hurried(desk.draggingProperty().get()), gc, camera);
        Inventory inventory = desk.resolved().inventory();
        int crossings = inventory.crossings().size();
        summary.setText(Numerals.counted(inventory.strands().size(), "strand") + "\n"
                + Numerals.counted(crossings, "crossing") + "\n"
                + (pieces
                        ? Numerals.counted(inventory.kept(), "piece")
                        : crossings > 0
                                ? Numerals.counted(inventory.courses(), "course")
                                : Numerals.counted(inventory.strands().size(), "line")));
    }
}
