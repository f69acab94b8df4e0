package org.hyphantes.design;

import java.util.List;
import java.util.Map;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Treatment;

/**
 * A treatment in a recipe, known by an id that is its own within the recipe; passed over when it works, under when it is switched off.
 */
public record Step(String id, boolean over, Treatment treatment) {
    /** A step whose group will give it an id. */
    public Step(boolean over, Treatment treatment) {
        this("", over, treatment);
    }

    public Step with(Treatment changed) {
        return new Step(id, over, changed);
    }

    /** The same step on other figures, each by one or several in the place of one that it refers to. */
    public Step referring(Map<String, List<String>> others) {
        return with((Treatment) treatment.schema().referring(treatment, others));
    }

    /** The same step passed over, or under. */
    public Step passed(boolean changed) {
        return new Step(id, changed, treatment);
    }

    Step withId(String changed) {
        return new Step(changed, over, treatment);
    }

    /** Whether it weaves bands, or divides what they enclose. */
    boolean weaves() {
        return over && (treatment.phase() == Phase.WEAVE || treatment.phase() == Phase.PIECES);
    }

    /** What its treatment is called. */
    public String title() {
        return treatment.schema().title();
    }
}
