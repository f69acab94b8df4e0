package org.hyphantes.desktop.desk;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.hyphantes.figure.Ended;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;

/** What the dividers lay, and what a new figure of each kind starts with: the settings of the last one. */
public final class Nouns {
    private final Map<String, Form> styles = new HashMap<>();
    private Consumer<Form> remembering = form -> {};
    private Predicate<String> loose = word -> false;
    private String noun = "circle";

    /** The kind of figure that the dividers lay, with the settings it starts with. */
    public Form noun() {
        return starting(noun);
    }

    public void noun(String word) {
        noun = word;
    }

    /** What makes the figure just laid one of another kind; its answer says whether there is one. */
    public void whileLoose(Predicate<String> become) {
        loose = become;
    }

    /** Makes the figure just laid one of another kind; false when none is loose. */
    public boolean becomes(String word) {
        return loose.test(word);
    }

    /** What a new figure of a kind starts with. */
    public Form starting(String word) {
        return styles.computeIfAbsent(
                word,
                w -> Form.EACH.stream()
                        .filter(f -> f.schema().word().equals(w))
                        .findFirst()
                        .orElseThrow());
    }

    /** Has new figures of a kind start like this one, but in the middle. */
    public void startLike(Form given) {
        Form form = plain(given);
        Form starting = form instanceof Seated seated ? seated.seated(Point.ORIGIN, 0) : form;
        if (form instanceof Seated || form instanceof Ended) {
            styles.put(form.schema().word(), starting);
            remembering.accept(starting);
        }
    }

    /** A form with its numbers alone: another design has other measures. */
    private static Form plain(Form form) {
        Form plain = form;
        for (String key : form.schema().keys()) {
            if (form.schema().value(form, key) instanceof Amount amount && amount.isExpression()) {
                plain = (Form) plain.schema().put(plain, key, Amount.of(amount.value()));
            }
        }
        return plain;
    }

    /** Is told of every style that new figures start with from now on. */
    public void onStarting(Consumer<Form> listener) {
        remembering = listener;
    }
}
