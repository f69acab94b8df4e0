package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Unit;

/** One step of a recipe: a pure function from the work so far to the next. */
public sealed interface Treatment extends Described
        permits Turn,
                Mirror,
                Offset,
                Between,
                AlongLine,
                Row,
                Repeat,
                Nest,
                Soften,
                Combine,
                Knot,
                Braid,
                Band,
                Infill,
                Taper,
                Interlace,
                Pieces,
                Within,
                Colouring,
                Edging,
                RoughHew,
                Depth {
    /** More lines than this are not laid: a drawing of them would be neither seen nor cut. */
    int MOST_LINES = 20_000;

    /** More courses of weaves than this are not laid. */
    int MOST_COURSES = 200_000;

    /** One of each, with the values a new step starts with, in the order in which they usually follow. */
    static List<Treatment> each() {
        return Repertoire.EACH;
    }

    /** When in a recipe it usually comes. */
    Phase phase();

    /** The figures that it takes, as a reference; what all others have made is handed on as it is. */
    default String figures() {
        return Surroundings.EVERY_FIGURE;
    }

    /** The figures that it needs, those that it takes among them. */
    default String taken() {
        return figures();
    }

    /** Whether a new one takes all there is, unless figures were selected by hand; else what was just laid alone. */
    default boolean takesAll() {
        return phase() != Phase.SETTING_OUT;
    }

    /** Whether it is done to one tile of a cloth and so to all of them, or to all of the cloth. */
    default boolean keepsCloth() {
        return switch (phase()) {
            case STRANDS, BANDS, WEAVE, COLOUR -> true;
            case SETTING_OUT, REPEAT, PIECES -> false;
        };
    }

    /** Whether of a cloth laid out it cuts what lies beyond the edge by itself, and so is given the tiles there too. */
    default boolean cutsCloth() {
        return false;
    }

    /** The work with this treatment done. Work that it cannot be done to is handed on as it is. */
    Work apply(Work work, Surroundings surroundings);

    /** What it comes to, in a few words, such as "8 times" or "32 crossings". */
    String brief(Work done, Unit unit);

    /** About how many lines and weaves come of so many. */
    default long laid(long before) {
        return before;
    }

    /** How many lines and courses would come of work, to be told where that is too much. */
    default long wouldLay(Work before) {
        return laid(before.size() + before.courses());
    }

    /** Whether so many lines or courses would come of it that they are not laid, and the work is handed on as it is. */
    default boolean isTooMuch(Work before) {
        return laid(before.size()) > MOST_LINES || laid(before.courses()) > MOST_COURSES;
    }
}
