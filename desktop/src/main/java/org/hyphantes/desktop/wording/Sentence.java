package org.hyphantes.desktop.wording;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.layout.FlowPane;
import javafx.scene.text.Text;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Phrase;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;

/** The line with the sentence: words, slots, and words to click, which wraps when it is long. */
final class Sentence extends FlowPane {
    private final Bench bench;
    private final Desk desk;

    Sentence(Bench bench) {
        this.bench = bench;
        this.desk = bench.desk();
        getStyleClass().add("sentence");
        setRowValignment(VPos.CENTER);
        setAlignment(Pos.CENTER_LEFT);
    }

    List<Slot> slots() {
        return getChildren().stream()
                .filter(Slot.class::isInstance)
                .map(Slot.class::cast)
                .toList();
    }

    /** The key of the slot that has the keyboard; empty when none has. */
    String focused() {
        return slots().stream()
                .filter(Node::isFocusWithin)
                .map(Slot::key)
                .findFirst()
                .orElse("");
    }

    /** The first words to click. */
    Optional<Node> firstAnswer() {
        return getChildren().stream().filter(Hyperlink.class::isInstance).findFirst();
    }

    void clear() {
        getChildren().clear();
    }

    void phrases(List<Phrase> phrases) {
        for (Phrase phrase : phrases) {
            if (phrase.subject().isPresent()) {
                about(phrase.subject().get());
            } else if (phrase.act().isPresent()) {
                answer(phrase.words(), phrase.act().get());
            } else {
                words(phrase.words());
            }
        }
    }

    /** The sentence about something the design has. */
    void about(Subject subject) {
        Described thing = subject.in(desk.design()).orElseThrow();
        for (Schema.Part part : thing.schema().sentence(thing, desk.design().scope(subject.group()))) {
            if (part.isSlot()) {
                getChildren().add(slot(subject, thing.schema(), part));
            } else {
                words(part.words());
            }
        }
    }

    private Slot slot(Subject subject, Schema<?> schema, Schema.Part part) {
        try {
            Kind kind = schema.kind(part.key());
            return new Slot(bench, subject, part.key(), kind, part.words(), Suggestions.of(kind, desk));
        } catch (CannotRead e) {
            throw new IllegalStateException("the sentence has a slot that the schema has not", e);
        }
    }

    /** Words, broken so that the line can wrap between them. */
    void words(String words) {
        for (String piece : words.split("(?<= )")) {
            if (!piece.isEmpty()) {
                Text text = new Text(piece);
                text.getStyleClass().add("words");
                getChildren().add(text);
            }
        }
    }

    void answer(String word, Runnable act) {
        Hyperlink link = new Hyperlink(word);
        link.getStyleClass().add("answer");
        link.setId("answer-" + word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
        link.setOnAction(e -> act.run());
        getChildren().add(link);
    }
}
