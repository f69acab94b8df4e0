package org.hyphantes.desktop.leaf;

import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.note.Note;

/** What the keyboard is at: what it is, what can be done with it, by which keys, and why. It follows the keyboard while it is open. */
public final class HelpLeaf extends Leaf {
    private final Label what = new Label();
    private final Label why = new Label();
    private final VBox body = new VBox(8);
    private Note shown;

    public HelpLeaf(Desk desk) {
        super("help", "");
        what.setWrapText(true);
        what.setMinHeight(USE_PREF_SIZE);
        why.setMinHeight(USE_PREF_SIZE);
        what.setId("help-what");
        why.setWrapText(true);
        why.setId("help-why");
        why.getStyleClass().add("words-of-help");
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        // How high its words are is known only when they have been laid for the first time.
        body.heightProperty()
                .addListener(o -> Platform.runLater(() -> {
                    requestLayout();
                    requestParentLayout();
                }));
        InvalidationListener follow = o -> show();
        desk.hoverProperty().addListener(follow);
        desk.viewProperty().addListener(follow);
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                now.focusOwnerProperty().addListener(follow);
            }
        });
    }

    /** As high as all it says; where that is too much, it scrolls. */
    @Override
    protected double computePrefHeight(double width) {
        double within = width - snappedLeftInset() - snappedRightInset();
        double said = body.prefHeight(within - Habits.of(14));
        return snappedTopInset()
                + getChildren().get(0).prefHeight(within)
                + getSpacing()
                + said
                + 4
                + snappedBottomInset();
    }

    /** Opens it, or closes it again. */
    public void turn() {
        if (isVisible()) {
            close();
        } else {
            shown = null;
            open();
            show();
        }
    }

    private void show() {
        if (!isVisible() || holdsTheKeyboard()) {
            return;
        }
        Node at = getScene().getFocusOwner();
        Note.of(at).filter(n -> !n.equals(shown)).ifPresent(note -> {
            shown = note;
            titled(note.title());
            what.setText(note.what());
            why.setText(note.why());
            body.getChildren().setAll(what, new DeedRows(note.deeds()), why);
            why.setVisible(!note.why().isEmpty());
            requestParentLayout();
        });
    }
}
