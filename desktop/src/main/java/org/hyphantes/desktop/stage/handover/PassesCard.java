package org.hyphantes.desktop.stage.handover;

import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hyphantes.cut.Pass;
import org.hyphantes.desktop.act.PassActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.setting.Numerals;

/** The passes of the job with their times: one is chosen by a click, dragged to another place in the order, added and taken out. */
final class PassesCard extends BorderPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Desk desk;
    private final Workshop workshop;
    private final PassActs acts;
    private final Label total = new Label();
    private final Label below = new Label();
    private final VBox rows = new VBox(2);

    PassesCard(Bench bench) {
        this.desk = bench.desk();
        this.workshop = bench.workshop();
        this.acts = new PassActs(desk);
        setId("passes-card");
        getStyleClass().add("card");
        Label title = new Label("Passes");
        title.getStyleClass().add("title");
        total.getStyleClass().add("second");
        total.setId("passes-time");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        setTop(new HBox(6, title, gap, total));
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare-scroll");
        setCenter(scroll);
        Button add = new Button("add a pass");
        add.setId("pass-add");
        add.setOnAction(e -> acts.add(Pass.CUT.doing(Pass.Work.SCORE).taking(Pass.Takes.LINES)));
        Button out = new Button("take out");
        out.setId("pass-out");
        out.setOnAction(e -> {
            if (!acts.takeOut()) {
                desk.say("Click the pass to be taken out first.");
            }
        });
        below.getStyleClass().add("second");
        below.setWrapText(true);
        below.setId("passes-way");
        setBottom(new VBox(4, below, new HBox(6, add, out)));
        Unhurried unhurried = new Unhurried(this::refresh);
        for (ObservableValue<?> what :
                List.of(desk.resolvedProperty(), desk.viewProperty(), workshop.replayProperty())) {
            what.addListener(o -> unhurried.wish());
        }
        refresh();
    }

    private void refresh() {
        if (!desk.view().stage().equals("hand-over")) {
            return;
        }
        Optional<Replay> replay = workshop.replayProperty().get();
        total.setText(replay.map(r -> Replay.clock(r.timeline().total())).orElse(""));
        below.setText(replay.map(this::way).orElse(""));
        List<Pass> passes = acts.passes();
        // Rows made anew keep the keyboard where it was.
        List<Boolean> focused = rows.getChildren().stream().map(Node::isFocused).toList();
        rows.getChildren().clear();
        for (int i = 0; i < passes.size(); i++) {
            rows.getChildren().add(row(i, passes.get(i), replay));
        }
        int at = focused.indexOf(true);
        if (at >= 0 && at < passes.size()) {
            rows.getChildren().get(at).requestFocus();
        }
    }

    /** How far the tool is carried, and how far it would be in the order as drawn. */
    private String way(Replay replay) {
        String order = "inside first, travel " + metres(replay.cuts().travel());
        return replay.cuts().asDrawn() > replay.cuts().travel() * 1.005
                ? order + " (" + metres(replay.cuts().asDrawn()) + " as drawn)"
                : order;
    }

    private static String metres(double millimetres) {
        return Numerals.shown(millimetres / 1000, millimetres < 10_000 ? 2 : 1) + " m";
    }

    private Button row(int number, Pass pass, Optional<Replay> replay) {
        Label words = new Label((number + 1) + " " + PassActs.words(pass));
        words.setMinWidth(0);
        Label time = new Label(replay.map(r -> time(r, number)).orElse(""));
        time.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox line = new HBox(6, sample(pass), words, gap, time);
        line.setAlignment(Pos.CENTER_LEFT);
        Button row = new Button("", line);
        row.setId("pass-" + (number + 1));
        row.getStyleClass().add("pass-row");
        row.setMaxWidth(Double.MAX_VALUE);
        line.prefWidthProperty().bind(row.widthProperty().subtract(12));
        row.setAccessibleText("Pass " + words.getText());
        row.pseudoClassStateChanged(
                CHOSEN, acts.chosen().filter(c -> c == number).isPresent());
        row.setOnAction(e -> acts.choose(number));
        row.setOnMouseReleased(e -> {
            double moved = e.getY() - row.getHeight() / 2;
            int by = (int) Math.rint(moved / (row.getHeight() + rows.getSpacing()));
            if (!e.isStillSincePress() && by != 0) {
                acts.move(number, number + by);
            }
        });
        return row;
    }

    /** The time of a pass, by its name in the file; that of one which takes nothing is a dash. */
    private static String time(Replay replay, int number) {
        List<Integer> there = replay.cuts().contours().stream()
                .map(c -> c.pass())
                .distinct()
                .sorted()
                .toList();
        int at = there.indexOf(number);
        List<String> names = replay.timeline().program().passes();
        return at < 0 || at >= names.size()
                ? "\u2013"
                : Replay.clock(replay.timeline().seconds(names.get(at)));
    }

    private Canvas sample(Pass pass) {
        Canvas canvas = new Canvas(22, 10);
        GraphicsContext gc = canvas.getGraphicsContext2D();
        gc.setStroke(PassLook.colour(Palette.of(desk.view().dark()), pass.work()));
        gc.setLineWidth(pass.work() == Pass.Work.CUT ? 2.5 : 1.5);
        gc.setLineDashes(PassLook.dashes(pass.work()));
        gc.strokeLine(0, 5, 22, 5);
        return canvas;
    }
}
