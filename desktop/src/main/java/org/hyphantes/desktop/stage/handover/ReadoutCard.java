package org.hyphantes.desktop.stage.handover;

import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.geometry.Point;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Numerals;

/** What the machine tells of itself: where the head is, whether the tool is down, what has fallen out, and how far the file strays from the design. */
final class ReadoutCard extends VBox {
    private final Desk desk;
    private final Workshop workshop;
    private final Label title = new Label();
    private final Label words = new Label();

    ReadoutCard(Bench bench) {
        super(4);
        this.desk = bench.desk();
        this.workshop = bench.workshop();
        setId("readout-card");
        getStyleClass().add("card");
        title.getStyleClass().add("title");
        words.getStyleClass().add("second");
        words.setWrapText(true);
        words.setId("readout");
        getChildren().addAll(title, words);
        Unhurried unhurried = new Unhurried(this::refresh);
        for (ObservableValue<?> what : List.of(
                workshop.replayProperty(),
                workshop.secondsProperty(),
                workshop.formatProperty(),
                desk.viewProperty())) {
            what.addListener(o -> unhurried.wish());
        }
        refresh();
    }

    private void refresh() {
        if (!desk.view().stage().equals("hand-over")) {
            return;
        }
        if (workshop.replayProperty().get().isEmpty()) {
            title.setText("Machine");
            words.setText("Nothing is cut yet.");
            return;
        }
        Replay replay = workshop.replayProperty().get().get();
        double moment = workshop.secondsProperty().get();
        Timeline.Head head = replay.timeline().at(moment);
        title.setText("Machine, tool " + (head.isDown() ? "down" : "up"));
        Point at = head.place();
        long fallen = replay.falls().stream().filter(f -> f.seconds() <= moment).count();
        StringBuilder text = new StringBuilder();
        text.append("x ").append(Numerals.shown(at.x(), 1)).append("   y ").append(Numerals.shown(at.y(), 1));
        text.append("\n")
                .append(fallen)
                .append(" of ")
                .append(replay.falls().size())
                .append(" fallen out");
        if (replay.late() > 0) {
            text.append("\n").append(replay.late()).append(" cut too late");
        }
        text.append("\n").append(strays(replay));
        replay.timeline()
                .program()
                .unread()
                .forEach(u -> text.append("\nnot read: ").append(u));
        words.setText(text.toString());
    }

    private static String strays(Replay replay) {
        double distance = replay.straying().distance();
        return distance < 0.0005
                ? "within 0.001 mm of the design"
                : Numerals.shown(distance, 3) + " mm from the design at worst"
                        + (replay.strays() ? ", which is too far: let it stray less, or choose another format" : "");
    }
}
