package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * One thing that can be set on a value of type T: its key in files and on the command line, the words for it, its kind, and
 * how it is read from and put into T. Numbers are {@link Amount}s, all else is text.
 */
public final class Setting<T> {
    private final String key;
    private final Kind kind;
    private final Function<T, Object> get;
    private final BiFunction<T, Object, T> put;

    private Setting(String key, Kind kind, Function<T, Object> get, BiFunction<T, Object, T> put) {
        this.key = key;
        this.kind = kind;
        this.get = get;
        this.put = put;
    }

    /**
     * A component of a record that is named as its key: an {@link Amount} or a text of the given kind. What the record's
     * constructor refuses with an {@link IllegalArgumentException} cannot be set, and its message is shown.
     */
    public static <T extends Record> Setting<T> of(Class<T> type, String key, Kind kind) {
        Component<T> component = Component.of(type, key);
        return new Setting<>(key, kind, component::get, component::with);
    }

    /** A component of a record that is named as its key: a choice among the constants of its enum. */
    public static <T extends Record> Setting<T> of(Class<T> type, String key) {
        Component<T> component = Component.of(type, key);
        Object[] constants = component.type().getEnumConstants();
        List<String> words =
                Arrays.stream(constants).map(c -> Entry.word((Enum<?>) c)).toList();
        return new Setting<>(
                key,
                new Kind.Choice(words),
                t -> Entry.word((Enum<?>) component.get(t)),
                (t, v) -> component.with(t, constants[words.indexOf(v)]));
    }

    public String key() {
        return key;
    }

    public Kind kind() {
        return kind;
    }

    /** The present value: an {@link Amount} or a text. */
    public Object value(T of) {
        return get.apply(of);
    }

    T put(T of, Object value) {
        return put.apply(of, value);
    }

    /** The present value as it stands in a sentence. */
    public String shown(T of, Scope scope) {
        Object value = value(of);
        Unit unit = scope.unit();
        if (kind instanceof Kind.Figure figure) {
            return named((String) value, figure, scope);
        }
        if (kind instanceof Kind.Text free) {
            return free.told().apply((String) value);
        }
        if (!(value instanceof Amount amount)) {
            return kind instanceof Kind.Steps
                    ? StepList.typed((String) value, unit) + " " + unit.symbol()
                    : (String) value;
        }
        if (kind instanceof Kind.Length) {
            return Numerals.length(amount.value(), unit);
        }
        return kind instanceof Kind.Degrees ? Numerals.degrees(amount.value()) : Numerals.shown(amount.value(), 3);
    }

    /** The name of a figure held by its id. */
    private static String named(String id, Kind.Figure figure, Scope scope) {
        if (id.equals(figure.otherwise())) {
            return id;
        }
        return (figure.many() ? FigureList.ids(id) : List.of(id))
                .stream()
                        .map(one -> scope.names().getOrDefault(one, "a figure that is gone"))
                        .collect(Collectors.joining(", "));
    }

    /** The present value as it is typed: its expression, or the number in the scope's unit. */
    public String typed(T of, Scope scope) {
        Object value = value(of);
        Unit unit = scope.unit();
        if (kind instanceof Kind.Figure figure) {
            return named((String) value, figure, scope);
        }
        if (!(value instanceof Amount amount)) {
            return kind instanceof Kind.Steps ? StepList.typed((String) value, unit) : (String) value;
        }
        if (amount.isExpression()) {
            return Expression.typed(amount, unit);
        }
        double scale = kind instanceof Kind.Length ? unit.millimetres() : 1;
        return Numerals.shown(amount.value() / scale, 9);
    }

    /**
     * T with this setting read from what was typed. A number beyond its limits is kept at the limit and the reading says so.
     *
     * @throws CannotRead if the text is no value of this kind
     */
    public Reading<T> read(T of, String text, Scope scope) throws CannotRead {
        if (kind instanceof Kind.Choice choice) {
            String wanted = text.strip().toLowerCase(Locale.ROOT);
            List<String> found =
                    choice.words().stream().filter(w -> w.startsWith(wanted)).toList();
            if (wanted.isEmpty() || found.isEmpty()) {
                throw new CannotRead(Quoted.of(text) + " is none of " + String.join(", ", choice.words()) + ".");
            }
            return new Reading<>(put.apply(of, choice.words().contains(wanted) ? wanted : found.get(0)), "");
        }
        if (kind instanceof Kind.Steps steps) {
            return new Reading<>(put.apply(of, StepList.stored(text, scope, steps.least(), steps.most())), "");
        }
        if (kind instanceof Kind.Figure figure) {
            return new Reading<>(put.apply(of, figure(text.strip(), figure, scope)), "");
        }
        if (kind.isReference() || kind instanceof Kind.Text) {
            return text(of, text.strip());
        }
        double was = ((Amount) value(of)).value();
        Amount amount =
                kind instanceof Kind.Length ? Expression.length(text, scope, was) : Expression.amount(text, scope, was);
        return limited(of, amount, scope);
    }

