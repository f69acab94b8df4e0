package org.hyphantes.desktop.rail;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.gauge.GaugeReading;
import org.hyphantes.gauge.Snag;
import org.hyphantes.gauge.State;
import org.hyphantes.setting.Numerals;
import org.hyphantes.weave.Reach;

/** The gauges, always reading the finished design; the snag at hand with its mend; the reach of edits; unit and place. */
public final class GaugeRail extends Pane {
    private static final List<Deed> GAUGE = List.of(
            new Deed("click, Enter", "go to its first snag"),
            new Deed("F8, Shift+F8", "the next snag, the one before"),
            new Deed("F9, Shift+F9", "mend it; mend all of this gauge"));

    private static final List<Deed> REACHES =
            List.of(new Deed("click, Enter, Ctrl+R", "the next reach"), new Deed("Ctrl+Shift+R", "the one before"));

    private final Desk desk;
    private final Snags snags;
    private final ReachActs reaches;
    private final HBox gauges = new HBox();
    private List<GaugeReading> shown = List.of();
    private boolean shownDark;
    /** The width, at the usual size of words, from which on all stands in one row. */
    private static final double ONE_ROW = 1270;

    /** So many gauges stand in that row, and how much wider it is for another. */
    private static final int USUAL = 5;

    private static final double ANOTHER = 190;

    /** How much is seen of gauges that tell of what was there before. */
    private static final double UNMEASURED = 0.35;

