package org.hyphantes.desktop.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.Duration;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Message;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.gauge.Gauge;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** The sentence about what is chosen, with its slots; under it what can be done here, and what the last act came to. */
public final class Wording extends VBox {
    private final Desk desk;
    private final Words words;
    private final FlowPane sentence = new FlowPane();
    private final HBox below = new HBox(16);
    private final HBox offers = new HBox(3);
    private final Label message = new Label();
    private final TextField word = new TextField();
    private final Label completions = new Label();
    private final PauseTransition warned = new PauseTransition(Duration.seconds(8));
    private Optional<Question> question = Optional.empty();
    private Object shownFor;
    private Runnable heightChanged = () -> {};

    public Wording(Desk desk) {
        this.desk = desk;
        this.words = new Words(desk);
        setId("wording");
        getStyleClass().add("wording");
        sentence.getStyleClass().add("sentence");
        sentence.setRowValignment(VPos.CENTER);
        sentence.setAlignment(Pos.CENTER_LEFT);
        below.setAlignment(Pos.CENTER_LEFT);
        below.getStyleClass().add("below");
        offers.setAlignment(Pos.CENTER_LEFT);
        message.setId("message");
        message.setMinWidth(120);
        word.setId("word");
        word.getStyleClass().add("slot-typed");
        word.setPromptText("a word, such as turn 12");
        completions.getStyleClass().add("second");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        below.getChildren().addAll(offers, gap, message);
        getChildren().addAll(sentence, below);
        listen();
    }

