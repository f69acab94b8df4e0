package org.hyphantes.desktop.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;

/**
 * The tiles of a scene that is a cloth, and the edge at which they are cut off.
 *
 * @param marks those of one of them
 * @param shifts by which those that are seen are laid
 * @param heaviest the weight (mm) of the heaviest line
 */
record Tiled(Optional<Region> edge, List<Mark> marks, List<Point> shifts, List<String> figures, double heaviest) {
    /** Empty for a scene that is no cloth. */
    static Optional<Tiled> of(Scene scene, Box seen) {
        Optional<Region> edge = Optional.empty();
        List<Mark> marks = scene.marks();
        if (marks.size() == 1 && marks.get(0) instanceof Mark.Clip clip) {
            edge = Optional.of(clip.within());
            marks = clip.marks();
        }
        List<Point> shifts = new ArrayList<>();
        List<Mark> tile = null;
        for (Mark mark : marks) {
            if (!(mark instanceof Mark.Group group) || group.part() != Mark.Part.TILE) {
                return Optional.empty();
            }
            tile = tile == null ? group.marks() : tile;
            if (group.box().meets(seen)) {
                shifts.add(group.map().of(Point.ORIGIN));
            }
        }
        return tile == null
                ? Optional.empty()
                : Optional.of(new Tiled(edge, tile, shifts, scene.figures(), scene.heaviest()));
    }

    /** Whether it shows the same: the very marks, in the same places. */
    boolean isSame(Tiled other) {
        return marks == other.marks && shifts.equals(other.shifts) && edge.equals(other.edge);
    }

    /** The box (mm) round one tile with its lines, and two pixels more. */
    Box box(double scale) {
        return Box.round(marks.stream().map(Mark::box).toList()).grown(heaviest / 2 + 2 / scale);
    }
}
