package org.hyphantes.known;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A place that a design knows: of what kind, in words ("centre of Circle"), and the lines that cause it. */
public record KnownPoint(Point place, PointKind kind, String words, List<Path> causes) {
    public KnownPoint {
        causes = List.copyOf(causes);
    }
}
