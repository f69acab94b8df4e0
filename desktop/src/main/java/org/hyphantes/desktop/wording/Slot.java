package org.hyphantes.desktop.wording;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.Parent;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.Measures;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.FigureList;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Scope;

/**
 * A setting in a sentence: words on a wash until it is opened, then a field to type in. Up and Down step it, dragging
 * scrubs it, Enter opens and keeps, Escape restores; letters typed while it is closed begin a word. A choice opens a short menu instead.
 */
final class Slot extends VBox {
    private static final double SCRUB = 4;
    private static final int MOST_SHOWN = 44;
    private static final int MOST_COLUMNS = 60;

    private final Desk desk;
    private final Focus focus;
    private final Subject subject;
    private final String key;
    private final Kind kind;
    private final Label shown = new Label();
    private final TextField typed = new TextField();
    private final Label result = new Label();
    private final List<String> words;
    private double pressedAt;
    private double scrubbed;
    private boolean scrubbing;
    private boolean fromField;

    /** @param words what a choice or a reference can be; empty for a number */
    Slot(Bench bench, Subject subject, String key, Kind kind, String value, List<String> words) {
        this.desk = bench.desk();
        this.focus = bench.focus();
        this.subject = subject;
        this.key = key;
        this.kind = kind;
        this.words = words;
        setId("slot-" + key);
        getStyleClass().add("slot");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT_FIELD);
        setAccessibleText(key + ", " + value);
        shown.setText((expression().isPresent() ? "= " : "") + shortened(value));
        shown.getStyleClass().add("slot-value");
        typed.getStyleClass().add("slot-typed");
        typed.setId("typed-" + key);
        result.getStyleClass().add("slot-result");
        getChildren().add(shown);
        SlotNote.on(this, desk, subject, key, kind);
        listen();
    }

    private void listen() {
        setOnMousePressed(e -> {
            requestFocus();
            pressedAt = e.getX();
            scrubbed = 0;
            scrubbing = false;
            e.consume();
        });
        setOnMouseDragged(this::scrub);
        setOnMouseReleased(e -> {
            if (scrubbing) {
                desk.dropped();
            } else if (words.isEmpty()) {
                open("");
            } else {
                menu();
            }
            scrubbing = false;
            e.consume();
        });
        setOnKeyPressed(this::key);
        setOnKeyTyped(e -> {
            if (words.isEmpty() && !isOpen() && isBeginning(e.getCharacter())) {
                open(e.getCharacter());
                e.consume();
            }
        });
        typed.textProperty().addListener(o -> preview());
        typed.focusedProperty().addListener((o, was, now) -> {
            if (was && !now && isOpen()) {
                keep();
            }
        });
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::keyInField);
    }

    /** Long texts, such as the course of a path, are shown by their beginning. */
    private static String shortened(String value) {
        return value.length() <= MOST_SHOWN ? value : value.substring(0, MOST_SHOWN - 1) + "\u2026";
    }

    private static boolean isBeginning(String character) {
        return !character.isEmpty() && (Character.isDigit(character.charAt(0)) || "(=-.".contains(character));
    }

    String key() {
        return key;
    }

    boolean isNumber() {
        return words.isEmpty() && !(kind instanceof Kind.Text);
    }

    private boolean isOpen() {
        return getChildren().contains(typed);
    }

    private Scope scope() {
        return desk.design().scope(subject.group());
    }

    /** Has a field just laid in take keys at once, and not only after the next pulse. */
    static void ready(Parent parent) {
        parent.applyCss();
        parent.layout();
    }

    private Optional<Described> thing() {
        return subject.in(desk.design());
    }

    private Optional<Amount> amount() {
        return thing().map(t -> t.schema().value(t, key))
                .filter(Amount.class::isInstance)
                .map(Amount.class::cast);
    }

    private Optional<String> expression() {
        return amount().filter(Amount::isExpression).map(Amount::expression);
    }

    /** Opens the slot for typing, with what it holds chosen whole, or with the first character already typed. */
    void open(String first) {
        getChildren().setAll(typed, result);
        ready(this);
        thing().ifPresent(t ->
                typed.setText(first.isEmpty() ? t.schema().typed(t, key, scope()) : first.replace("=", "")));
        typed.setPrefColumnCount(
                Math.max(5, Math.min(MOST_COLUMNS, typed.getText().length() + 2)));
        typed.requestFocus();
        if (first.isEmpty()) {
            typed.selectAll();
        } else {
            typed.end();
        }
    }

    /** The same for a number begun in the field, to which the keyboard goes back when it is kept. */
    void openFromField(String first) {
        fromField = true;
        open(first);
    }

    private void preview() {
        typed.setPrefColumnCount(
                Math.max(5, Math.min(MOST_COLUMNS, typed.getText().length() + 1)));
        typed.getStyleClass().remove("slot-wrong");
        try {
            if (kind instanceof Kind.Text || kind instanceof Kind.Steps) {
                result.setText("");
                subject.set(desk.design(), key, typed.getText());
                return;
            }
            Amount read = read(typed.getText());
            result.setText(read.isExpression() ? "= " + words(read.value()) : "");
        } catch (CannotRead e) {
            typed.getStyleClass().add("slot-wrong");
            result.setText(typed.getText().isBlank() ? "" : e.getMessage());
        }
    }

    private Amount read(String text) throws CannotRead {
        double was = amount().map(Amount::value).orElse(0.0);
        return kind instanceof Kind.Length
                ? Expression.length(afterName(text), scope(), was)
                : Expression.amount(afterName(text), scope(), was);
    }

    /** What stands behind {@code name =}; the whole text without that. */
    private static String afterName(String text) {
        return text.substring(text.indexOf('=') + 1);
    }

    private String words(double value) {
        return kind instanceof Kind.Length
                ? Numerals.length(value, desk.design().unit())
                : kind instanceof Kind.Degrees ? Numerals.degrees(value) : Numerals.shown(value, 3);
    }

    private void keep() {
        String text = typed.getText();
        boolean unchanged =
                thing().map(t -> t.schema().typed(t, key, scope()).equals(text)).orElse(true);
        close();
        if (unchanged) {
            return;
        }
        int equals = text.indexOf('=');
        if (equals > 0) {
            Measures.name(desk, subject, key, text.substring(0, equals).strip(), text.substring(equals + 1));
        } else {
            desk.set(subject, key, text, false);
        }
    }

    private void close() {
        getChildren().setAll(shown);
    }

    private void key(KeyEvent event) {
        if (isOpen()) {
            return;
        }
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            if (words.isEmpty()) {
                open("");
            } else {
                menu();
            }
        } else if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
            step(
                    event.getCode() == KeyCode.UP ? 1 : -1,
                    event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1,
                    false);
        } else if (event.getCode() == KeyCode.ESCAPE) {
            focus.go(Focus.Place.FIELD);
        } else {
            return;
        }
        event.consume();
    }

    private void keyInField(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            close();
            requestFocus();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER) {
            event.consume();
            if (fromField) {
                fromField = false;
                focus.go(Focus.Place.FIELD);
            } else {
                // The slot stays in hand, so that Tab goes on from it.
                requestFocus();
            }
            if (isOpen()) {
                keep();
            }
        }
    }

    private void step(int way, double by, boolean inDrag) {
        if (!words.isEmpty()) {
            String now = thing().map(t -> t.schema().typed(t, key, scope())).orElse("");
            int next = Math.floorMod(words.indexOf(now) - way, words.size());
            desk.set(subject, key, words.get(next), inDrag);
            return;
        }
        double size = kind instanceof Kind.Count ? Math.max(1, by) : by;
        double unit = kind instanceof Kind.Length ? desk.design().unit().millimetres() : 1;
        amount().ifPresent(a -> {
            double next = Math.rint((a.value() / unit + way * size) * 1e9) / 1e9;
            desk.set(subject, key, BigDecimal.valueOf(next).toPlainString(), inDrag);
        });
    }

    private void scrub(MouseEvent event) {
        if (isOpen() || !words.isEmpty()) {
            return;
        }
        double steps = Math.rint((event.getX() - pressedAt) / SCRUB);
        if (steps != scrubbed) {
            scrubbing = true;
            double by = event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1;
            int way = steps > scrubbed ? 1 : -1;
            step(way, Math.abs(steps - scrubbed) * by, true);
            scrubbed = steps;
        }
        event.consume();
    }

    /** The figures there are, each of which can be taken or left. */
    private void figures(Kind.Figure figure) {
        ContextMenu menu = new ContextMenu();
        MenuItem all = new MenuItem(figure.otherwise());
        all.setOnAction(e -> desk.set(subject, key, figure.otherwise(), false));
        menu.getItems().add(all);
        String held = thing().map(t -> (String) t.schema().value(t, key)).orElse("");
        List<String> taken = held.equals(figure.otherwise()) ? List.of() : FigureList.ids(held);
        scope().names().forEach((id, name) -> {
            CheckMenuItem item = new CheckMenuItem(name);
            item.setMnemonicParsing(false);
            item.setSelected(taken.contains(id));
            item.setOnAction(e -> {
                List<String> now = new ArrayList<>(taken);
                if (!now.remove(id)) {
                    now.add(id);
                }
                desk.set(subject, key, now.isEmpty() ? figure.otherwise() : FigureList.of(now), false);
            });
            menu.getItems().add(item);
        });
        menu.show(this, Side.TOP, 0, -4);
    }

    private void menu() {
        if (kind instanceof Kind.Figure figure && figure.many()) {
            figures(figure);
            return;
        }
        ContextMenu menu = new ContextMenu();
        for (String word : words) {
            MenuItem item = new MenuItem(word);
            item.setMnemonicParsing(false);
            item.setOnAction(e -> desk.set(subject, key, word, false));
            menu.getItems().add(item);
        }
        menu.show(this, Side.TOP, 0, -4);
    }
}
