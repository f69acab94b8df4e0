package org.hyphantes.desktop.leaf;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import org.hyphantes.desktop.note.Deed;

/** Deeds in two columns: what the hand does, and what comes of it. */
final class DeedRows extends GridPane {
    DeedRows(List<Deed> deeds) {
        setHgap(12);
        setVgap(3);
        ColumnConstraints how = new ColumnConstraints();
        how.setPercentWidth(42);
        ColumnConstraints does = new ColumnConstraints();
        does.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(how, does);
        for (int i = 0; i < deeds.size(); i++) {
            addRow(i, label(deeds.get(i).how(), "act"), label(deeds.get(i).does(), "second"));
        }
    }

    private static Label label(String words, String style) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
