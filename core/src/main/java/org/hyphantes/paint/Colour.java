package org.hyphantes.paint;

import java.util.Locale;
import java.util.Optional;

/** An opaque sRGB colour, written as six hexadecimal digits after a {@code #} (CSS Color 4, section 5.2). */
public record Colour(String hex) {
    public Colour {
        if (!hex.matches("#[0-9A-F]{6}")) {
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

    private int part(int at) {
        return Integer.parseInt(hex.substring(at, at + 2), 16);
    }

    /** The colour a share of the way to another, in sRGB. */
    public Colour towards(Colour other, double share) {
        StringBuilder mixed = new StringBuilder("#");
        for (int at = 1; at < 7; at += 2) {
            long value = Math.round(part(at) * (1 - share) + other.part(at) * share);
            mixed.append(String.format(Locale.ROOT, "%02X", value));
        }
        return new Colour(mixed.toString());
    }
}
