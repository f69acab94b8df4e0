package org.hyphantes.setting;

/**
 * A number as it was set: its value (mm, degrees or a count) and the expression it came from, which is empty for a plain
 * number.
 */
public record Amount(double value, String expression) {
    public static Amount of(double value) {
        return new Amount(value, "");
    }

    public boolean isExpression() {
        return !expression.isEmpty();
    }
}
