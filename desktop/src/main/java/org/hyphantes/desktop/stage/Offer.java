package org.hyphantes.desktop.stage;

import java.util.Optional;

/**
 * Something that can be done in a stage, for the line under the sentence.
 *
 * @param word the act or key, or the word to click
 * @param does what it does; empty when the word says it
 * @param act what a click does; empty for what is done in the field
 */
public record Offer(String word, String does, Optional<Runnable> act) {
    public static Offer act(String word, Runnable act) {
        return new Offer(word, "", Optional.of(act));
    }

    public static Offer hint(String word, String does) {
        return new Offer(word, does, Optional.empty());
    }
}
