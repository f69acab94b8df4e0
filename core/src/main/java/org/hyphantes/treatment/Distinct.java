package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;

/** Paths no two of which lie upon one another: a new one is taken in only where there is none yet. */
final class Distinct {
    private final double tolerance;

    /** By the middle and the width of their boxes: many may have one middle, such as lines through a centre. */
    private final Map<Cell, List<Path>> byPlace = new HashMap<>();

    private record Cell(long x, long y, long width) {}

    /** @param tolerance mm within which two paths are the same */
    Distinct(double tolerance) {
        this.tolerance = tolerance;
    }

    /** Takes a path in; false when it is there already. */
    boolean add(Path path) {
        Box box = path.box();
        double x = box.left() + box.right();
        double y = box.top() + box.bottom();
        double width = box.width();
        // What lies upon this one has its sides within the tolerance of this one's, so these within twice of that.
        double near = 4 * tolerance;
        for (long i = cell(x - near); i <= cell(x + near); i++) {
            for (long j = cell(y - near); j <= cell(y + near); j++) {
                for (long w = cell(width - near); w <= cell(width + near); w++) {
                    for (Path other : byPlace.getOrDefault(new Cell(i, j, w), List.of())) {
                        if (isSame(path, other)) {
                            return false;
                        }
                    }
                }
            }
        }
        byPlace.computeIfAbsent(new Cell(cell(x), cell(y), cell(width)), k -> new ArrayList<>())
                .add(path);
        return true;
    }

    private boolean isSame(Path path, Path other) {
        return Math.abs(other.length() - path.length()) <= 64 * tolerance
                && other.closed() == path.closed()
                && path.covers(other, tolerance);
    }

    private long cell(double at) {
        return (long) Math.floor(at / (16 * tolerance));
    }
}
