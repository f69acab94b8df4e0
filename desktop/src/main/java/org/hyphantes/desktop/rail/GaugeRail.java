package org.hyphantes.desktop.rail;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.gauge.GaugeReading;
import org.hyphantes.gauge.Snag;
import org.hyphantes.gauge.State;
import org.hyphantes.setting.Numerals;
import org.hyphantes.weave.Reach;

/** The gauges, always reading the finished design; the snag at hand with its mend; the reach of edits; unit and place. */
public final class GaugeRail extends HBox {
    private final Desk desk;
    private final Snags snags;
    private final ReachActs reaches;
    private final HBox gauges = new HBox();
    private List<GaugeReading> shown = List.of();
    private boolean shownDark;
    private final Label snag = new Label();
    private final Tooltip whole = new Tooltip();
    private final Hyperlink mend = new Hyperlink();
    private final Label reach = new Label();
    private final Label scale = new Label();
    private final Label place = new Label();

    public GaugeRail(Bench bench, Snags snags) {
        this.desk = bench.desk();
        this.reaches = new ReachActs(desk);
        this.snags = snags;
        setId("gauges");
        getStyleClass().add("rail");
        setAlignment(Pos.CENTER_LEFT);
        snag.setId("snag");
        snag.setWrapText(true);
        snag.setMaxWidth(210);
        snag.setTooltip(whole);
        mend.setId("mend");
        mend.getStyleClass().add("offer");
        mend.setOnAction(e -> snags.mend());
        mend.setWrapText(true);
        mend.setMinWidth(112);
        mend.setMaxWidth(150);
        mend.hoverProperty().addListener((o, was, now) -> snags.ghost(now || mend.isFocused()));
        mend.focusedProperty().addListener((o, was, now) -> snags.ghost(now));
        HBox middle = new HBox(10, snag, mend);
        middle.setAlignment(Pos.CENTER_LEFT);
        middle.getStyleClass().add("rail-part");
        HBox.setHgrow(middle, Priority.ALWAYS);
        VBox reaching = part("Reach", reach);
        reaching.setId("reach");
        reaching.setMinWidth(124);
        reaching.setFocusTraversable(true);
        reaching.setOnMouseClicked(e -> reaches.next(1));
        bench.focus().at(Focus.Place.REACH, () -> reaching);
        Region gap = new Region();
        gap.setMinWidth(4);
        VBox where = new VBox(scale, place);
        where.setAlignment(Pos.CENTER_LEFT);
        where.getStyleClass().add("rail-part");
        where.setMinWidth(112);
        place.getStyleClass().add("second");
        getChildren().addAll(gauges, middle, reaching, where);
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener(o -> unhurried.wish());
        desk.messageProperty().addListener(o -> unhurried.wish());
        desk.hoverProperty().addListener(o -> place());
    }

    private static VBox part(String title, Label text) {
        Label name = new Label(title);
        name.getStyleClass().add("title");
        text.getStyleClass().add("second");
        VBox part = new VBox(name, text);
        part.setAlignment(Pos.CENTER_LEFT);
        part.getStyleClass().add("rail-part");
        part.setMinWidth(92);
        return part;
    }

    private void refresh() {
        Resolved resolved = desk.resolved();
        if (resolved == null) {
            return;
        }
        Palette palette = Palette.of(desk.view().dark());
        // Made anew only when they say something else, for that lays the whole rail out again.
        if (!resolved.inspection().readings().equals(shown)
                || shownDark != desk.view().dark()) {
            shown = resolved.inspection().readings();
            shownDark = desk.view().dark();
            gauges.getChildren()
                    .setAll(shown.stream().map(r -> gauge(r, palette)).toList());
        }
        whole.setText(snags.words().isEmpty() ? "No snags." : snags.words());
        snag.setText(resolved.inspection().snags().isEmpty() ? "No snags." : snags.words());
        snag.getStyleClass()
                .setAll(
                        "label",
                        snags.current()
                                .map(s -> s.state() == State.BROKEN ? "warning" : "caution")
                                .orElse("second"));
        String mending = snags.current().map(Snag::offer).orElse("");
        mend.setText(mending);
        mend.setVisible(!mending.isEmpty());
        int turns = resolved.finished().work().turning().map(t -> t.count()).orElse(1);
        Reach reaching = reaches.reach();
        reach.setText(ReachWords.of(reaching) + (reaching == Reach.EVERY_TURN && turns > 1 ? " \u00d7" + turns : ""));
        place();
    }

    private HBox gauge(GaugeReading reading, Palette palette) {
        Canvas mark = new Canvas(22, 22);
        GaugeMark.draw(mark.getGraphicsContext2D(), reading.state(), 11, 11, palette);
        Label text = new Label();
        VBox words = part(reading.gauge().title(), text);
        text.setText(reading.text());
        if (reading.state() == State.BROKEN || reading.state() == State.CHIPPED) {
            text.setStyle("-fx-text-fill: " + (reading.state() == State.BROKEN ? "-madder" : "-ochre") + ";");
        }
        words.getStyleClass().setAll("gauge-words");
        HBox gauge = new HBox(8, mark, words);
        gauge.setId("gauge-" + reading.gauge().word());
        gauge.setAlignment(Pos.CENTER_LEFT);
        gauge.getStyleClass().add("rail-part");
        gauge.setMinWidth(Math.max(112, width(reading.gauge().usual())));
        gauge.setAccessibleText(reading.gauge().title() + ": " + reading.text() + ", "
                + reading.state().word());
        return gauge;
    }

    /** The room that words need beside their mark. */
    private static double width(String words) {
        Text text = new Text(words);
        text.setFont(Typefaces.label(12));
        return Math.ceil(text.getLayoutBounds().getWidth()) + 56;
    }

    private void place() {
        String unit = desk.design().unit().symbol();
        double millimetres = desk.design().unit().millimetres();
        scale.setText(unit
                + (desk.view().scale() > 0
                        ? " \u00b7 " + Numerals.shown(desk.view().scale() * 25.4 / 96 * 100, 0) + " %"
                        : " \u00b7 whole"));
        Hover hover = desk.hoverProperty().get();
        place.setText(hover.place()
                .map(p ->
                        "x " + Numerals.shown(p.x() / millimetres, 1) + "  y " + Numerals.shown(p.y() / millimetres, 1))
                .orElse(""));
    }
}
