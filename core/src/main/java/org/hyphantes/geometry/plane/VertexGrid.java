package org.hyphantes.geometry.plane;

import java.util.Arrays;
import org.hyphantes.geometry.Point;

/**
 * Vertices brought together by nearness: a hash grid finds the neighbours of a new place, union-find joins them. A vertex
 * is where its first place was, so that input points are kept exactly and later places snap to them.
 */
final class VertexGrid {
    private final double cell;
    private final double epsilon;
    private double[] x = new double[64];
    private double[] y = new double[64];
    private int[] parent = new int[64];
    private int[] nextInCell = new int[64];
    private int size;
    private int[] table = new int[128];
    private int[] settled;
    private int count;

    VertexGrid(double epsilon) {
        this.epsilon = 2 * epsilon;
        // So much wider that most places have no neighbours but in their own.
        this.cell = 64 * epsilon;
        Arrays.fill(table, -1);
    }

    /** The number of the vertex at a place, for {@link #settled} later. */
    int at(Point place) {
        long cx = (long) Math.floor(place.x() / cell);
        long cy = (long) Math.floor(place.y() / cell);
        int found = -1;
        // Only the cells that the tolerance reaches into can hold a neighbour.
        long left = (long) Math.floor((place.x() - epsilon) / cell);
        long right = (long) Math.floor((place.x() + epsilon) / cell);
        long top = (long) Math.floor((place.y() - epsilon) / cell);
        long bottom = (long) Math.floor((place.y() + epsilon) / cell);
        for (long gx = left; gx <= right; gx++) {
            for (long gy = top; gy <= bottom; gy++) {
                for (int i = table[slot(gx, gy)]; i >= 0; i = nextInCell[i]) {
                    if (isNear(x[i] - place.x(), y[i] - place.y())) {
                        found = found < 0 ? find(i) : join(found, i);
                    }
                }
            }
        }
        return found >= 0 ? found : add(place, cx, cy);
    }

    private boolean isNear(double dx, double dy) {
        return dx * dx + dy * dy <= epsilon * epsilon;
    }

    private int add(Point place, long cx, long cy) {
        if (size == x.length) {
            x = Arrays.copyOf(x, 2 * size);
            y = Arrays.copyOf(y, 2 * size);
            parent = Arrays.copyOf(parent, 2 * size);
            nextInCell = Arrays.copyOf(nextInCell, 2 * size);
            grow();
        }
        x[size] = place.x();
        y[size] = place.y();
        parent[size] = size;
        int slot = slot(cx, cy);
        nextInCell[size] = table[slot];
        table[slot] = size;
        return size++;
    }

    private void grow() {
        table = new int[4 * size];
        Arrays.fill(table, -1);
        for (int i = 0; i < size; i++) {
            int slot = slot((long) Math.floor(x[i] / cell), (long) Math.floor(y[i] / cell));
            nextInCell[i] = table[slot];
            table[slot] = i;
        }
    }

    private int slot(long cx, long cy) {
        long hash = cx * 0x9E3779B97F4A7C15L + cy * 0xC2B2AE3D27D4EB4FL;
        return (int) ((hash ^ hash >>> 32) & (table.length - 1));
    }

    private int find(int i) {
        int root = i;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Makes two vertices one, at the place of the older. */
    int join(int a, int b) {
        int p = find(a);
        int q = find(b);
        parent[Math.max(p, q)] = Math.min(p, q);
        return Math.min(p, q);
    }

    /** Numbers the vertices that remain after joining, from 0. */
    void settle() {
        settled = new int[size];
        count = 0;
        for (int i = 0; i < size; i++) {
            settled[i] = find(i) == i ? count++ : -1;
        }
        double[] keptX = new double[count];
        double[] keptY = new double[count];
        for (int i = 0; i < size; i++) {
            if (settled[i] >= 0) {
                keptX[settled[i]] = x[i];
                keptY[settled[i]] = y[i];
            }
        }
        for (int i = 0; i < size; i++) {
            if (settled[i] < 0) {
                settled[i] = settled[find(i)];
            }
        }
        x = keptX;
        y = keptY;
    }

    int settled(int vertex) {
        return settled[vertex];
    }

    int count() {
        return count;
    }

    Point place(int vertex) {
        return new Point(x[vertex], y[vertex]);
    }
}
