package org.hyphantes.desktop.card;

import java.util.List;
import javafx.event.Event;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Handing;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Surroundings;

/** The clasp on the fore-edge: what would be handed over, and the button that writes it. */
public final class Clasp extends VBox {
    private final Desk desk;
    private final Label about = new Label();
    private final Label as = new Label();

    public Clasp(Bench bench, Stage stage, Runnable write) {
        super(2);
        this.desk = bench.desk();
        setId("clasp");
        getStyleClass().add("card");
        Label title = new Label(stage.title());
        title.getStyleClass().add("title");
        Label key = new Label(stage.key().getName());
        key.getStyleClass().add("second");
        about.getStyleClass().add("second");
        about.setId("handed");
        Button button = new Button("Write the file");
        button.setId("write");
        button.setMinWidth(USE_PREF_SIZE);
        bench.focus().at(Focus.Place.CLASP, () -> button);
        button.setOnAction(e -> write.run());
        Note.on(
                this,
                () -> new Note(
                        stage.title(),
                        about.getText() + ".",
                        List.of(
                                new Deed(
                                        "click, Enter, Ctrl+Shift+E",
                                        "write the file, by its ending " + Formats.endings()),
                                new Deed(
                                        "click beside it, F6",
                                        "cut it on the simulated machine; what goes out, and how")),
                        stage.why()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        as.getStyleClass().add("second");
        setOnMouseClicked(e -> desk.open(stage.id()));
        button.addEventHandler(MouseEvent.MOUSE_CLICKED, Event::consume);
        setCursor(Cursor.HAND);
        HBox line = new HBox(8, as, gap, button);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(new HBox(6, title, key), about, line);
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
    }

    private void refresh() {
        Handing handing = desk.design().handing();
        String extent = Entry.word(handing.extent());
        as.setText(isWhole(handing) ? extent : extent + ", chosen figures");
        String material = desk.design().material().word();
        about.setText(Character.toUpperCase(material.charAt(0)) + material.substring(1) + " \u00b7 "
                + (desk.resolved().finished().scene().isEmpty() ? "nothing yet" : size()));
    }

    private static boolean isWhole(Handing handing) {
        return handing.figures().equals(Surroundings.EVERY_FIGURE);
    }

    /** How large what goes out is, in the file. */
    private String size() {
        Box page;
        try {
            Handout handout = Handout.of(desk.design(), desk.resolved().finished());
            page = handout.cloth().orElse(handout.page());
        } catch (CannotHandOver e) {
            return isWhole(desk.design().handing()) ? "no tile to hand over" : "nothing of that to hand over";
        }
        double unit = desk.design().unit().millimetres()
                / desk.design().handing().scale().value();
        return Numerals.shown(page.width() / unit, 1) + " \u00d7 " + Numerals.shown(page.height() / unit, 1) + " "
                + desk.design().unit().symbol();
    }
}
