package org.hyphantes.scene;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patched;

/**
 * What marks come to. A list that is laid many times, such as the tile of a cloth, is gone through once.
 *
 * @param size how many areas, strokes and shades there are
 * @param heaviest the weight (mm) of the heaviest line; 0 where there is none
 * @param layered whether any fill is laid in patches, or mixed with what lies behind it
 */
record Burden(int size, double heaviest, boolean layered) {
    private static final Burden NONE = new Burden(0, 0, false);

    static Burden of(List<Mark> marks) {
        return of(marks, new IdentityHashMap<>());
    }

    private static Burden of(List<Mark> marks, Map<List<Mark>, Burden> known) {
        Burden all = NONE;
        for (Mark mark : marks) {
            all = all.with(of(mark, known));
        }
        return all;
    }

    private static Burden of(Mark mark, Map<List<Mark>, Burden> known) {
        if (mark instanceof Mark.Group group) {
            Burden there = known.get(group.marks());
            if (there == null) {
                there = of(group.marks(), known);
                known.put(group.marks(), there);
            }
            return there;
        }
        if (mark instanceof Mark.Clip clip) {
            return of(clip.marks(), known);
        }
        if (mark instanceof Mark.Area area) {
            return new Burden(
                    1, weight(area.paint()), isLayered(area.paint().fill().orElse(null)));
        }
        return new Burden(1, mark instanceof Mark.Stroke stroke ? weight(stroke.paint()) : 0, false);
    }

    private Burden with(Burden other) {
        return new Burden(size + other.size, Math.max(heaviest, other.heaviest), layered || other.layered);
    }

    private static double weight(Paint paint) {
        return paint.line().isPresent() ? paint.weight() : 0;
    }

    private static boolean isLayered(Fill fill) {
        return fill instanceof Patched || fill instanceof Blended blended && blended.isMixed();
    }
}