    private void listen() {
        warned.setOnFinished(e -> offersShown(true));
        desk.viewProperty().addListener(o -> refresh());
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.messageProperty().addListener(o -> say(desk.messageProperty().get()));
        word.textProperty()
                .addListener(o -> completions.setText(String.join("   ", words.completions(word.getText()))));
        word.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                endWord();
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER) {
                String text = word.getText();
                endWord();
                words.run(text);
                e.consume();
            }
        });
    }

    public Words words() {
        return words;
    }

    /** What lays the window anew when the sentence has become longer or shorter. */
    public void onHeight(Runnable act) {
        heightChanged = act;
    }

    private void say(Message said) {
        message.setText(said.words());
        message.getStyleClass().setAll("label", said.warning() ? "warning" : "message");
        // A warning has the line to itself for a while, so that it can be read whole.
        offersShown(!said.warning());
        warned.playFromStart();
    }

    private void offersShown(boolean shown) {
        offers.setVisible(shown);
        offers.setManaged(shown);
    }

    /** Asks a question in place of the sentence, until it is answered. */
    public void ask(Question asked) {
        question = Optional.of(asked);
        shownFor = null;
        refresh();
        Platform.runLater(() -> sentence.getChildren().stream()
                .filter(Hyperlink.class::isInstance)
                .findFirst()
                .ifPresent(Node::requestFocus));
    }

    public boolean isAsking() {
        return question.isPresent();
    }

    private void refresh() {
        if (question.isPresent()) {
            showQuestion(question.get());
            return;
        }
        List<Object> now = new ArrayList<>();
        now.add(desk.view().subject());
        now.add(desk.view().subject().flatMap(s -> s.in(desk.design())));
        now.add(desk.view().stage());
        now.add(desk.root().members().size());
        now.add(desk.view().chosen());
        now.add(desk.view().chosen().isEmpty() ? desk.design().net() : "");
        now.add(desk.view().subject().isEmpty() ? unwoven() : "");
        now.add(desk.design().unit());
        if (now.equals(shownFor)) {
            return;
        }
        shownFor = now;
        String focused = sentence.getChildren().stream()
                .filter(n -> n instanceof Slot && n.isFocusWithin())
                .map(n -> ((Slot) n).key())
                .findFirst()
                .orElse("");
        Optional<Subject> subject =
                desk.view().subject().filter(s -> s.in(desk.design()).isPresent());
        if (subject.isPresent()) {
            showSubject(subject.get());
        } else {
            showIdle();
        }
        showOffers();
        heightChanged.run();
        slots().stream().filter(s -> s.key().equals(focused)).findFirst().ifPresent(Node::requestFocus);
    }

    private List<Slot> slots() {
        return sentence.getChildren().stream()
                .filter(Slot.class::isInstance)
                .map(Slot.class::cast)
                .toList();
    }

    private void showSubject(Subject subject) {
        Described thing = subject.in(desk.design()).orElseThrow();
        Schema<?> schema = thing.schema();
        sentence.getChildren().clear();
        if (subject instanceof Subject.OfFigure figure) {
            desk.root()
                    .figure(figure.figure())
                    .filter(f -> !f.name().equals(schema.title()))
                    .ifPresent(f -> text(f.name() + ": "));
        }
        addSentence(subject);
        desk.selection().was().ifPresent(was -> {
            text(" ");
            answer("Back to " + was.schema().title(), () -> desk.selection().back());
        });
    }

    private Slot slot(Subject subject, Schema<?> schema, Schema.Part part) {
        try {
            Kind kind = schema.kind(part.key());
            return new Slot(desk, subject, part.key(), kind, part.words(), words(kind, part.key()));
        } catch (CannotRead e) {
            throw new IllegalStateException("the sentence has a slot that the schema has not", e);
        }
    }

    private List<String> words(Kind kind, String key) {
        if (kind instanceof Kind.Choice choice) {
            return choice.words();
        }
        if (!(kind instanceof Kind.Reference)) {
            return List.of();
        }
        List<String> found = new ArrayList<>();
        if (key.equals("strand")) {
            if (desk.resolved() != null) {
                for (Laying laying : desk.resolved().finished().work().weaves()) {
                    laying.weave().strands().stream()
                            .map(Strand::name)
                            .limit(26)
                            .forEach(found::add);
                }
            }
            if (found.isEmpty()) {
                found.add("A");
            }
        } else if (key.equals("typeface")) {
            found.addAll(Typesetter.installed().typefaces());
        } else {
            found.add(((Kind.Reference) kind).to().replace(" or a figure", ""));
            desk.root().members().stream()
                    .filter(Figure.class::isInstance)
                    .map(Member::name)
                    .forEach(found::add);
        }
        return found;
    }

    /** Words of the sentence, broken so that the line can wrap between them. */
    private void text(String words) {
        for (String piece : words.split("(?<= )")) {
            if (!piece.isEmpty()) {
                Text text = new Text(piece);
                text.getStyleClass().add("words");
                sentence.getChildren().add(text);
            }
        }
    }

    private void showIdle() {
        sentence.getChildren().clear();
        boolean woven = desk.root().last(Interlace.class).isPresent();
        if (desk.root().members().isEmpty()) {
            text("Nothing is set out yet. Drag from the centre outward, or begin with a ");
            answer(desk.noun().schema().word(), () -> words.figure(desk.noun(), ""));
            text(". ");
            addSentence(Subject.OfDesign.NET);
            text(" ");
            addSentence(Subject.OfDesign.PAGE);
        } else if (desk.view().stage() == Stage.WEAVE && !woven && desk.resolved() != null) {
            text(unwoven());
            answer("Interlace them?", this::interlace);
        } else {
            showSelection();
        }
    }

    /** What is selected, or that nothing is, with the net and the page to set out on. */
    private void showSelection() {
        int count = desk.view().chosen().size();
        if (count > 1) {
            text(desk.selection().words() + "; " + size() + ".");
        } else if (count == 1) {
            text(desk.selection().members().stream()
                            .map(Member::name)
                            .findFirst()
                            .orElse("It") + " is a group. The word ungroup takes it apart.");
        } else if (desk.view().stage() == Stage.SET_OUT) {
            text("Nothing selected. Drag from a known point. ");
            addSentence(Subject.OfDesign.NET);
            text(" ");
            addSentence(Subject.OfDesign.PAGE);
        } else {
            text("Nothing selected. Click a figure or a step, or type a word.");
        }
    }

    /** How large the box round what is selected is. */
    private String size() {
        Box box = Arranging.box(desk.design(), desk.root().id(), desk.view().chosen());
        Unit unit = desk.design().unit();
        return Numerals.length(box.width(), unit) + " by " + Numerals.length(box.height(), unit);
    }

    private void addSentence(Subject subject) {
        Described thing = subject.in(desk.design()).orElseThrow();
        for (Schema.Part part : thing.schema().sentence(thing, desk.design().unit())) {
            if (part.isSlot()) {
                sentence.getChildren().add(slot(subject, thing.schema(), part));
            } else {
                text(part.words());
            }
        }
    }

    /** What the design is while nothing of it is woven. */
    private String unwoven() {
        if (desk.resolved() == null) {
            return "";
        }
        int lines = desk.resolved().finished().work().lines().size();
        String crossings = desk.resolved().inspection().reading(Gauge.CROSSINGS).text();
        return (lines == 1 ? "1 line: " : lines + " lines: ") + crossings + ". ";
    }

    private void interlace() {
        desk.look(desk.view().withShuttle(desk.root().recipe().size()));
        if (desk.root().last(Band.class).isEmpty()) {
            desk.addStep(Band.STARTING);
        }
        desk.addStep(Interlace.STARTING);
    }

    private void answer(String word, Runnable act) {
        Hyperlink link = new Hyperlink(word);
        link.getStyleClass().add("answer");
        link.setId("answer-" + word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
        link.setOnAction(e -> act.run());
        sentence.getChildren().add(link);
    }

    private void showQuestion(Question asked) {
        sentence.getChildren().clear();
        text(asked.words() + " ");
        for (Question.Answer choice : asked.answers()) {
            answer(choice.word(), () -> {
                question = Optional.empty();
                shownFor = null;
                choice.act().run();
                refresh();
            });
        }
        offersShown(true);
        offers.getChildren().setAll(second("Tab goes from answer to answer, Enter takes one"));
    }

    private void showOffers() {
        offersShown(true);
        offers.getChildren().clear();
        if (desk.view().stage() == Stage.SET_OUT) {
            for (Form form : Form.EACH) {
                Hyperlink offer = new Hyperlink(form.schema().word());
                offer.setId("offer-" + form.schema().word());
                offer.getStyleClass().add("offer");
                offer.setMinWidth(Region.USE_PREF_SIZE);
                offer.setOnAction(e -> words.figure(form, ""));
                offers.getChildren().add(offer);
            }
            Label hint = second(hint());
            hint.setPadding(new Insets(0, 0, 0, 10));
            offers.getChildren().add(hint);
        } else {
            offers.getChildren()
                    .addAll(
                            act("click", "swap"),
                            act("drag along a strand", "lay it"),
                            act("stroke from the ground", "break, rejoin"),
                            act("Alt+click", "release"),
                            act("letter", "lift"),
                            act("Space, Insert", "swap, break at the needle"));
        }
    }

    /** What the hand and the keys do here, in one line. */
    private String hint() {
        boolean path = desk.view()
                .subject()
                .flatMap(s -> s.in(desk.design()))
                .filter(Drawn.class::isInstance)
                .isPresent();
        if (path) {
            return "drag a point or a side \u00b7 double-click adds a point \u00b7 Space corner or smooth";
        }
        return desk.view().chosen().isEmpty()
                ? "drag lays it \u00b7 Enter, arrows, Enter too \u00b7 letters begin a word"
                : "drag or arrows move it \u00b7 Shift takes in more \u00b7 Esc lets go";
    }

    private static HBox act(String what, String does) {
        Label key = new Label(what);
        key.getStyleClass().add("act");
        HBox act = new HBox(6, key, second(does));
        act.setPadding(new Insets(0, 12, 0, 0));
        return act;
    }

    private static Label second(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("second");
        return label;
    }

    /** Opens the first number of the sentence with a character already typed. */
    public boolean beginNumber(String character) {
        Optional<Slot> first = slots().stream().filter(Slot::isNumber).findFirst();
        first.ifPresent(s -> s.openFromField(character));
        return first.isPresent();
    }

    /** Begins a word with a letter already typed. */
    public void beginWord(String letter) {
        offersShown(true);
        offers.getChildren().setAll(word, completions);
        ready(offers);
        word.setText(letter);
        word.requestFocus();
        word.end();
    }

    /** Has a field just laid in take keys at once, and not only after the next pulse. */
    static void ready(Parent parent) {
        parent.applyCss();
        parent.layout();
    }

    private void endWord() {
        showOffers();
        getScene().lookup("#field").requestFocus();
    }

    /** Puts the keyboard into the sentence. */
    public void enter() {
        slots().stream().findFirst().ifPresent(Node::requestFocus);
    }
}
