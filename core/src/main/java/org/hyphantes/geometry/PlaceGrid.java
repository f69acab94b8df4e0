package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;

/** Things by their places, in the square cells of a grid, so that those near a place are found without looking at all. */
public final class PlaceGrid<T> {
    private record Cell(long x, long y) {}

    private record Entry<T>(Point place, T thing) {}

    private final double cell;
    private final Map<Cell, List<Entry<T>>> cells = new HashMap<>();
    private int size;

    /** @param cell the side of a cell (mm), best about as large as the distances that are asked for */
    public PlaceGrid(double cell) {
        this.cell = Math.max(cell, Double.MIN_NORMAL);
    }

    private long index(double coordinate) {
        return (long) Math.floor(coordinate / cell);
    }

    public void add(Point place, T thing) {
        cells.computeIfAbsent(new Cell(index(place.x()), index(place.y())), c -> new ArrayList<>())
                .add(new Entry<>(place, thing));
        size++;
    }

    /** The things within a distance (mm) of a place; of each its own place too. */
    public void within(Point place, double distance, BiConsumer<Point, T> found) {
        long left = index(place.x() - distance);
        long right = index(place.x() + distance);
        long top = index(place.y() - distance);
        long bottom = index(place.y() + distance);
        if ((right - left + 1.0) * (bottom - top + 1.0) > 2.0 * size + 9) {
            cells.values().forEach(entries -> near(entries, place, distance, found));
            return;
        }
        for (long x = left; x <= right; x++) {
            for (long y = top; y <= bottom; y++) {
                near(cells.getOrDefault(new Cell(x, y), List.of()), place, distance, found);
            }
        }
    }

    private void near(List<Entry<T>> entries, Point place, double distance, BiConsumer<Point, T> found) {
        for (Entry<T> entry : entries) {
            if (entry.place().distance(place) <= distance) {
                found.accept(entry.place(), entry.thing());
            }
        }
    }

    /** The things within a distance (mm) of a place. */
    public List<T> within(Point place, double distance) {
        List<T> things = new ArrayList<>();
        within(place, distance, (at, thing) -> things.add(thing));
        return things;
    }
}