    private static String figure(String text, Kind.Figure figure, Scope scope) throws CannotRead {
        if (text.equalsIgnoreCase(figure.otherwise())) {
            return figure.otherwise();
        }
        if (figure.many() && scope.figure(text).isEmpty()) {
            List<String> ids = new ArrayList<>();
            for (String name : text.split(",", -1)) {
                ids.add(one(name.strip(), figure, scope));
            }
            return FigureList.of(ids);
        }
        return one(text, figure, scope);
    }

    private static String one(String text, Kind.Figure figure, Scope scope) throws CannotRead {
        return scope.figure(text)
                .orElseThrow(() -> new CannotRead("There is no figure " + Quoted.of(text) + " here; it can be "
                        + figure.otherwise()
                        + (scope.names().isEmpty()
                                ? "."
                                : ", " + String.join(", ", scope.names().values()) + ".")));
    }

    private Reading<T> text(T of, String text) throws CannotRead {
        String wanted = kind instanceof Kind.Text free
                ? free.what()
                : kind instanceof Kind.Strand ? "a strand by its letter" : "a typeface";
        if (text.isEmpty()) {
            throw new CannotRead("Give " + wanted + ".");
        }
        int most = kind instanceof Kind.Text free ? free.most() : Limits.NAME;
        if (text.length() > most) {
            throw new CannotRead("This is too long with " + text.length() + " characters: up to " + most + ".");
        }
        if (Quoted.isUnsound(text)) {
            throw new CannotRead(Quoted.of(text) + " has a character that cannot be shown; take it out.");
        }
        try {
            return new Reading<>(put.apply(of, text), "");
        } catch (IllegalArgumentException e) {
            throw new CannotRead(e.getMessage());
        }
    }

    private Reading<T> limited(T of, Amount amount, Scope scope) {
        Unit unit = scope.unit();
        double least;
        double most;
        double value = amount.value();
        if (kind instanceof Kind.Count count) {
            least = count.least();
            most = count.most();
            value = Math.rint(value);
        } else if (kind instanceof Kind.Length length) {
            least = length.least();
            most = length.most();
        } else if (kind instanceof Kind.Degrees degrees) {
            least = degrees.least();
            most = degrees.most();
        } else {
            least = ((Kind.Number) kind).least();
            most = ((Kind.Number) kind).most();
        }
        double kept = Math.max(least, Math.min(most, value));
        Amount result = kept == amount.value() ? amount : Amount.of(kept);
        T with = put.apply(of, result);
        if (kept == value) {
            return new Reading<>(with, "");
        }
        String limit = kept == least ? limit(least, unit) + " or more" : limit(most, unit) + " or less";
        return new Reading<>(with, "\"" + key + "\" must be " + limit + "; kept at " + shown(with, scope) + ".");
    }

    /** A limit in all its digits: 0.001 mm is not "0 mm". */
    private String limit(double value, Unit unit) {
        if (kind instanceof Kind.Length) {
            return Numerals.shown(value / unit.millimetres(), 9) + " " + unit.symbol();
        }
        return kind instanceof Kind.Degrees ? Numerals.degrees(value) : Numerals.shown(value, 9);
    }

    /** T with the number's expression worked out again, for when a measure has changed; unchanged if it no longer reads. */
    T renewed(T of, Scope scope) {
        if (!(value(of) instanceof Amount amount) || !amount.isExpression()) {
            return of;
        }
        try {
            return read(of, amount.expression(), scope.kept()).value();
        } catch (CannotRead e) {
            return of;
        }
    }

    /** T with the number itself in place of an expression that has another value in a scope, or none. */
    T settled(T of, Scope scope) {
        if (!(value(of) instanceof Amount amount) || !amount.isExpression()) {
            return of;
        }
        boolean same;
        try {
            same = value(read(of, amount.expression(), scope.kept()).value()).equals(amount);
        } catch (CannotRead e) {
            same = false;
        }
        return same ? of : put.apply(of, Amount.of(amount.value()));
    }
}
