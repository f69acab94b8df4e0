package org.hyphantes.desktop.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.act.Measures;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.act.Taking;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Reading;
import org.hyphantes.setting.Schema;
import org.hyphantes.treatment.Treatment;

/** The words that can be typed: figures and treatments with a first number, stages and what is done in them, and measures. */
public final class Words {
    /** Before the word of a treatment: a further step of it, where there is one already. */
    private static final String ANOTHER = "another";

    private final Bench bench;
    private final Desk desk;
    private final List<Stage> stages;
    private Predicate<String> field = text -> false;

    public Words(Bench bench, List<Stage> stages) {
        this.bench = bench;
        this.desk = bench.desk();
        this.stages = List.copyOf(stages);
    }

    /** What takes text that has a meaning only in the field, such as a fraction along the side under the pointer. */
    public void onTyped(Predicate<String> act) {
        field = act;
    }

    /** The words that begin with what has been typed, at most six. */
    public List<String> completions(String typed) {
        String begun = typed.strip().toLowerCase(Locale.ROOT).split("[ =]", 2)[0];
        return all().stream().filter(w -> w.startsWith(begun)).limit(6).toList();
    }

    /** What would be done to how many, told before it is done; empty where that is no count. */
    public String told(String typed) {
        String[] parts = typed.strip().split("\\s+", 2);
        String word = parts[0].toLowerCase(Locale.ROOT);
        String rest = parts.length > 1 ? parts[1].strip() : "";
        return stages.stream()
                .filter(s -> s.id().equals(desk.view().stage()) && s.means(word, rest))
                .findFirst()
                .map(s -> s.told(bench, word, rest))
                .orElse("");
    }

    private List<String> all() {
        List<String> words = new ArrayList<>();
        Form.EACH.forEach(f -> words.add(f.schema().word()));
        Treatment.each().forEach(t -> words.add(t.schema().word()));
        stages.forEach(s -> words.add(s.title().toLowerCase(Locale.ROOT)));
        words.add(ANOTHER);
        words.add("undo");
        words.add("redo");
        words.addAll(FigureWords.ALL);
        words.addAll(DesignWords.ALL);
        words.addAll(WellWords.ALL);
        stages.forEach(s -> words.addAll(s.words()));
        return words.stream().distinct().toList();
    }

    /** Does what was typed. */
    public boolean run(String text) {
        String typed = text.strip();
        int equals = typed.indexOf('=');
        if (equals > 0) {
            return Measures.set(desk, typed.substring(0, equals).strip(), typed.substring(equals + 1));
        }
        if (field.test(typed)) {
            return true;
        }
        if (typed.matches("[\\d.]+")) {
            desk.warn(
                    "Select a figure first; a number typed then is its first. 1/3 is a point on the side under the pointer.");
            return false;
        }
        String lower = typed.toLowerCase(Locale.ROOT);
        for (Stage stage : stages) {
            if (stage.title().toLowerCase(Locale.ROOT).startsWith(lower) && lower.length() > 1) {
                desk.open(stage.id());
                return true;
            }
        }
        String word = lower.split(" ", 2)[0];
        String rest =
                typed.contains(" ") ? typed.substring(typed.indexOf(' ') + 1).strip() : "";
        List<String> found = completions(word);
        if (found.isEmpty() || word.isEmpty()) {
            desk.warn("\"" + typed
                    + "\" is no word here. The first letter typed shows the words there are; a measure is set like"
                    + " seat = 62.");
            return false;
        }
        return act(all().contains(word) ? word : found.get(0), rest);
    }

    private boolean act(String word, String rest) {
        if (word.equals(ANOTHER)) {
            return another(rest);
        }
        if (word.equals("undo")) {
            desk.undo();
            return true;
        }
        if (word.equals("redo")) {
            desk.redo();
            return true;
        }
        // The stage that is open means its words its own way.
        for (Stage stage : stages) {
            if (stage.id().equals(desk.view().stage()) && stage.means(word, rest)) {
                return stage.run(bench, word, rest);
            }
        }
        if (FigureWords.ALL.contains(word)) {
            return new FigureWords(bench).run(word, rest);
        }
        if (DesignWords.ALL.contains(word)) {
            return new DesignWords(desk).run(word, rest);
        }
        if (WellWords.ALL.contains(word)) {
            return new WellWords(desk).run(word, rest);
        }
        for (Stage stage : stages) {
            if (stage.words().contains(word)) {
                return stage.run(bench, word, rest);
            }
        }
        for (Form form : Form.EACH) {
            if (form.schema().word().equals(word)) {
                return figure(form, rest);
            }
        }
        for (Treatment treatment : Treatment.each()) {
            if (treatment.schema().word().equals(word)) {
                return treatment(treatment, rest);
            }
        }
        return false;
    }

