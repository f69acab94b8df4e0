package org.hyphantes.desktop.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.figure.Form;
import org.hyphantes.setting.Described;
import org.hyphantes.treatment.Treatment;

/** The words that can be typed: figures and treatments with a first number, pictures, and measures. */
public final class Words {
    private final Desk desk;
    private Consumer<String> fraction = words -> {};
    private Predicate<String> become = word -> false;

    public Words(Desk desk) {
        this.desk = desk;
    }

    /** What makes a known point of a fraction such as 1/3, along the side under the pointer. */
    public void onFraction(Consumer<String> act) {
        fraction = act;
    }

    /** What makes the figure just laid one of another kind; its answer says whether there is one. */
    public void onNoun(Predicate<String> act) {
        become = act;
    }

    /** The words that begin with what has been typed, at most six. */
    public List<String> completions(String typed) {
        String begun = typed.strip().toLowerCase(Locale.ROOT).split("[ =]", 2)[0];
        return all().stream().filter(w -> w.startsWith(begun)).limit(6).toList();
    }

    private static List<String> all() {
        List<String> words = new ArrayList<>();
        Form.EACH.forEach(f -> words.add(f.schema().word()));
        Treatment.each().forEach(t -> words.add(t.schema().word()));
        for (Stage stage : Stage.values()) {
            if (stage.isHere()) {
                words.add(stage.title().toLowerCase(Locale.ROOT));
            }
        }
        words.add("undo");
        words.add("redo");
        words.addAll(FigureWords.ALL);
        words.addAll(WeaveWords.ALL);
        return words;
    }

    /** Does what was typed. */
    public boolean run(String text) {
        String typed = text.strip();
        int equals = typed.indexOf('=');
        if (equals > 0) {
            return Measures.set(desk, typed.substring(0, equals).strip(), typed.substring(equals + 1));
        }
        if (typed.matches("\\d+\\s*/\\s*\\d+")) {
            fraction.accept(typed.replace(" ", ""));
            return true;
        }
        if (typed.matches("[\\d.]+")) {
            desk.warn(
                    "Select a figure first; a number typed then is its first. 1/3 is a point on the side under the pointer.");
            return false;
        }
        String lower = typed.toLowerCase(Locale.ROOT);
        for (Stage stage : Stage.values()) {
            if (stage.isHere() && stage.title().toLowerCase(Locale.ROOT).startsWith(lower) && lower.length() > 1) {
                desk.openStage(stage);
                return true;
            }
        }
        String word = lower.split(" ", 2)[0];
        String number =
                typed.contains(" ") ? typed.substring(typed.indexOf(' ') + 1).strip() : "";
        List<String> found = completions(word);
        if (found.isEmpty() || word.isEmpty()) {
            desk.warn("\"" + typed
                    + "\" is no word here. The first letter typed shows the words there are; a measure is set like"
                    + " seat = 62.");
            return false;
        }
        return act(all().contains(word) ? word : found.get(0), number);
    }

    private boolean act(String word, String number) {
        switch (word) {
            case "undo" -> desk.undo();
            case "redo" -> desk.redo();
            default -> {
                if (FigureWords.ALL.contains(word)) {
                    return new FigureWords(desk).run(word, number);
                }
                if (WeaveWords.ALL.contains(word)) {
                    return new WeaveWords(desk).run(word, number);
                }
                for (Form form : Form.EACH) {
                    if (form.schema().word().equals(word)) {
                        return figure(form, number);
                    }
                }
                for (Treatment treatment : Treatment.each()) {
                    if (treatment.schema().word().equals(word)) {
                        return treatment(treatment, number);
                    }
                }
            }
        }
        return true;
    }

    /** Adds a figure, and makes the sentence about it. */
    public boolean figure(Form form, String number) {
        if (!become.test(form.schema().word())) {
            desk.addFigure(desk.starting(form.schema().word()));
        }
        Subject subject = desk.view().subject().orElseThrow();
        return number.isEmpty() || desk.set(subject, firstNumber(form), number, false);
    }

    /** Sets the first number of the step of this kind, or adds one. */
    private boolean treatment(Treatment treatment, String number) {
        Optional<Integer> at = desk.root().last(treatment.getClass());
        if (at.isEmpty()) {
            desk.addStep(treatment);
        } else {
            desk.look(desk.view().about(new Subject.OfStep(desk.root().id(), at.get())));
        }
        return number.isEmpty() || desk.set(desk.view().subject().orElseThrow(), firstNumber(treatment), number, false);
    }

    /** The first setting that a number or words typed behind the word can mean: not a choice, and no name of another thing. */
    private static String firstNumber(Described thing) {
        return thing.schema().keys().stream()
                .filter(thing.schema()::isTyped)
                .findFirst()
                .orElseThrow();
    }
}
