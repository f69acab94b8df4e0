package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hyphantes.geometry.Box;

/** Of a scene what is made of some figures alone. Where a strand of theirs goes under another it stays cut. */
public final class Chosen {
    private Chosen() {}

    /** @param figures the ids of those that stay; pieces are of no figure, and stay with none */
    public static Scene of(Scene scene, Set<String> figures) {
        List<Mark> marks = kept(scene.marks(), figures);
        return new Scene(marks, scene.figures(), box(marks, scene));
    }

    private static List<Mark> kept(List<Mark> marks, Set<String> figures) {
        List<Mark> kept = new ArrayList<>();
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group) {
                List<Mark> inner = kept(group.marks(), figures);
                if (!inner.isEmpty()) {
                    kept.add(Mark.Group.of(group.part(), inner, group.map(), group.letters(), group.origin()));
                }
            } else if (figures.contains(mark.origin().key().figure())) {
                kept.add(mark);
            }
        }
        return kept;
    }

    private static Box box(List<Mark> marks, Scene scene) {
        return marks.isEmpty()
                ? scene.box()
                : Box.round(marks.stream().map(Mark::box).toList());
    }
}
