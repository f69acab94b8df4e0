package org.hyphantes.desktop.strip;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.figure.Form;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Numerals;

/** The recipe of the design: at one end what it contains, then the cord of treatments, at the other end what comes of it. */
public final class RecipeStrip extends Pane {
    private static final double END = 232;

    private final Desk desk;
    private final Bench bench;
    private final Label name = new Label();
    private final Label count = new Label();
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
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(6, name, count, gap, adder());
        head.setAlignment(Pos.CENTER_LEFT);
        name.setMinWidth(40);
        contents = new VBox(3, head, chips);
        contents.setPadding(new Insets(5, 8, 4, 10));
        cord = new Cord(bench);
        getChildren().addAll(contents, cord, result, summary);
        Unhurried named = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> named.wish());
        Unhurried drawn = new Unhurried(this::drawResult);
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
        contents.resizeRelocate(0, 0, END, getHeight());
        cord.resizeRelocate(END + 8, 0, getWidth() - 2 * (END + 8), getHeight());
        result.relocate(getWidth() - END + 8, 8);
        summary.resizeRelocate(getWidth() - END + 112, 8, 112, 80);
    }

    private void refresh() {
        boolean outermost = desk.view().group().equals(View.OUTERMOST);
        name.setText(outermost ? desk.root().name() : "in " + desk.root().name());
        count.setText(Numerals.counted(desk.root().members().size(), "figure"));
    }

    private Label adder() {
        Label add = new Label("+ add");
        add.setId("add-figure");
        add.setAccessibleText("Add a figure");
        add.getStyleClass().add("add");
        add.setFocusTraversable(true);
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
            MenuItem item = new MenuItem(form.schema().title());
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
        painter.draw(scene, Looks.own(palette, 0.5), gc, camera);
        Inventory inventory = desk.resolved().inventory();
        int crossings = inventory.crossings().size();
        summary.setText(Numerals.counted(inventory.strands().size(), "strand") + "\n"
                + Numerals.counted(crossings, "crossing") + "\n"
                + Numerals.counted(scene.size(), crossings > 0 ? "course" : "line"));
    }
}
