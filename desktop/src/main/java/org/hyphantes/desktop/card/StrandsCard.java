package org.hyphantes.desktop.card;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/** The strands unrolled: each as a straight ribbon with the crossings along it, over where the ribbon runs through. */
public final class StrandsCard extends BorderPane {
    private static final double ROW = 26;
    private static final int MOST_ROWS = 200;
    private static final int MOST_PASSES = 24;

    private final Desk desk;
    private final Label count = new Label();
    private final Canvas rows = new Canvas();

    public StrandsCard(Desk desk) {
        this.desk = desk;
        setId("strands-card");
        getStyleClass().add("card");
        Label title = new Label("Strands");
        title.getStyleClass().add("title");
        count.getStyleClass().add("second");
        setTop(new HBox(16, title, count));
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("bare-scroll");
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
            bringLifted(scroll);
        });
        rows.setOnMouseClicked(e -> clicked((int) Math.floor(e.getY() / ROW)));
        widthProperty().addListener(o -> draw());
    }

    private void draw() {
        Resolved resolved = desk.resolved();
        if (resolved == null) {
            return;
        }
        String text = resolved.inspection().readings().get(0).text();
        count.setText(text);
        List<Laying> weaves = resolved.finished().work().weaves();
        int all = weaves.stream().mapToInt(l -> l.weave().strands().size()).sum();
        int shown = Math.min(MOST_ROWS, all);
        rows.setWidth(Math.max(1, getWidth() - 32));
        rows.setHeight(Math.max(1, shown * ROW + (all > shown ? ROW : 0)));
        GraphicsContext gc = rows.getGraphicsContext2D();
        gc.clearRect(0, 0, rows.getWidth(), rows.getHeight());
        Palette palette = Palette.of(desk.view().dark());
        int row = 0;
        for (int w = 0; w < weaves.size(); w++) {
            for (int s = 0; s < weaves.get(w).weave().strands().size() && row < shown; s++) {
                row(gc, palette, weaves.get(w).weave(), w, s, row++);
            }
        }
        if (all > shown) {
            gc.setFill(palette.secondInk());
            gc.fillText("and " + (all - shown) + " more", 6, shown * ROW + ROW / 2);
        }
    }

    private void row(GraphicsContext gc, Palette palette, Weave weave, int w, int s, int row) {
        Strand strand = weave.strands().get(s);
        double y = row * ROW + ROW / 2;
        boolean lit = lit(weave, w, s);
        if (lit) {
            gc.setFill(palette.wash());
            gc.fillRect(0, row * ROW + 1, rows.getWidth(), ROW - 2);
        }
        gc.setTextBaseline(VPos.CENTER);
        gc.setTextAlign(TextAlignment.LEFT);
        gc.setFont(Typefaces.title(12));
        gc.setFill(palette.ink());
        gc.fillText(Strand.letter(row), 6, y);
        gc.setTextAlign(TextAlignment.RIGHT);
        gc.setFont(Typefaces.label(12));
        gc.setFill(palette.secondInk());
        String length =
                Numerals.shown(strand.path().length() / desk.design().unit().millimetres(), 0) + " "
                        + desk.design().unit().symbol();
        gc.fillText(length, rows.getWidth() - 4, y);
        ribbon(gc, palette, weave.passes(s), y, 28, rows.getWidth() - 62, lit);
    }

    /** Scrolls to the row of the strand that is lifted. */
    private void bringLifted(ScrollPane scroll) {
        List<StrandKey> keys = keys();
        desk.liftedProperty().get().map(keys::indexOf).filter(i -> i >= 0).ifPresent(row -> {
            double room = rows.getHeight() - scroll.getViewportBounds().getHeight();
            double wanted = (row + 0.5) * ROW - scroll.getViewportBounds().getHeight() / 2;
            scroll.setVvalue(room <= 0 ? 0 : Math.max(0, Math.min(1, wanted / room)));
        });
    }

    private List<StrandKey> keys() {
        Resolved resolved = desk.resolved();
        return resolved == null
                ? List.of()
                : resolved.finished().work().weaves().stream()
                        .flatMap(l -> l.weave().strands().stream())
                        .map(Strand::key)
                        .toList();
    }

    private void clicked(int row) {
        List<StrandKey> keys = keys();
        if (row >= 0 && row < Math.min(keys.size(), MOST_ROWS)) {
            desk.lift(keys.get(row));
        }
    }

    private boolean lit(Weave weave, int w, int s) {
        if (desk.liftedProperty()
                .get()
                .filter(weave.strands().get(s).key()::equals)
                .isPresent()) {
            return true;
        }
        Hover hover = desk.hoverProperty().get();
        if (!hover.isCrossing()
                || hover.weave() != w
                || hover.meet() >= weave.crossings().size()) {
            return false;
        }
        Crossing crossing = weave.crossings().get(hover.meet());
        return crossing.over() == s || crossing.under() == s;
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
        Color fill = lit ? palette.tint(0) : palette.tint(0).interpolate(palette.surface(), 0.55);
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
