package org.hyphantes.desktop.leaf;

import java.util.Locale;
import java.util.Optional;

/**
 * A line of the list of keys.
 *
 * @param how the key, or what the hand does; empty for what has neither
 * @param does what comes of it
 * @param where in which menu, or where in the window
 * @param act what does it; empty for what only the hand can do
 */
public record KeyLine(String how, String does, String where, Optional<Runnable> act) {
    /** Whether each word of what is sought begins a word of it. */
    boolean isMeant(String sought) {
        String[] words =
                (how + " " + does + " " + where).toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}+]+|(?<=\\+)");
        for (String wanted : sought.strip().toLowerCase(Locale.ROOT).split("[\\s+]+")) {
            boolean there = false;
            for (String word : words) {
                there |= word.startsWith(wanted);
            }
            if (!there) {
                return false;
            }
        }
        return true;
    }
}