    private boolean another(String what) {
        String[] parts = what.split("\\s+", 2);
        for (Treatment treatment : Treatment.each()) {
            if (treatment.schema().word().equals(parts[0].toLowerCase(Locale.ROOT))) {
                return readable(
                        treatment,
                        parts.length > 1 ? parts[1] : "",
                        with -> new RecipeActs(desk).add((Treatment) with));
            }
        }
        desk.warn("Say of which treatment there is to be another step: another colouring, another turn 3.");
        return false;
    }

    /** Adds a figure, and makes the sentence about it; a number that cannot be read adds nothing. */
    public boolean figure(Form form, String number) {
        String word = form.schema().word();
        Form starting = bench.nouns().starting(word);
        return readable(starting, number, with -> {
            if (number.isEmpty()) {
                new FigureActs(bench).add(word);
            } else if (!bench.nouns().becomes(word)) {
                new FigureActs(bench).add((Form) with);
                bench.nouns().startLike((Form) with);
            } else {
                desk.set(desk.view().subject().orElseThrow(), firstNumber(form), number, false);
            }
        });
    }

    /** Sets the first number of the step of this kind, or adds one. */
    private boolean treatment(Treatment treatment, String number) {
        Optional<Step> there = new Taking(desk).there(treatment);
        if (there.isEmpty()) {
            return readable(treatment, number, with -> new RecipeActs(desk).add((Treatment) with));
        }
        Subject step = new Subject.OfStep(desk.root().id(), there.get().id());
        boolean set = number.isEmpty() || desk.set(step, slot(treatment, number), number, false);
        desk.look(desk.view().about(step));
        return set;
    }

    /** Hands a thing on with its first number as typed, if that can be read; what cannot is said, and nothing is done. */
    private boolean readable(Described thing, String number, Consumer<Described> act) {
        try {
            if (number.isEmpty()) {
                act.accept(thing);
                return true;
            }
            String key = slot(thing, number);
            Reading<?> reading = thing.schema().read(thing, key, number, desk.scope());
            if (thing instanceof Seated seated && thing.schema().isLength(key)) {
                reading = thing.schema().read(inProportion(seated, key, reading.value()), key, number, desk.scope());
            }
            act.accept((Described) reading.value());
            if (!reading.note().isEmpty()) {
                desk.warn(reading.note());
            }
            return true;
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
            return false;
        }
    }

    /** A figure made as large as another of its kind in its first length, with its other lengths in proportion. */
    private static Form inProportion(Seated figure, String key, Object other) {
        double now = ((Amount) figure.schema().value(figure, key)).value();
        double wanted = ((Amount) figure.schema().value(other, key)).value();
        return now > 0 && wanted > 0 ? figure.carried(Affine.scale(wanted / now, Point.ORIGIN)) : figure;
    }

    /** The setting that words typed behind a word choose, such as {@code colouring stipple} or {@code plait open}; else the first number. */
    private static String slot(Described thing, String typed) {
        Schema<?> schema = thing.schema();
        return schema.keys().stream()
                .filter(k -> !takesText(thing) && isChoice(schema, k, typed.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseGet(() -> firstNumber(thing));
    }

    /** Whether what is typed behind its word may be any text, such as an inscription. */
    private static boolean takesText(Described thing) {
        try {
            return !(thing instanceof Treatment) && thing.schema().kind(firstNumber(thing)) instanceof Kind.Text;
        } catch (CannotRead e) {
            throw new IllegalStateException("a schema has all of its keys", e);
        }
    }

    private static boolean isChoice(Schema<?> schema, String key, String word) {
        try {
            return schema.kind(key) instanceof Kind.Choice choice
                    && choice.words().contains(word);
        } catch (CannotRead e) {
            throw new IllegalStateException("a schema has all of its keys", e);
        }
    }

    /** The first setting that a number or words typed behind the word can mean: not a choice, and no name of another thing. */
    private static String firstNumber(Described thing) {
        return thing.schema().keys().stream()
                .filter(thing.schema()::isTyped)
                .findFirst()
                .orElse(thing.schema().keys().get(0));
    }
}
