package org.hyphantes.setting;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.hyphantes.geometry.Angle;

/**
 * Reads arithmetic: {@code + - * / ^ ( )}, {@code sqrt sin cos tan} (degrees), {@code pi}, the units {@code mm cm in pt px
 * sq deg turn}, measures by name, and {@code was} for the present value.
 *
 * <p>A number without a unit is in the unit of the slot. A unit after a number multiplies it: {@code 1/8 turn} is an eighth of
 * a turn. A unit before a bracket says what unit the bare numbers in it are in: {@code in(1 + seat)}.
 */
public final class Expression {
    private final String text;
    private final Scope scope;
    private final double was;
    private double bare;
    private int at;
    private int depth;
    private boolean plain = true;
    private boolean relative;

    private Expression(String text, Scope scope, double was, double bare) {
        this.text = text;
        this.scope = scope;
        this.was = was;
        this.bare = bare;
    }

    /** What a name of a measure must be. */
    public static final String NAMING =
            "a measure is named by small letters and digits, and by no word that means something already.";

    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9_]*");
    private static final Set<String> WORDS =
            Set.of("was", "pi", "sqrt", "sin", "cos", "tan", "mm", "cm", "in", "pt", "px", "sq", "deg", "turn");

    /** Whether a text can name a measure: small letters, digits and underscores, and no word that means something already. */
    public static boolean isName(String text) {
        return text.length() <= Limits.NAME && NAME.matcher(text).matches() && !WORDS.contains(text);
    }

    /** The names of measures in an expression, each once. */
    public static Set<String> measures(String text) {
        return NAME.matcher(text)
                .results()
                .map(MatchResult::group)
                .filter(name -> !WORDS.contains(name))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The value of a count or an angle in degrees. */
    public static Amount amount(String text, Scope scope, double was) throws CannotRead {
        return new Expression(text, scope, was, 1).read();
    }

    /** The value of a length in millimetres, bare numbers being in the unit of the scope. */
    public static Amount length(String text, Scope scope, double was) throws CannotRead {
        return new Expression(text, scope, was, scope.unit().millimetres()).read();
    }

    private Amount read() throws CannotRead {
        if (text.isBlank()) {
            throw new CannotRead("Type a number, such as 40 or 360/8.");
        }
        if (kept().length() > Limits.EXPRESSION) {
            throw new CannotRead("This is too long with " + text.length() + " characters: up to " + Limits.EXPRESSION
                    + ". Name a part of it as a measure.");
        }
        double value = sum();
        skip();
        if (at < text.length()) {
            throw new CannotRead(Quoted.of(text.substring(at).strip()) + " is left over after the number.");
        }
        value *= bare;
        if (!Double.isFinite(value)) {
            throw new CannotRead(Quoted.of(text.strip()) + " has no finite value.");
        }
        // What refers to the present value is worked out once: worked out again it would go on changing.
        return plain || relative ? Amount.of(value) : new Amount(value, kept());
    }

    /** The text as it is kept: in a design that is not shown in millimetres, with the unit of its bare numbers round it. */
    private String kept() {
        for (Unit unit : Unit.values()) {
            if (bare == unit.millimetres() && unit != Unit.MM) {
                return unit.symbol() + "(" + text.strip() + ")";
            }
        }
        return text.strip();
    }

    /** An expression as it is typed in a unit: without the unit round it that {@link #length} put there. */
    static String typed(Amount amount, Unit unit) {
        String expression = amount.expression();
        String opening = unit.symbol() + "(";
        return expression.startsWith(opening) && closes(expression, opening.length())
                ? expression.substring(opening.length(), expression.length() - 1)
                : expression;
    }

    /** Whether the bracket opened before a place is closed by the last character. */
    private static boolean closes(String expression, int from) {
        int depth = 1;
        for (int i = from; i < expression.length() - 1; i++) {
            depth += expression.charAt(i) == '(' ? 1 : expression.charAt(i) == ')' ? -1 : 0;
            if (depth == 0) {
                return false;
            }
        }
        return expression.endsWith(")");
    }

    private double sum() throws CannotRead {
        double value = product();
        while (true) {
            if (take('+')) {
                plain = false;
                value += product();
            } else if (take('-')) {
                plain = false;
                value -= product();
            } else {
                return value;
            }
        }
    }

    private double product() throws CannotRead {
        double value = power();
        while (true) {
            if (take('*')) {
                plain = false;
                value *= power();
            } else if (take('/')) {
                plain = false;
                value /= power();
            } else {
                double factor = unit();
                if (Double.isNaN(factor)) {
                    return value;
                }
                value *= factor;
            }
        }
    }

    private double power() throws CannotRead {
        deeper();
        double value = signed();
        depth--;
        return value;
    }

    private double signed() throws CannotRead {
        if (take('-')) {
            return -power();
        }
        double value = operand();
        if (take('^')) {
            plain = false;
            return Math.pow(value, power());
        }
        return value;
    }

    private void deeper() throws CannotRead {
        if (++depth > Limits.DEPTH) {
            throw new CannotRead("More than " + Limits.DEPTH
                    + " brackets, signs and functions stand within one another here; name a part of it as a measure.");
        }
    }

    private double operand() throws CannotRead {
        skip();
        if (take('(')) {
            plain = false;
            double value = sum();
            if (!take(')')) {
                throw new CannotRead("A closing bracket is missing.");
            }
            return value;
        }
        int from = at;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
            at++;
        }
        if (at > from) {
            exponent();
            try {
                return Double.parseDouble(text.substring(from, at));
            } catch (NumberFormatException e) {
                throw new CannotRead(Quoted.of(text.substring(from, at)) + " is not a number.");
            }
        }
        String word = word();
        if (word.isEmpty()) {
            throw new CannotRead(
                    at < text.length()
                            ? "A number is wanted where " + Quoted.of(text.substring(at, at + 1)) + " stands."
                            : "A number is missing at the end.");
        }
        plain = false;
        return named(word);
    }

    /** Goes on past an exponent, as numbers of JSON (RFC 8259, section 6) may have one. */
    private void exponent() {
        int digits = at + 1;
        if (at < text.length() && Character.toLowerCase(text.charAt(at)) == 'e') {
            if (digits < text.length() && (text.charAt(digits) == '+' || text.charAt(digits) == '-')) {
                digits++;
            }
            if (digits < text.length() && Character.isDigit(text.charAt(digits))) {
                at = digits;
                while (at < text.length() && Character.isDigit(text.charAt(at))) {
                    at++;
                }
            }
        }
    }

    private double named(String word) throws CannotRead {
        switch (word) {
            case "pi":
                return Math.PI;
            case "was":
                // The present value is in millimetres already, so bring it to the bare unit that the whole is read in.
                relative = true;
                return was / bare;
            case "sqrt":
                return Math.sqrt(argument());
            case "sin":
                return Angle.sine(argument());
            case "cos":
                return Angle.cosine(argument());
            case "tan":
                return Math.tan(Math.toRadians(argument()));
            default:
                for (Unit unit : Unit.values()) {
                    if (word.equals(unit.symbol()) && take('(')) {
                        return within(unit);
                    }
                }
                Amount measure = scope.measures().get(word);
                if (measure != null) {
                    return measure.value() / bare;
                }
                throw new CannotRead(unknown(word));
        }
    }

    private double argument() throws CannotRead {
        deeper();
        double value = operand();
        depth--;
        return value;
    }

    /** A bracket whose bare numbers are in a unit of its own: {@code in(1 + 2)}. */
    private double within(Unit unit) throws CannotRead {
        double outer = bare;
        bare = unit.millimetres();
        // What is typed in another unit is kept in such a bracket, and must not be deeper for it.
        depth--;
        double value = sum() * bare / outer;
        depth++;
        bare = outer;
        if (!take(')')) {
            throw new CannotRead("A closing bracket is missing.");
        }
        return value;
    }

    private String unknown(String word) {
        String near = scope.measures().keySet().stream()
                .min(Comparator.comparingInt(name -> EditDistance.between(name, word)))
                .filter(name -> EditDistance.between(name, word) <= 2)
                .map(name -> "; did you mean " + name + "?")
                .orElse(".");
        return (word.length() > Quoted.QUOTATION ? Quoted.of(word) : word) + " is not a measure" + near;
    }

    private double unit() {
        int back = at;
        String word = word();
        if (word.equals("deg")) {
            return 1;
        }
        if (word.equals("turn")) {
            plain = false;
            return 360;
        }
        if (word.equals("sq") && scope.square() > 0) {
            plain = false;
            return scope.square() / bare;
        }
        for (Unit unit : Unit.values()) {
            if (word.equals(unit.symbol())) {
                // Everything is in the bare unit until the end, so lengths with and without units add up. A unit of its
                // own is kept.
                plain &= unit.millimetres() == bare;
                return unit.millimetres() / bare;
            }
        }
        at = back;
        return Double.NaN;
    }

    private String word() {
        skip();
        int from = at;
        while (at < text.length()
                && (Character.isLetter(text.charAt(at))
                        || text.charAt(at) == '_'
                        || at > from && Character.isDigit(text.charAt(at)))) {
            at++;
        }
        return text.substring(from, at).toLowerCase(Locale.ROOT);
    }

    private boolean take(char wanted) {
        skip();
        if (at < text.length() && text.charAt(at) == wanted) {
            at++;
            return true;
        }
        return false;
    }

    private void skip() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }
}
