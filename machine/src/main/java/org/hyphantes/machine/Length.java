package org.hyphantes.machine;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths as CSS has them (W3C CSS Values and Units 3, section 5.2), in millimetres. */
final class Length {
    /** The millimetres of a CSS pixel. */
    static final double PIXEL = 25.4 / 96;

    private static final Map<String, Double> UNITS = Map.of(
            "", PIXEL, "px", PIXEL, "mm", 1.0, "cm", 10.0, "q", 0.25, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6);

    private static final Pattern WORD = Pattern.compile("([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:e[-+]?\\d+)?)([a-z]*)");

    private Length() {}

    static double of(String word) throws CannotRun {
        Matcher found = WORD.matcher(word.strip().toLowerCase(java.util.Locale.ROOT));
        Double unit = found.matches() ? UNITS.get(found.group(2)) : null;
        if (unit == null) {
            throw new CannotRun("“" + word.substring(0, Math.min(20, word.length())) + "” is no length.");
        }
        return Double.parseDouble(found.group(1)) * unit;
    }
}
