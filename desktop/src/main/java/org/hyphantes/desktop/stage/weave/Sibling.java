package org.hyphantes.desktop.stage.weave;

import java.util.List;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.CrossingIndex;

/**
 * A crossing that an act reaches too.
 *
 * @param place where it lies on the page (mm)
 * @param mirrored whether a mirror makes it the opposite
 */
record Sibling(Point place, boolean mirrored) {
    static List<Sibling> of(Laying laying, List<CrossingIndex.Found> reached) {
        return reached.stream()
                .map(f -> new Sibling(
                        laying.placed()
                                .of(laying.weave().whole().meets().get(f.meet()).place()),
                        f.mirrored()))
                .toList();
    }
}