    private final HBox lower;
    private final Region reaching;
    private final Region where;
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
        snag.setId("snag");
        snag.setWrapText(true);
        snag.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(snag, Priority.ALWAYS);
        snag.setTooltip(whole);
        mend.setId("mend");
        mend.getStyleClass().add("offer");
        mend.setOnAction(e -> snags.mend());
        mend.setWrapText(true);
        mend.hoverProperty().addListener((o, was, now) -> snags.ghost(now || mend.isFocused()));
        mend.focusedProperty().addListener((o, was, now) -> snags.ghost(now));
        HBox middle = new HBox(10, snag, mend);
        Note.on(
                middle,
                () -> new Note(
                        "Snags",
                        whole.getText(),
                        GAUGE.subList(1, GAUGE.size()),
                        "What is not as it should be is told in its place, with what would mend it, seen before it is done."));
        middle.setAlignment(Pos.CENTER_LEFT);
        middle.getStyleClass().add("rail-part");
        HBox.setHgrow(middle, Priority.ALWAYS);
        reaching = reaching(bench);
        VBox at = new VBox(scale, place);
        at.setAlignment(Pos.CENTER_LEFT);
        at.getStyleClass().add("rail-part");
        place.getStyleClass().add("second");
        where = at;
        lower = new HBox(middle, reaching, where);
        lower.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(gauges, lower);
        sized();
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.resolvedProperty().addListener(o -> {
            // A gauge that comes or goes may change the rows, and with them the field: at once, not under the next
            // click.
            if (standing(desk.resolved()).size() != gauges.getChildren().size()) {
                refresh();
            } else {
                unhurried.wish();
            }
        });
        desk.pictured().onChange(unhurried::wish);
        desk.viewProperty().addListener(o -> unhurried.wish());
        desk.messageProperty().addListener(o -> unhurried.wish());
        desk.hoverProperty().addListener(o -> place());
    }

    /** The reach of edits, which a click or Enter carries on to the next. */
    private VBox reaching(Bench bench) {
        VBox part = part("Reach", reach);
        part.setId("reach");
        part.setFocusTraversable(true);
        part.setOnMouseClicked(e -> reaches.next(1));
        part.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                reaches.next(1);
                e.consume();
            }
        });
        Note.on(
                part,
                () -> new Note(
                        "Reach",
                        "How far one act on a crossing is carried: " + reach.getText() + ".",
                        REACHES,
                        "What is alike by symmetry stays alike, unless one place is meant by itself."));
        bench.focus().at(Focus.Place.REACH, () -> part);
        return part;
    }

    /** Makes all that holds words as wide as they need. */
    public void sized() {
        mend.setMinWidth(Habits.of(112));
        mend.setMaxWidth(Habits.of(150));
        reaching.setMinWidth(Habits.of(124));
        where.setMinWidth(Habits.of(112));
        shown = List.of();
        refresh();
    }

    /** How many rows it needs in a width: what is at hand stands below the gauges where it has no room beside them. */
    public int rows(double width) {
        double more = Habits.of(ANOTHER) * Math.max(0, gauges.getChildren().size() - USUAL);
        return width < Habits.of(ONE_ROW) + more ? 2 : 1;
    }

    @Override
    protected void layoutChildren() {
        double left = getInsets().getLeft();
        double width = getWidth() - left;
        if (rows(getWidth()) == 2) {
            double half = getHeight() / 2;
            gauges.resizeRelocate(left, 0, width, half);
            lower.resizeRelocate(left, half, width, half);
        } else {
            double used = Math.ceil(gauges.prefWidth(-1));
            gauges.resizeRelocate(left, 0, used, getHeight());
            lower.resizeRelocate(left + used, 0, width - used, getHeight());
        }
    }

    private static VBox part(String title, Label text) {
        Label name = new Label(title);
        name.getStyleClass().add("title");
        text.getStyleClass().add("second");
        VBox part = new VBox(name, text);
        part.setAlignment(Pos.CENTER_LEFT);
        part.getStyleClass().add("rail-part");
        return part;
    }

    /** What the gauges say that stand on the rail now. */
    private static List<GaugeReading> standing(Resolved resolved) {
        return resolved.inspection().readings().stream()
                .filter(r -> r.state() != State.DOES_NOT_APPLY || !r.gauge().comesAndGoes())
                .toList();
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
            int before = gauges.getChildren().size();
            gauges.getChildren()
                    .setAll(standing(resolved).stream()
                            .map(r -> gauge(r, palette))
                            .toList());
            if (before != gauges.getChildren().size() && getParent() != null) {
                getParent().requestLayout();
            }
        }
        boolean measured = desk.pictured().isMeasured();
        gauges.setOpacity(measured ? 1 : UNMEASURED);
        String none = measured ? "No snags." : "Being woven and measured.";
        whole.setText(snags.words().isEmpty() ? none : snags.words());
        snag.setText(desk.pictured().snags().isEmpty() ? none : snags.words());
        snag.getStyleClass()
                .setAll(
                        "label",
                        snags.current()
                                .map(s -> s.state() == State.BROKEN ? "warning" : "caution")
                                .orElse("second"));
        String mending = snags.current().map(Snag::offer).orElse("");
        mend.setText(mending);
        mending(mending);
        mend.setVisible(!mending.isEmpty());
        int turns = resolved.finished().work().turning().map(t -> t.count()).orElse(1);
        Reach reaching = reaches.reach();
        reach.setText(ReachWords.of(reaching) + (reaching == Reach.EVERY_TURN && turns > 1 ? " \u00d7" + turns : ""));
        place();
    }

    /** What the mend is called, whole, where its button breaks off. */
    private void mending(String words) {
        mend.setTooltip(words.isEmpty() ? null : new Tooltip(words));
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
        gauge.setMinWidth(Habits.of(72));
        gauge.setPrefWidth(Math.max(Habits.of(112), width(reading.gauge().usual())));
        Tooltip.install(gauge, new Tooltip(reading.gauge().title() + ": " + reading.text()));
        gauge.setFocusTraversable(true);
        gauge.setOnMouseClicked(e -> snags.goTo(reading.gauge().word()));
        gauge.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                snags.goTo(reading.gauge().word());
                e.consume();
            }
        });
        Note.on(
                gauge,
                () -> new Note(
                        reading.gauge().title(),
                        reading.text() + ": " + reading.state().word() + ".",
                        GAUGE,
                        reading.gauge().why()));
        gauge.setAccessibleText(reading.gauge().title() + ": " + reading.text() + ", "
                + reading.state().word());
        return gauge;
    }

    /** The room that words need beside their mark. */
    private static double width(String words) {
        Text text = new Text(words);
        text.setFont(Typefaces.label(12));
        return Math.ceil(text.getLayoutBounds().getWidth()) + Habits.of(56);
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
