package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Unit;

/** One step of a recipe: a pure function from the work so far to the next. */
public sealed interface Treatment extends Described permits Turn, Band, Interlace {
    /** One of each, with the values a new step starts with, in the order in which they usually follow. */
    List<Treatment> EACH = List.of(Turn.STARTING, Band.STARTING, Interlace.STARTING);

    /** The work with this treatment done. Work that it cannot be done to is handed on as it is. */
    Work apply(Work work, Surroundings surroundings);

    /** What it comes to, in a few words, such as "8 times" or "32 crossings". */
    String brief(Work done, Unit unit);
}
