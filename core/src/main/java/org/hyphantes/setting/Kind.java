package org.hyphantes.setting;

import java.util.List;
import java.util.function.UnaryOperator;

/** What sort of value a setting takes, with its limits. */
public sealed interface Kind {
    /** A length in millimetres. */
    record Length(double least, double most) implements Kind {}

    /** An angle in degrees. */
    record Degrees(double least, double most) implements Kind {}

    /** A whole number. */
    record Count(int least, int most) implements Kind {}

    /** A plain number, such as a share or a ratio. */
    record Number(double least, double most) implements Kind {}

    /** A list of lengths in millimetres, as the text of {@link org.hyphantes.setting.StepList}. */
    record Steps(double least, double most) implements Kind {}

    /**
     * Free text of at most so many characters, such as a list of steps or an inscription.
     *
     * @param what says what is wanted
     * @param told how a sentence tells it
     */
    record Text(String what, int most, UnaryOperator<String> told) implements Kind {
        /** Text that stands in a sentence as it is. */
        public Text(String what, int most) {
            this(what, most, text -> text);
        }
    }

    /** One of a few words. */
    record Choice(List<String> words) implements Kind {}

    /**
     * A figure of the group, held by its id and shown by its name; or else the words for none or all of them.
     *
     * @param many whether it may be several, separated by commas
     */
    record Figure(String otherwise, boolean many) implements Kind {
        /** One figure. */
        public Figure(String otherwise) {
            this(otherwise, false);
        }
    }

    /** A strand of the group's weave, by its letter. */
    record Strand() implements Kind {}

    /** A typeface, by its name. */
    record Typeface() implements Kind {}

    /** Whether it refers to something by a name of its own. */
    default boolean isReference() {
        return this instanceof Figure || this instanceof Strand || this instanceof Typeface;
    }
}
