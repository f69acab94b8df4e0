package org.hyphantes.paint;

import java.util.Optional;

/** An opaque sRGB colour, written as six hexadecimal digits after a {@code #} (CSS Color 4, section 5.2). */
public record Colour(String hex) {
    private static final String DIGITS = "0123456789ABCDEF";

    public Colour {
        if (!isWhole(hex)) {
            throw new IllegalArgumentException("a colour is written like #1A2523, not " + hex);
        }
    }

    /** The colour that a text means: as {@link ColourText} reads it, or the name of a well of the starting colourway. */
    public static Optional<Colour> named(String text) {
        return Colourway.QUAY
                .number(text)
                .map(n -> Colourway.QUAY.well(n).colour())
                .or(() -> ColourText.read(text));
    }

    /**
     * How clearly two colours stand off one another, from 1 to 21. Source: WCAG 2.2, definitions of contrast ratio and relative
     * luminance.
     */
    public double contrast(Colour other) {
        double a = luminance();
        double b = other.luminance();
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** The relative luminance, 0 for black and 1 for white (WCAG 2.2). */
    public double luminance() {
        return 0.2126 * linear(1) + 0.7152 * linear(3) + 0.0722 * linear(5);
    }

    /** The colour whose linear parts are this one's, mixed by a matrix of three rows of three. */
    public Colour mixed(double[] matrix) {
        double[] own = {linear(1), linear(3), linear(5)};
        long[] parts = new long[3];
        for (int row = 0; row < 3; row++) {
            double sum = 0;
            for (int k = 0; k < 3; k++) {
                sum += matrix[3 * row + k] * own[k];
            }
            double share = Math.max(0, Math.min(1, sum));
            parts[row] =
                    Math.round(255 * (share <= 0.0031308 ? 12.92 * share : 1.055 * Math.pow(share, 1 / 2.4) - 0.055));
        }
        return of(parts[0], parts[1], parts[2]);
    }

    private double linear(int at) {
        double share = part(at) / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
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

    /** By how many steps of 255 another differs, in that of its three parts in which it does most. */
    public int steps(Colour other) {
        int most = 0;
        for (int at = 1; at < 7; at += 2) {
            most = Math.max(most, Math.abs(part(at) - other.part(at)));
        }
        return most;
    }

    /** The nearest of the colours whose parts lie so many steps of 255 apart. */
    public Colour coarse(int steps) {
        long[] parts = new long[3];
        for (int i = 0; i < 3; i++) {
            parts[i] = Math.min(255, Math.round((double) part(1 + 2 * i) / steps) * steps);
        }
        return of(parts[0], parts[1], parts[2]);
    }

    /** The colour a share of the way to another, in sRGB. */
    public Colour towards(Colour other, double share) {
        return of(mixed(other, share, 1), mixed(other, share, 3), mixed(other, share, 5));
    }

    private long mixed(Colour other, double share, int at) {
        return Math.round(part(at) * (1 - share) + other.part(at) * share);
    }
}
