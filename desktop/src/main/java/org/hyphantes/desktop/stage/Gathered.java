package org.hyphantes.desktop.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;

/**
 * Marks that lie so close together on the screen that they would cover one another, as one with a count.
 *
 * @param <T> what is marked
 * @param first the one in whose place the mark stands
 * @param count how many it stands for
 */
public record Gathered<T>(T first, int count) {
    /**
     * The marks in order, each with those after it that lie within a reach of it.
     *
     * @param place where one lies, in pixels
     * @param reach in pixels
     */
    public static <T> List<Gathered<T>> of(List<T> marks, Function<T, Point> place, double reach) {
        List<Gathered<T>> gathered = new ArrayList<>();
        PlaceGrid<Integer> grid = new PlaceGrid<>(reach);
        for (T mark : marks) {
            Point at = place.apply(mark);
            List<Integer> near = grid.within(at, reach);
            if (near.isEmpty()) {
                grid.add(at, gathered.size());
                gathered.add(new Gathered<>(mark, 1));
            } else {
                Gathered<T> with = gathered.get(near.get(0));
                gathered.set(near.get(0), new Gathered<>(with.first(), with.count() + 1));
            }
        }
        return gathered;
    }
}
