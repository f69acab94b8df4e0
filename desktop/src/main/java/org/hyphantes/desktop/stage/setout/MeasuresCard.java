package org.hyphantes.desktop.stage.setout;

import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import org.hyphantes.desktop.act.Measures;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;

/** The named sizes of the design, and a line to name another or to change one. */
final class MeasuresCard extends BorderPane {
    private final Desk desk;
    private final GridPane rows = new GridPane();

    MeasuresCard(Desk desk) {
        this.desk = desk;
        setId("measures-card");
        getStyleClass().add("card");
        Label title = new Label("Measures");
        title.getStyleClass().add("title");
        setTop(title);
        rows.setHgap(12);
        rows.setVgap(4);
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("bare-scroll");
        setCenter(scroll);
        TextField line = new TextField();
        line.setId("measure");
        line.setPromptText("name = value");
        line.setOnAction(e -> {
            String text = line.getText();
            int equals = text.indexOf('=');
            if (equals < 1) {
                desk.warn("Name a size like this: seat = 62.");
            } else if (Measures.set(desk, text.substring(0, equals).strip(), text.substring(equals + 1))) {
                line.clear();
            }
        });
        setBottom(line);
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> unhurried.wish());
    }

    private void refresh() {
        rows.getChildren().clear();
        int row = 0;
        for (Map.Entry<String, Amount> measure : desk.design().measures().entrySet()) {
            Label name = new Label(measure.getKey());
            name.getStyleClass().add("act");
            Amount amount = measure.getValue();
            String value = Numerals.length(amount.value(), desk.design().unit());
            Label shown = new Label(amount.isExpression() ? amount.expression() + " = " + value : value);
            rows.addRow(row++, name, shown);
        }
        if (row == 0) {
            Label none = new Label("None yet. Name a size once, such as seat = 62, and use its name in any slot.");
            none.getStyleClass().add("second");
            none.setWrapText(true);
            none.setPrefWidth(200);
            rows.add(none, 0, 0);
        }
    }
}
