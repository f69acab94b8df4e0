package org.hyphantes.setting;

import java.util.List;

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

    /** A list of lengths in millimetres, as the text of {@link org.hyphantes.setting.Steps}. */
    record Steps(double least, double most) implements Kind {}

    /** Free text, such as a list of steps or an inscription; {@code what} says what is wanted. */
    record Text(String what) implements Kind {}

    /** One of a few words. */
    record Choice(List<String> words) implements Kind {}

    /** The name of something in the design: "the centre", a figure, a strand. */
    record Reference(String to) implements Kind {}
}
