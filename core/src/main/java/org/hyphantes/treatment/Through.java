package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;

/**
 * A well that a gradient passes through on its way.
 *
 * @param share where, from 0 to 1 of the way
 */
record Through(int well, double share) {
    /** The word for none. */
    static final String NONE = "none";

    private static final int MOST = 12;

    private static final Pattern ONE = Pattern.compile("(\\d{1,2})(?:\\s+at\\s+(\\d{1,3}(?:\\.\\d{1,6})?)\\s*%?)?");

    /** The text that {@link #read} reads so. */
    static String write(List<Through> each) {
        return each.isEmpty()
                ? NONE
                : each.stream()
                        .map(t -> t.well() + " at " + Numerals.shown(100 * t.share(), 1))
                        .collect(Collectors.joining(", "));
    }

    /**
     * Wells in order, such as {@code 5 at 30, 7 at 60}; where no place is said they are spread evenly.
     *
     * @throws IllegalArgumentException if it is none of these; its message says what is wanted
     */
    static List<Through> read(String text) {
        String trimmed = text.trim().toLowerCase(Locale.ROOT);
        if (trimmed.isEmpty() || trimmed.equals(NONE)) {
            return List.of();
        }
        String[] each = trimmed.split("\\s*,\\s*");
        if (each.length > MOST) {
            throw new IllegalArgumentException("A gradient passes through " + MOST + " wells at most.");
        }
        List<Through> found = new ArrayList<>();
        double before = 0;
        for (int i = 0; i < each.length; i++) {
            Matcher one = ONE.matcher(each[i]);
            if (!one.matches()) {
                throw new IllegalArgumentException(
                        "Wells on the way are typed as 5 at 30, 7 at 60 (in hundredths), or none, not "
                                + Quoted.of(each[i]) + ".");
            }
            int well = Integer.parseInt(one.group(1));
            double share =
                    one.group(2) == null ? (i + 1.0) / (each.length + 1) : Double.parseDouble(one.group(2)) / 100;
            if (well < 1 || well > Colourway.WELLS) {
                throw new IllegalArgumentException("There are wells 1 to " + Colourway.WELLS + ", not " + well + ".");
            }
            if (share < before || share > 1) {
                throw new IllegalArgumentException(
                        "Wells on the way stand in order, from 0 to 100: " + Quoted.of(each[i]) + " does not.");
            }
            before = share;
            found.add(new Through(well, share));
        }
        return found;
    }
}
