package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/** The end of a course where it dives under: its stretch, darkest at {@code from}, where it is cut, and clear at {@code to}. */
public record Dive(Region stretch, Point from, Point to) {
    /** The first stretch of a course between its two sides, and the cut from the left-hand one to the right-hand one. */
    static Dive of(Path right, Path left, List<Curve> cut, double width) {
        double length = Math.min(1.4 * width, 0.48 * Math.min(right.length(), left.length()));
        double onRight = right.positionAt(length);
        double onLeft = left.positionAt(length);
        List<Curve> round = new ArrayList<>(right.part(0, onRight));
        round.add(new Line(right.at(onRight), left.at(onLeft)));
        List<Curve> back = left.part(0, onLeft);
        for (int i = back.size() - 1; i >= 0; i--) {
            round.add(back.get(i).reversed());
        }
        round.addAll(cut);
        return new Dive(
                Region.of(new Path(round, true)),
                right.start().middle(left.start()),
                right.at(onRight).middle(left.at(onLeft)));
    }
}
