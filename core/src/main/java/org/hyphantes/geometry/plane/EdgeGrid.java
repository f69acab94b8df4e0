package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleSupplier;
import java.util.function.IntConsumer;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/** Edges in the cells of a grid that their boxes reach over, so that a ray looks only at those on its way, the nearest cells first. */
final class EdgeGrid {
    /** An edge that reaches over more cells than this is looked at by every ray. */
    private static final int WIDE = 64;

    private final Box all;
    private final double side;
    private final int columns;
    private final int rows;

    /** For each cell where its edges begin in the list of all. */
    private final int[] first;

    private final int[] held;
    private final List<Integer> wide = new ArrayList<>();

    /** By which ray each edge was looked at last. */
    private final int[] seen;

    private int rays;

    EdgeGrid(Box[] boxes) {
        this.all = Box.round(Arrays.asList(boxes));
        double area = Math.max(all.width(), 1e-300) * Math.max(all.height(), 1e-300);
        double longest = Math.max(all.width(), all.height());
        this.side = Math.max(Math.sqrt(area / boxes.length), longest / 2000);
        this.columns = 1 + (int) (all.width() / side);
        this.rows = 1 + (int) (all.height() / side);
        this.seen = new int[boxes.length];
        int[] counts = new int[columns * rows + 1];
        for (int e = 0; e < boxes.length; e++) {
            if (cells(boxes[e]) > WIDE) {
                wide.add(e);
            } else {
                over(boxes[e], cell -> counts[cell + 1]++);
            }
        }
        for (int c = 0; c < columns * rows; c++) {
            counts[c + 1] += counts[c];
        }
        this.first = counts.clone();
        this.held = new int[counts[columns * rows]];
        for (int e = 0; e < boxes.length; e++) {
            if (cells(boxes[e]) <= WIDE) {
                int edge = e;
                over(boxes[e], cell -> held[counts[cell]++] = edge);
            }
        }
    }

    private int column(double x) {
        return Math.max(0, Math.min(columns - 1, (int) ((x - all.left()) / side)));
    }

    private int row(double y) {
        return Math.max(0, Math.min(rows - 1, (int) ((y - all.top()) / side)));
    }

    private long cells(Box box) {
        return (1L + column(box.right()) - column(box.left())) * (1L + row(box.bottom()) - row(box.top()));
    }

    private void over(Box box, IntConsumer cell) {
        for (int y = row(box.top()); y <= row(box.bottom()); y++) {
            for (int x = column(box.left()); x <= column(box.right()); x++) {
                cell.accept(y * columns + x);
            }
        }
    }

    /**
     * Goes along a ray from a place among the edges, cell by cell, and gives each edge it may meet, once.
     *
     * @param nearest the share of the ray at which it has met something so far; nothing beyond that is looked at
     */
    void along(Line ray, IntConsumer edge, DoubleSupplier nearest) {
        rays++;
        wide.forEach(edge::accept);
        Point from = ray.start();
        Point way = ray.end().minus(from);
        int x = column(from.x());
        int y = row(from.y());
        int stepX = way.x() > 0 ? 1 : -1;
        int stepY = way.y() > 0 ? 1 : -1;
        // The shares of the ray at which it comes to the next column, and the next row.
        double acrossX = side / Math.abs(way.x());
        double acrossY = side / Math.abs(way.y());
        double nextX = (all.left() + (x + (stepX > 0 ? 1 : 0)) * side - from.x()) / way.x();
        double nextY = (all.top() + (y + (stepY > 0 ? 1 : 0)) * side - from.y()) / way.y();
        while (x >= 0 && x < columns && y >= 0 && y < rows) {
            Watch.ask();
            int cell = y * columns + x;
            for (int k = first[cell]; k < first[cell + 1]; k++) {
                if (seen[held[k]] != rays) {
                    seen[held[k]] = rays;
                    edge.accept(held[k]);
                }
            }
            double leaves = Math.min(nextX, nextY);
            if (nearest.getAsDouble() <= leaves) {
                return;
            }
            if (nextX < nextY) {
                x += stepX;
                nextX += acrossX;
            } else {
                y += stepY;
                nextY += acrossY;
            }
        }
    }
}
