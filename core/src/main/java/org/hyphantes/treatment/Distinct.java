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
    private final Map<Long, List<Path>> byPlace = new HashMap<>();

    /** @param tolerance mm within which two paths are the same */
    Distinct(double tolerance) {
        this.tolerance = tolerance;
    }

    /** Takes a path in; false when it is there already. */
    boolean add(Path path) {
        Box box = path.box();
        double cell = 16 * tolerance;
        long x = (long) Math.floor((box.left() + box.right()) / cell);
        long y = (long) Math.floor((box.top() + box.bottom()) / cell);
        for (long i = x - 1; i <= x + 1; i++) {
            for (long j = y - 1; j <= y + 1; j++) {
                for (Path other : byPlace.getOrDefault(key(i, j), List.of())) {
                    if (Math.abs(other.length() - path.length()) <= 64 * tolerance
                            && other.closed() == path.closed()
                            && path.covers(other, tolerance)) {
                        return false;
                    }
                }
            }
        }
        byPlace.computeIfAbsent(key(x, y), k -> new ArrayList<>()).add(path);
        return true;
    }

    private static long key(long x, long y) {
        return x * 0x9E3779B97F4A7C15L ^ y;
    }
}
