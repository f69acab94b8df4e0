package org.hyphantes.desktop.wording;

import java.util.List;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.Message;
import org.hyphantes.desktop.stage.Offer;

/** The line under the sentence: what can be done here, the word being typed, and what the last act came to. */
final class OfferLine extends HBox {
    private final Words words;
    private final Focus focus;
    private final HBox offers = new OfferRow();
    private final Label message = new Label();
    private final TextField word = new TextField();
    private final Label completions = new Label();
    private final Tooltip whole = new Tooltip();
    private final PauseTransition warned = new PauseTransition(Duration.seconds(8));
    private List<Offer> shown = List.of();

    OfferLine(Words words, Focus focus) {
        super(16);
        this.words = words;
        this.focus = focus;
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("below");
        offers.setAlignment(Pos.CENTER_LEFT);
        message.setId("message");
        message.setMinWidth(120);
        message.setTooltip(whole);
        word.setId("word");
        word.getStyleClass().add("slot-typed");
        word.setPromptText("a word, such as turn 12");
        completions.getStyleClass().add("second");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(offers, gap, message);
        warned.setOnFinished(e -> offersShown(true));
        word.textProperty().addListener(o -> {
            String told = words.told(word.getText());
            completions.setText(String.join("   ", words.completions(word.getText()))
                    + (told.isEmpty() ? "" : "  \u00b7  " + told));
        });
        completions.setId("completions");
        word.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            end();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER) {
            String text = word.getText();
            end();
            words.run(text);
            event.consume();
        }
    }

    private void end() {
        show(shown);
        focus.go(Focus.Place.FIELD);
    }

    void say(Message said) {
        message.setText(said.words());
        whole.setText(said.words().isEmpty() ? "Nothing has been said yet." : said.words());
        message.getStyleClass().setAll("label", said.warning() ? "warning" : "message");
        // A warning has the line to itself for a while, so that it can be read whole.
        offersShown(!said.warning());
        if (said.warning()) {
            warned.playFromStart();
        } else {
            warned.stop();
        }
    }

    private void offersShown(boolean on) {
        offers.setVisible(on);
        offers.setManaged(on);
    }

    void show(List<Offer> offered) {
        shown = offered;
        offersShown(warned.getStatus() != Animation.Status.RUNNING);
        offers.getChildren().setAll(offered.stream().map(OfferLine::node).toList());
    }

    private static Node node(Offer offer) {
        if (offer.act().isPresent()) {
            Hyperlink link = new Hyperlink(offer.word());
            link.setId("offer-" + offer.word());
            link.getStyleClass().add("offer");
            link.setMinWidth(USE_PREF_SIZE);
            link.setOnAction(e -> offer.act().get().run());
            return link;
        }
        if (offer.word().isEmpty()) {
            return new Hints(offer.does());
        }
        Label does = new Label(offer.does());
        does.getStyleClass().add("second");
        does.setMinWidth(USE_PREF_SIZE);
        Label key = new Label(offer.word());
        key.getStyleClass().add("act");
        key.setMinWidth(USE_PREF_SIZE);
        HBox act = new HBox(6, key, does);
        act.setPadding(new Insets(0, 12, 0, 0));
        return act;
    }

    /** Begins a word with a letter already typed. */
    void beginWord(String letter) {
        warned.stop();
        offersShown(true);
        offers.getChildren().setAll(word, completions);
        Slot.ready(offers);
        word.setText(letter);
        word.requestFocus();
        word.end();
    }
}
