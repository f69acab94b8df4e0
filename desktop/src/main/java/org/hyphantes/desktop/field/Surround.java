package org.hyphantes.desktop.field;

import java.util.Set;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.geometry.Box;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Turn;

/** Whether the rim stands round the field, or a frame with rails. */
final class Surround {
    /** Figures that are panels and straps; what is made of them alone does not turn. */
    private static final Set<String> PANELS = Set.of("plait", "border", "box");

    /** How much longer than wide what might still be turned can be, and how far from the centre, as a share of its size. */
    private static final double LONGEST = 1.25;

    private static final double FURTHEST = 0.1;

    private Surround() {}

    /** Round what turns, and round what may yet be turned by its tongues: nothing so far, or something about the centre. */
    static boolean isRim(Group root, Resolved resolved) {
        // A cloth has an extent and no middle, whatever turns in it.
        if (root.last(Repeat.class).isPresent()) {
            return false;
        }
        if (root.last(Turn.class).isPresent() || resolved.turns()) {
            return true;
        }
        boolean panels = !root.members().isEmpty()
                && root.members().stream()
                        .allMatch(m -> m instanceof Figure figure
                                && PANELS.contains(figure.form().schema().word()));
        Box box = resolved.finished().box();
        double most = Math.max(box.width(), box.height());
        double least = Math.min(box.width(), box.height());
        boolean round = most <= LONGEST * least
                && Math.hypot(box.centre().x(), box.centre().y()) <= FURTHEST * most;
        return resolved.finished().scene().isEmpty() || round && !panels;
    }
}
