package org.hyphantes.paint;

/** An opaque sRGB colour, written as six hexadecimal digits after a {@code #} (CSS Color 4, section 5.2). */
public record Colour(String hex) {
    public Colour {
        if (!hex.matches("#[0-9A-F]{6}")) {
            throw new IllegalArgumentException("a colour is written like #1A2523, not " + hex);
        }
    }
}
