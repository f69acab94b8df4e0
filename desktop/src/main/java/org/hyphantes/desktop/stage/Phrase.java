package org.hyphantes.desktop.stage;

import java.util.Optional;
import org.hyphantes.design.Subject;

/** A part of a sentence that is not about one thing: words, words to click, or the sentence of something the design has. */
public record Phrase(String words, Optional<Runnable> act, Optional<Subject> subject) {
    public static Phrase of(String words) {
        return new Phrase(words, Optional.empty(), Optional.empty());
    }

    public static Phrase answer(String words, Runnable act) {
        return new Phrase(words, Optional.of(act), Optional.empty());
    }

    public static Phrase about(Subject subject) {
        return new Phrase("", Optional.empty(), Optional.of(subject));
    }
}
