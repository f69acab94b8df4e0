package org.hyphantes.desktop.stage.weave;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.stage.ColourwayCard;
import org.hyphantes.inventory.StrandRow;
import org.hyphantes.setting.Numerals;
import org.hyphantes.weave.StrandKey;

/** The wells of the design, and the strands unrolled: each as a straight ribbon with the crossings along it, over where the ribbon runs through. */
final class StrandsCard extends BorderPane {
    private static final int MOST_ROWS = 200;
    private static final int MOST_PASSES = 24;

    private final Desk desk;
    private final Label count = new Label();

    /** The rows that are seen; all of a thousand would be as large as a page, and costly to draw at every move of the needle. */
    private final Canvas rows = new Canvas();

    private final Pane sheet = new Pane(rows);
    private final ScrollPane scroll = new ScrollPane(sheet);

    StrandsCard(Desk desk) {
        this.desk = desk;
        setId("strands-card");
        getStyleClass().add("card");
        Label title = new Label("Strands");
        title.getStyleClass().add("title");
        count.getStyleClass().add("second");
        ColourwayCard wells = ColourwayCard.low(desk, new StrandWells(desk));
        setTop(new VBox(6, wells, new HBox(16, title, count)));
        scroll.getStyleClass().add("bare-scroll");
        rows.setManaged(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        setCenter(scroll);
        Unhurried unhurried = new Unhurried(this::draw);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (was.dark() != now.dark()) {
                draw();
            }
        });
        desk.hoverProperty().addListener(o -> unhurried.wish());
        desk.liftedProperty().addListener(o -> {
            draw();
            bringLifted();
        });
        rows.setOnMouseClicked(e -> clicked((int) Math.floor((e.getY() + rows.getLayoutY()) / row())));
        scroll.vvalueProperty().addListener(o -> draw());
        // Every layout sets these bounds, equal or not; to draw at each of them would ask for the next layout, without
        // end.
        scroll.viewportBoundsProperty().addListener((o, was, now) -> {
            if (was.getHeight() != now.getHeight()) {
                draw();
            }
        });
        widthProperty().addListener(o -> draw());
        visibleProperty().addListener(o -> draw());
    }

    /** How high a row is. */
    private static double row() {
        return Habits.of(26);
    }

    private void draw() {
        Resolved resolved = desk.resolved();
        if (resolved == null || !isVisible()) {
            return;
        }
        count.setText(resolved.inspection().reading("strands").text());
        List<StrandRow> strands = resolved.inventory().woven();
        int shown = Math.min(MOST_ROWS, strands.size());
        double height = Math.max(1, shown * row() + (strands.size() > shown ? row() : 0));
        double seen = Math.max(1, Math.min(height, scroll.getViewportBounds().getHeight()));
        double top = Math.floor((height - seen) * scroll.getVvalue());
        sheet.setMinSize(Math.max(1, getWidth() - 32), height);
        sheet.setPrefSize(Math.max(1, getWidth() - 32), height);
        rows.setLayoutY(top);
        rows.setWidth(Math.max(1, getWidth() - 32));
        rows.setHeight(seen);
        GraphicsContext gc = rows.getGraphicsContext2D();
        gc.clearRect(0, 0, rows.getWidth(), rows.getHeight());
        gc.save();
        gc.translate(0, -top);
        Palette palette = Palette.of(desk.view().dark());
        for (int row = (int) (top / row()); row < shown && row * row() < top + seen; row++) {
            row(gc, palette, strands.get(row), row);
        }
        if (strands.size() > shown) {
            gc.setFill(palette.secondInk());
            gc.fillText("and " + (strands.size() - shown) + " more", 6, shown * row() + row() / 2);
        }
        gc.restore();
    }

    private void row(GraphicsContext gc, Palette palette, StrandRow strand, int row) {
        double y = row * row() + row() / 2;
        boolean lit = isLit(strand);
        if (lit) {
            gc.setFill(palette.wash());
            gc.fillRect(0, row * row() + 1, rows.getWidth(), row() - 2);
        }
        gc.setTextBaseline(VPos.CENTER);
        gc.setTextAlign(TextAlignment.LEFT);
        gc.setFont(Typefaces.title(12));
        gc.setFill(palette.ink());
        gc.fillText(strand.name(), 6, y);
        gc.setTextAlign(TextAlignment.RIGHT);
        gc.setFont(Typefaces.label(12));
        gc.setFill(palette.secondInk());
        String length =
                Numerals.shown(strand.path().length() / desk.design().unit().millimetres(), 0) + " "
                        + desk.design().unit().symbol();
        gc.fillText(length, rows.getWidth() - 4, y);
        ribbon(gc, palette, strand.passes(), y, Habits.of(28), rows.getWidth() - Habits.of(62), lit);
    }

    /** Scrolls to the row of the strand that is lifted. */
    private void bringLifted() {
        List<StrandKey> keys = keys();
        desk.liftedProperty().get().map(keys::indexOf).filter(i -> i >= 0).ifPresent(row -> {
            double room = sheet.getMinHeight() - scroll.getViewportBounds().getHeight();
            double seen = scroll.getViewportBounds().getHeight();
            double top = Math.max(0, room) * scroll.getVvalue();
            // What is seen whole stays where it is, so that a click on the same place lays it down again.
            if (row * row() >= top && (row + 1) * row() <= top + seen) {
                return;
            }
            double wanted = (row + 0.5) * row() - seen / 2;
            scroll.setVvalue(room <= 0 ? 0 : Math.max(0, Math.min(1, wanted / room)));
        });
    }

    private List<StrandKey> keys() {
        return desk.resolved() == null
                ? List.of()
                : desk.resolved().inventory().woven().stream()
                        .map(StrandRow::key)
                        .toList();
    }

    private void clicked(int row) {
        List<StrandKey> keys = keys();
        if (row >= 0 && row < Math.min(keys.size(), MOST_ROWS)) {
            desk.lift(keys.get(row));
        }
    }

    private boolean isLit(StrandRow strand) {
        if (desk.liftedProperty().get().filter(strand.key()::equals).isPresent()) {
            return true;
        }
        Hover hover = desk.hoverProperty().get();
        return hover.isCrossing()
                && desk.resolved()
                        .inventory()
                        .crossing(hover.weave(), hover.meet())
                        .filter(c -> c.over().equals(strand.name()) || c.under().equals(strand.name()))
                        .isPresent();
    }

    private void ribbon(
            GraphicsContext gc,
            Palette palette,
            List<Boolean> passes,
            double y,
            double left,
            double right,
            boolean lit) {
        int n = Math.min(passes.size(), MOST_PASSES);
        double step = (right - left) / Math.max(1, n);
        Color fill = lit ? palette.ribbon() : palette.ribbon().interpolate(palette.surface(), 0.55);
        double from = left;
        for (int i = 0; i <= n; i++) {
            double x = i == n ? right : left + (i + 0.5) * step;
            boolean over = i < n && passes.get(i);
            if (!over || i == n) {
                double to = i == n ? right : x - 4;
                gc.setFill(fill);
                gc.fillRect(from, y - 2.5, to - from, 5);
                gc.setStroke(palette.ink());
                gc.setLineWidth(1);
                gc.strokeRect(from, y - 2.5, to - from, 5);
                from = x + 4;
            }
        }
        gc.setStroke(palette.ink());
        gc.setLineWidth(2);
        for (int i = 0; i < n; i++) {
            double x = left + (i + 0.5) * step;
            if (passes.get(i)) {
                gc.strokeLine(x, y - 9, x, y - 5);
                gc.strokeLine(x, y + 5, x, y + 9);
            } else {
                gc.strokeLine(x, y - 9, x, y + 9);
            }
        }
    }
}
