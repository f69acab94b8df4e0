package org.hyphantes.desktop.desk;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.hyphantes.figure.Ended;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;

/** What the dividers lay, and what a new figure of each kind starts with: the settings of the last one. */
public final class Nouns {
    /** The area of a closed line that is still a figure, as a share of its length squared; a circle has 0.08. */
    private static final double LEAST_AREA = 1e-4;

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
        if (!isSound(given)) {
            return;
        }
        Form form = plain(given);
        Form starting = form instanceof Seated seated ? seated.seated(Point.ORIGIN, 0) : form;
        if (form instanceof Seated || form instanceof Ended) {
            styles.put(form.schema().word(), starting);
            remembering.accept(starting);
        }
    }

    /** Whether its closed lines hold an area: a figure that has shrunk to a line is none to go on from. */
    private static boolean isSound(Form form) {
        if (!(form instanceof Seated seated)) {
            return true;
        }
        try {
            return seated.upright().stream()
                    .filter(Path::closed)
                    .allMatch(p -> Math.abs(p.signedArea()) > LEAST_AREA * p.length() * p.length());
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            return false;
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
