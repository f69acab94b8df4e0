package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;

/**
 * A drawing as marks, from the back to the front.
 *
 * @param figures the ids of the design's figures in order, by which a look numbers them
 * @param box the box (mm) round all of it, centre lines too
 * @param size how many areas, strokes and shades there are
 * @param heaviest the weight (mm) of the heaviest line; 0 where there is none
 * @param layered whether any fill is laid in patches, or mixed with what lies behind it
 */
public record Scene(List<Mark> marks, List<String> figures, Box box, int size, double heaviest, boolean layered) {
    public static final Scene EMPTY = new Scene(List.of(), List.of(), new Box(0, 0, 0, 0));

    public Scene {
        marks = List.copyOf(marks);
        figures = List.copyOf(figures);
    }

    public Scene(List<Mark> marks, List<String> figures, Box box) {
        this(marks, figures, box, Burden.of(marks));
    }

    private Scene(List<Mark> marks, List<String> figures, Box box, Burden all) {
        this(marks, figures, box, all.size(), all.heaviest(), all.layered());
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

    /** The colour of what lies at a place in front of all else; none at bare ground. */
    public Optional<Colour> colour(Point place) {
        List<Mark> flat = flat();
        for (int i = flat.size() - 1; i >= 0; i--) {
            if (flat.get(i) instanceof Mark.Area area
                    && area.box().contains(place)
                    && area.region().contains(place)) {
                Optional<Colour> here = area.paint().fill().flatMap(f -> f.at(place));
                if (here.isPresent()) {
                    return here;
                }
            }
        }
        return Optional.empty();
    }

    /** The box (mm) round all ink: half the weight of the heaviest line beyond the box all round. */
    public Box inked() {
        return box.grown(heaviest / 2);
    }
}
