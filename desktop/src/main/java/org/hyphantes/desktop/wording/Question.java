package org.hyphantes.desktop.wording;

import java.util.List;

/** A question asked as a sentence, with its answers; the last answer is the one that changes nothing. */
public record Question(String words, List<Answer> answers) {
    /** One answer: its word and what it does. */
    public record Answer(String word, Runnable act) {}
}
