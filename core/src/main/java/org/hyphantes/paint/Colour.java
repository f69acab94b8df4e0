package org.hyphantes.paint;

import java.util.Locale;
import java.util.Optional;

/** An opaque sRGB colour, written as six hexadecimal digits after a {@code #} (CSS Color 4, section 5.2). */
public record Colour(String hex) {
    private static final String DIGITS = "0123456789ABCDEF";

    public Colour {
        if (!isWhole(hex)) {
            throw new IllegalArgumentException("a colour is written like #1A2523, not " + hex);
        }
    }

    /** The colour that a text means: hexadecimal digits, in any case, or the name of a well of the starting colourway. */
    public static Optional<Colour> named(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        if (wanted.matches("#?[0-9a-f]{6}")) {
            return Optional.of(new Colour("#" + wanted.replace("#", "").toUpperCase(Locale.ROOT)));
        }
        return Well.QUAY.stream()
                .filter(w -> w.name().equals(wanted))
                .map(Well::colour)
                .findFirst();
    }

    /** The colour of three parts, each from 0 to 255. */
    public static Colour of(long red, long green, long blue) {
        StringBuilder hex = new StringBuilder("#");
        for (long part : new long[] {red, green, blue}) {
            hex.append(DIGITS.charAt((int) part / 16)).append(DIGITS.charAt((int) part % 16));
        }
        return new Colour(hex.toString());
    }

    /** Colours are made for every area that is drawn, so they are looked at letter by letter. */
    private static boolean isWhole(String hex) {
        return hex.length() == 7
                && hex.charAt(0) == '#'
                && hex.chars().skip(1).allMatch(digit -> DIGITS.indexOf(digit) >= 0);
    }

    private int part(int at) {
        return Integer.parseInt(hex.substring(at, at + 2), 16);
    }

    /** The colour a share of the way to another, in sRGB. */
    public Colour towards(Colour other, double share) {
        return of(mixed(other, share, 1), mixed(other, share, 3), mixed(other, share, 5));
    }

    private long mixed(Colour other, double share, int at) {
        return Math.round(part(at) * (1 - share) + other.part(at) * share);
    }
}
