package org.hyphantes.setting;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Writes numbers as a designer reads them: no more digits than matter, no trailing zeros, no exponent. */
public final class Numerals {
    private Numerals() {}

    public static String shown(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        BigDecimal plain = rounded.signum() == 0 ? BigDecimal.ZERO : rounded.stripTrailingZeros();
        return plain.toPlainString();
    }

    public static String length(double millimetres, Unit unit) {
        return shown(millimetres / unit.millimetres(), unit == Unit.MM || unit == Unit.PX ? 2 : 3) + " "
                + unit.symbol();
    }

    public static String degrees(double degrees) {
        return degrees == 360 ? "1 turn" : shown(degrees, 3) + " deg";
    }

    /** So many of something, whose plural takes an s. */
    public static String counted(int count, String noun) {
        return count + " " + noun + (count == 1 ? "" : "s");
    }
}
