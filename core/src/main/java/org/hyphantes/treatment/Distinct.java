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
        long x = cell(box.left() + box.right());
        long y = cell(box.top() + box.bottom());
        long width = cell(box.width());
        for (long i = x - 1; i <= x + 1; i++) {
            for (long j = y - 1; j <= y + 1; j++) {
                for (long w = width - 1; w <= width + 1; w++) {
                    for (Path other : byPlace.getOrDefault(new Cell(i, j, w), List.of())) {
                        if (isSame(path, other)) {
                            return false;
                        }
                    }
                }
            }
        }
        byPlace.computeIfAbsent(new Cell(x, y, width), k -> new ArrayList<>()).add(path);
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
