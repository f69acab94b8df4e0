package org.hyphantes.plait;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The breaks of a plait as text: column and row of each, counted in half cells from the upper left, with the bar between them as
 * it lies: {@code 3-6} is broken level, {@code 4|7} upright.
 */
public final class Bars {
    /** The text for no breaks. */
    public static final String NONE = "none";

    private static final Pattern ONE = Pattern.compile("(\\d{1,5})([-|])(\\d{1,5})");

    private Bars() {}

    /** @throws IllegalArgumentException if the text is no list of breaks */
    public static Map<Lattice.Spot, Bar> read(String text) {
        Map<Lattice.Spot, Bar> bars = new LinkedHashMap<>();
        if (text.strip().equals(NONE)) {
            return bars;
        }
        for (String word : text.strip().split("[\\s,]+")) {
            Matcher matcher = ONE.matcher(word);
            if (!matcher.matches()) {
                throw new IllegalArgumentException(
                        "\"" + word
                                + "\" is no break: give column and row with the bar between them, such as 3-6 or 4|7, or none.");
            }
            int column = Integer.parseInt(matcher.group(1));
            int row = Integer.parseInt(matcher.group(3));
            if ((column + row) % 2 == 0) {
                throw new IllegalArgumentException(
                        "\"" + word + "\" is no crossing: column and row must add up to an odd number.");
            }
            bars.put(new Lattice.Spot(column, row), matcher.group(2).equals("-") ? Bar.LEVEL : Bar.UPRIGHT);
        }
        return bars;
    }

    public static String of(Map<Lattice.Spot, Bar> bars) {
        if (bars.isEmpty()) {
            return NONE;
        }
        StringBuilder text = new StringBuilder();
        bars.forEach((spot, bar) -> text.append(text.length() == 0 ? "" : " ")
                .append(spot.column())
                .append(bar == Bar.LEVEL ? '-' : '|')
                .append(spot.row()));
        return text.toString();
    }
}
