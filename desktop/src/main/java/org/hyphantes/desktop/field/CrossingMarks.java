package org.hyphantes.desktop.field;

import java.util.List;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Places;
import org.hyphantes.weave.Weave;

/** The marks of a crossing under the pointer or the needle and of all that an act on it reaches. */
record CrossingMarks(Field field, Marks marks) {
    /** Draws them, and gives what is said beside the crossing. */
    String draw(Hover hover) {
        Laying laying = field.weaves().get(hover.weave());
        Weave weave = laying.weave();
        Crossing crossing = weave.crossings().get(hover.meet());
        Point place = laying.placed().of(crossing.place());
        marks.frame(place);
        List<Places.Found> reached = field.reached(weave, hover.meet());
        for (Places.Found found : reached.subList(1, reached.size())) {
            marks.sibling(
                    laying.placed().of(weave.whole().meets().get(found.meet()).place()), found.mirrored());
        }
        String over = weave.strands().get(crossing.over()).name();
        String under = weave.strands().get(crossing.under()).name();
        return over + " over " + under + " \u00b7 swap" + (reached.size() > 1 ? " \u00d7" + reached.size() : "");
    }
}
