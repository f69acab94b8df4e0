package org.hyphantes.paint;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads colours as they are typed: three or six hexadecimal digits, a name, or {@code hsl(hue saturation% lightness%)}. Source: CSS
 * Color Module Level 4, sections 5.2 (digits), 6.1 (names) and 7.1 (hue, saturation, lightness).
 */
public final class ColourText {
    /** How to write one, for messages. */
    public static final String WANTED = "write it like #1A2523, teal or hsl(160 40% 30%)";

    private static final Pattern DIGITS = Pattern.compile("#?([0-9a-f]{6}|[0-9a-f]{3})");
    private static final Pattern HSL =
            Pattern.compile("hsl\\(?\\s*(-?[0-9.]+)(?:deg)?[\\s,]+([0-9.]+)%?[\\s,]+([0-9.]+)%?\\s*\\)?");

    private ColourText() {}

    /** The colour that a text means; empty when it means none. */
    public static Optional<Colour> read(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        Matcher digits = DIGITS.matcher(wanted);
        if (digits.matches()) {
            String all = digits.group(1);
            if (all.length() == 3) {
                all = all.replaceAll("(.)", "$1$1");
            }
            return Optional.of(new Colour("#" + all.toUpperCase(Locale.ROOT)));
        }
        Matcher hsl = HSL.matcher(wanted);
        if (hsl.matches()) {
            try {
                return Optional.of(hsl(
                        Double.parseDouble(hsl.group(1)),
                        Math.min(100, Double.parseDouble(hsl.group(2))) / 100,
                        Math.min(100, Double.parseDouble(hsl.group(3))) / 100));
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        }
        return Optional.ofNullable(CssNames.ALL.get(wanted));
    }

    private static Colour hsl(double hue, double saturation, double lightness) {
        return Colour.of(
                part(0, hue, saturation, lightness),
                part(8, hue, saturation, lightness),
                part(4, hue, saturation, lightness));
    }

    private static long part(int n, double hue, double saturation, double lightness) {
        double k = ((n + hue / 30) % 12 + 12) % 12;
        double a = saturation * Math.min(lightness, 1 - lightness);
        return Math.round(255 * (lightness - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1))));
    }
}
