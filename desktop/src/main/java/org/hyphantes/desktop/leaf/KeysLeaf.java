package org.hyphantes.desktop.leaf;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** All that can be done, with its keys, and a field to seek in it; Enter does what is found. */
public final class KeysLeaf extends Leaf {
    private final TextField sought = new TextField();
    private final ListView<KeyLine> list = new ListView<>();
    private final Label count = new Label();
    private final Supplier<List<KeyLine>> lines;

    /** @param lines all of them, in order */
    public KeysLeaf(Supplier<List<KeyLine>> lines) {
        super("keys", "Keys");
        this.lines = lines;
        sought.setId("keys-sought");
        sought.setPromptText("Type to seek: break, Ctrl, mirror");
        list.setId("keys-list");
        list.setCellFactory(v -> new Line());
        list.setPlaceholder(new Label("Nothing here begins so. Try another word."));
        count.getStyleClass().add("second");
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(sought, list, count);
        sought.textProperty().addListener(o -> find());
        sought.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
                int at = list.getSelectionModel().getSelectedIndex() + (e.getCode() == KeyCode.DOWN ? 1 : -1);
                int to = Math.max(0, Math.min(list.getItems().size() - 1, at));
                list.getSelectionModel().select(to);
                list.scrollTo(Math.max(0, to - 3));
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER) {
                act();
                e.consume();
            }
        });
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                act();
                e.consume();
            }
        });
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                act();
            }
        });
    }

    /** Opens it with the keyboard in its field. */
    public void lay() {
        open();
        sought.clear();
        find();
        sought.requestFocus();
    }

    private void find() {
        List<KeyLine> all = lines.get();
        list.getItems()
                .setAll(all.stream().filter(l -> l.isMeant(sought.getText())).toList());
        list.getSelectionModel().selectFirst();
        count.setText(list.getItems().size() + " of " + all.size() + " \u00b7 Enter does it \u00b7 Esc closes");
    }

    private void act() {
        KeyLine line = list.getSelectionModel().getSelectedItem();
        if (line != null && line.act().isPresent()) {
            close();
            line.act().get().run();
        }
    }

    private static final class Line extends ListCell<KeyLine> {
        private final Label how = new Label();
        private final Label does = new Label();
        private final Label where = new Label();
        private final HBox row = new HBox(12, how, does, where);

        Line() {
            how.getStyleClass().add("act");
            how.setWrapText(true);
            does.setWrapText(true);
            where.getStyleClass().add("second");
            where.setMinWidth(USE_PREF_SIZE);
            HBox.setHgrow(does, Priority.ALWAYS);
            does.setMaxWidth(Double.MAX_VALUE);
            row.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
        }

        @Override
        protected void layoutChildren() {
            how.setPrefWidth(0.3 * getWidth());
            how.setMinWidth(0.3 * getWidth());
            super.layoutChildren();
        }

        @Override
        protected void updateItem(KeyLine line, boolean empty) {
            super.updateItem(line, empty);
            setGraphic(empty || line == null ? null : row);
            if (line != null) {
                how.setText(line.how());
                does.setText(line.does());
                does.setOpacity(line.act().isPresent() ? 1 : 0.85);
                where.setText(line.where());
            }
        }
    }
}
