package org.hyphantes.setting;

/** Foreign text made fit to stand in a message: no longer than is read at a glance, and nothing in it that acts on what shows it. */
public final class Quoted {
    /** Characters of a whole message at most. */
    public static final int MESSAGE = 300;

    /** Characters of a quotation at most. */
    public static final int QUOTATION = 60;

    private static final int TAIL = 12;

    private Quoted() {}

    /** A text in quotation marks, shortened in its middle, with what cannot be seen written as in JSON (RFC 8259, section 7). */
    public static String of(String text) {
        return "\"" + visible(text, QUOTATION) + "\"";
    }

    /** A message as it is shown. */
    public static String message(String text) {
        return visible(text, MESSAGE);
    }

    /** Whether a text holds a control character or half of a pair of surrogates, which neither XML nor UTF-8 can carry. */
    public static boolean isUnsound(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            // Most texts have none of these, and names are looked at often.
            if (c < 0x20 || c >= 0x7F) {
                return text.codePoints().anyMatch(Quoted::isUnsound);
            }
        }
        return false;
    }

    /** A text without what is unsound in it. */
    public static String sound(String text) {
        return text.codePoints()
                .filter(c -> !isUnsound(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** A text as a name: what is unsound taken out, and no longer than names may be. */
    public static String name(String text) {
        String sound = isUnsound(text) ? sound(text) : text;
        return sound.length() <= Limits.NAME ? sound : sound(sound.substring(0, Limits.NAME));
    }

    private static boolean isUnsound(int c) {
        int type = Character.getType(c);
        return type == Character.CONTROL || type == Character.SURROGATE || c == 0xFFFE || c == 0xFFFF;
    }

    private static String visible(String text, int most) {
        StringBuilder shown = new StringBuilder();
        text.codePoints().limit(2L * most).forEach(c -> {
            if (isUnsound(c)) {
                shown.append(String.format("\\u%04x", c));
            } else {
                shown.appendCodePoint(c);
            }
        });
        if (text.length() <= most && shown.length() <= most) {
            return shown.toString();
        }
        String end = text.length() > 4 * most ? "" : shown.substring(Math.max(0, shown.length() - TAIL));
        return Quoted.sound(shown.substring(0, Math.max(0, most - 3 - end.length())) + "..." + end);
    }
}
