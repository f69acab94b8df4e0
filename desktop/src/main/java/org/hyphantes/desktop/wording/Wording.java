package org.hyphantes.desktop.wording;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Member;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.act.PathActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.stage.Offer;
import org.hyphantes.desktop.stage.Phrase;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;

/** The sentence about what is chosen, with its slots; under it what can be done here, and what the last act came to. */
public final class Wording extends VBox {
    private static final List<Offer> ASKING =
            List.of(Offer.hint("", "Tab goes from answer to answer, Enter takes one"));

    private final Bench bench;
    private final Desk desk;
    private final List<Stage> stages;
    private final Words words;
    private final Sentence sentence;
    private final OfferLine below;
    /** The question that is asked, and those that wait until it is answered. */
    private final Deque<Question> questions = new ArrayDeque<>();

    private Object shownFor;
    private Runnable heightChanged = () -> {};

    public Wording(Bench bench, List<Stage> stages) {
        this.bench = bench;
        this.desk = bench.desk();
        this.stages = stages;
        this.words = new Words(bench, stages);
        this.sentence = new Sentence(bench);
        this.below = new OfferLine(words, bench.focus());
        setId("wording");
        getStyleClass().add("wording");
        getChildren().addAll(sentence, below);
        // The line below stays where it is, whether the sentence has one line or two.
        VBox.setVgrow(sentence, Priority.ALWAYS);
        bench.focus().at(Focus.Place.SENTENCE, this::first);
        desk.viewProperty().addListener(o -> refresh());
        Unhurried unhurried = new Unhurried(this::refresh);
        Unhurried soon = Unhurried.soon(this::refresh);
        desk.historyProperty().addListener(o -> (desk.draggingProperty().get() ? unhurried : soon).wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.messageProperty().addListener(o -> below.say(desk.messageProperty().get()));
    }

    private Node first() {
        refresh();
        return isAsking()
                ? sentence.firstAnswer().orElse(null)
                : sentence.slots().stream().findFirst().orElse(null);
    }

    public Words words() {
        return words;
    }

    /** What lays the window anew when the sentence has become longer or shorter. */
    public void onHeight(Runnable act) {
        heightChanged = act;
    }

    /** Asks a question in place of the sentence, until it is answered. */
    public void ask(Question asked) {
        questions.add(asked);
        refresh();
        Platform.runLater(() -> sentence.firstAnswer().ifPresent(Node::requestFocus));
    }

    public boolean isAsking() {
        return !questions.isEmpty();
    }

    private Stage stage() {
        return stages.stream()
                .filter(s -> s.id().equals(desk.view().stage()))
                .findFirst()
                .orElseThrow();
    }

    private void refresh() {
        if (isAsking()) {
            // Laid anew, its answers would lose the keyboard.
            List<Object> question = List.of(questions.peek());
            if (!question.equals(shownFor)) {
                shownFor = question;
                showQuestion(questions.peek());
            }
            return;
        }
        Optional<Subject> subject =
                desk.view().subject().filter(s -> s.in(desk.design()).isPresent());
        List<Phrase> idle = subject.isPresent() ? List.of() : idle();
        List<Object> now = new ArrayList<>();
        now.add(subject);
        now.add(subject.flatMap(s -> s.in(desk.design())));
        now.add(desk.root().names());
        now.add(desk.view().stage());
        now.add(desk.view().chosen());
        now.add(idle.stream().map(Phrase::words).toList());
        now.add(idle.stream()
                .map(p -> p.subject().flatMap(s -> s.in(desk.design())))
                .toList());
        now.add(desk.design().unit());
        if (now.equals(shownFor)) {
            return;
        }
        shownFor = now;
        String focused = sentence.focused();
        sentence.clear();
        subject.ifPresentOrElse(this::show, () -> sentence.phrases(idle));
        below.show(stage().offers(bench));
        heightChanged.run();
        sentence.slots().stream()
                .filter(s -> s.key().equals(focused))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    private void show(Subject subject) {
        String title = subject.in(desk.design()).orElseThrow().schema().title();
        if (subject instanceof Subject.OfFigure figure) {
            desk.root()
                    .figure(figure.figure())
                    .filter(f -> !f.name().equals(title))
                    .ifPresent(f -> sentence.words(f.name() + ": "));
        }
        sentence.about(subject);
        new Chosen(desk).was().ifPresent(was -> {
            sentence.words(" ");
            sentence.answer("Back to " + was.schema().title(), () -> new PathActs(desk).back());
        });
    }

    /** What is said while nothing is chosen that has a sentence. */
    private List<Phrase> idle() {
        Chosen chosen = new Chosen(desk);
        int count = chosen.ids().size();
        if (desk.root().members().isEmpty()) {
            String noun = bench.nouns().noun().schema().word();
            return List.of(
                    Phrase.of("Nothing is set out yet. Drag from the centre outward, or begin with a "),
                    Phrase.answer(noun, () -> new FigureActs(bench).add(noun)),
                    Phrase.of(". "),
                    Phrase.about(Subject.OfDesign.NET),
                    Phrase.of(" "),
                    Phrase.about(Subject.OfDesign.PAGE));
        }
        if (count > 1) {
            Box box = Arranging.box(desk.design(), desk.root().id(), chosen.ids());
            Unit unit = desk.design().unit();
            return List.of(Phrase.of(chosen.words() + "; " + Numerals.length(box.width(), unit) + " by "
                    + Numerals.length(box.height(), unit) + "."));
        }
        if (count == 1) {
            String name =
                    chosen.members().stream().map(Member::name).findFirst().orElse("It");
            return List.of(Phrase.of(name + " is a group. The word ungroup takes it apart."));
        }
        return stage().idle(bench);
    }

    private void showQuestion(Question asked) {
        sentence.clear();
        sentence.words(asked.words() + " ");
        for (Question.Answer choice : asked.answers()) {
            sentence.answer(choice.word(), () -> {
                questions.poll();
                shownFor = null;
                choice.act().run();
                refresh();
                Platform.runLater(this::keyboardBack);
            });
        }
        below.show(ASKING);
    }

    /** Gives the keyboard to the question that has waited, or else back to the field. */
    private void keyboardBack() {
        if (isAsking()) {
            sentence.firstAnswer().ifPresent(Node::requestFocus);
        } else {
            bench.focus().go(Focus.Place.FIELD);
        }
    }

    /** Opens the first number of the sentence with a character already typed, which is meant for what the last edit brought. */
    public boolean beginNumber(String character) {
        refresh();
        Optional<Slot> first = sentence.slots().stream().filter(Slot::isNumber).findFirst();
        first.ifPresent(s -> s.openFromField(character));
        return first.isPresent();
    }

    /** Begins a word with a letter already typed. */
    public void beginWord(String letter) {
        if (isAsking()) {
            // A question keeps the keyboard, lest words meant for what comes after it are done to what is there now.
            desk.warn("The question comes first: Tab and Enter answer it.");
            keyboardBack();
            return;
        }
        refresh();
        below.beginWord(letter);
    }
}
