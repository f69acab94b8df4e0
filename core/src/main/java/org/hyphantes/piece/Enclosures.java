package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** What the closed lines of each figure enclose, each copy by itself. */
final class Enclosures {
    private final Map<String, Map<List<Integer>, List<Path>>> closed = new HashMap<>();

    Enclosures(List<Bounding> lines) {
        for (Bounding line : lines) {
            if (line.path().closed()) {
                closed.computeIfAbsent(line.key().figure(), f -> new HashMap<>())
                        .computeIfAbsent(line.key().copies(), c -> new ArrayList<>())
                        .add(line.path());
            }
        }
    }

    /** The numbers of the cells inside a figure, or outside; none where it encloses nothing. */
    List<Integer> cells(List<Cell> cells, String figure, boolean inside) {
        return !closed.containsKey(figure)
                ? List.of()
                : IntStream.range(0, cells.size())
                        .filter(c -> encloses(figure, cells.get(c).inner()) == inside)
                        .boxed()
                        .toList();
    }

    /** A letter's counter runs the other way round than the letter, and is outside it. */
    private boolean encloses(String figure, Point place) {
        return closed.get(figure).values().stream()
                .anyMatch(copy -> copy.stream().mapToInt(p -> p.winding(place)).sum() != 0);
    }
}
