package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;

/**
 * A drawing as marks, from the back to the front.
 *
 * @param figures the ids of the design's figures in order, by which a look numbers them
 * @param box the box (mm) round all of it, centre lines too
 */
public record Scene(List<Mark> marks, List<String> figures, Box box) {
    public static final Scene EMPTY = new Scene(List.of(), List.of(), new Box(0, 0, 0, 0));

    public Scene {
        marks = List.copyOf(marks);
        figures = List.copyOf(figures);
    }

    public boolean isEmpty() {
        return marks.stream()
                .allMatch(m -> m instanceof Mark.Group group && group.marks().isEmpty());
    }

    /** The number of a figure in order; 0 for one that is not there. */
    public int number(String figure) {
        return Math.max(0, figures.indexOf(figure));
    }

    /** All areas, strokes and shades, each in its place, without the groups and clips that hold them. */
    public List<Mark> flat() {
        List<Mark> flat = new ArrayList<>();
        flatten(marks, Affine.IDENTITY, flat);
        return flat;
    }

    private static void flatten(List<Mark> marks, Affine map, List<Mark> into) {
        for (Mark mark : marks) {
            Watch.ask();
            if (mark instanceof Mark.Group group) {
                flatten(group.marks(), map.after(group.map()), into);
            } else if (mark instanceof Mark.Clip clip) {
                flatten(clip.marks(), map, into);
            } else {
                into.add(map.equals(Affine.IDENTITY) ? mark : mark.map(map));
            }
        }
    }

    /** How many areas, strokes and shades there are. */
    public int size() {
        return size(marks);
    }

    private static int size(List<Mark> marks) {
        int size = 0;
        for (Mark mark : marks) {
            size += mark instanceof Mark.Group group
                    ? size(group.marks())
                    : mark instanceof Mark.Clip clip ? size(clip.marks()) : 1;
        }
        return size;
    }
}
