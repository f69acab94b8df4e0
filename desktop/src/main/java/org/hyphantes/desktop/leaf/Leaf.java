package org.hyphantes.desktop.leaf;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A leaf with a title, over the field; closed by its button, or by Esc while it has the keyboard. */
class Leaf extends VBox {
    private final Label title = new Label();
    private Node before;

    Leaf(String id, String titled) {
        super(6);
        setId(id);
        getStyleClass().add("leaf");
        setVisible(false);
        title.setText(titled);
        title.getStyleClass().add("title");
        title.setWrapText(true);
        Button close = new Button("Close");
        close.setId(id + "-close");
        close.setMinWidth(USE_PREF_SIZE);
        close.setOnAction(e -> close());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(8, title, gap, close);
        head.setAlignment(Pos.TOP_LEFT);
        getChildren().add(head);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    void titled(String words) {
        title.setText(words);
    }

    /** Lays it over the field; the keyboard comes back to where it was when it is closed. */
    void open() {
        if (!isVisible()) {
            before = getScene().getFocusOwner();
            setVisible(true);
            requestParentLayout();
        }
    }

    void close() {
        if (isVisible()) {
            boolean held = holdsTheKeyboard();
            setVisible(false);
            if (held && before != null && before.getScene() != null) {
                before.requestFocus();
            }
        }
    }

    boolean holdsTheKeyboard() {
        for (Node at = getScene().getFocusOwner(); at != null; at = at.getParent()) {
            if (at == this) {
                return true;
            }
        }
        return false;
    }
}
