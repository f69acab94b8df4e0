package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A plan laid along a path: its columns by length, its rows to either side; at a corner of the path the plan is mitred. */
public final class Along implements Lay {
    /** A stretch of the path between corners: its columns, its length, and the tangents of half the corners at its ends. */
    private record Stretch(
            int column,
            int columns,
            double from,
            double length,
            double before,
            double after,
            double corner,
            double nextCorner) {}

    /** Nearer to the line than this share of the width a place lies on it. */
    private static final double NOTHING = 1e-9;

    private final Path path;
    private final int columns;
    private final int rows;
    private final double width;
    private final boolean bowed;
    private final List<Stretch> stretches = new ArrayList<>();

    private Along(Path path, int columns, int rows, double width, boolean bowed) {
        this.path = path;
        this.columns = columns;
        this.rows = rows;
        this.width = width;
        this.bowed = bowed;
    }

    /**
     * @param columns the half cells along the path, an even number
     * @param width across the whole plan, in mm
     * @param turns rounded ones are those of rows that bend level at either edge
     */
    public static Along of(Path path, int columns, int rows, double width, Turns turns) {
        Along along = new Along(path, columns, rows, width, turns == Turns.ROUNDED);
        along.divide();
        return along;
    }

    private void divide() {
        List<Double> at = new ArrayList<>();
        List<Double> turn = new ArrayList<>();
        List<Double> corners = new ArrayList<>();
        int n = path.size();
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            Point u = path.curves().get(i == 0 ? n - 1 : i - 1).tangent(1);
            Point v = path.curves().get(i).tangent(0);
            double angle = Math.atan2(u.cross(v), u.dot(v));
            if (Math.abs(angle) > 1e-6) {
                at.add(path.lengthTo(i));
                corners.add((double) i);
                turn.add(Math.tan(Math.max(-1.2, Math.min(1.2, angle / 2))));
            }
        }
        double total = path.length();
        boolean cornered = !at.isEmpty();
        if (!path.closed() || !cornered) {
            at.add(0, 0.0);
            turn.add(0, 0.0);
            corners.add(0, 0.0);
        }
        int column = 0;
        double first = at.get(0);
        for (int k = 0; k < at.size(); k++) {
            boolean last = k == at.size() - 1;
            double end = last ? path.closed() ? first + total : total : at.get(k + 1);
            double after = !last ? turn.get(k + 1) : path.closed() ? turn.get(0) : 0;
            int left = columns - column;
            int share = last ? left : 2 * (int) Math.rint((end - first) / total * columns / 2) - column;
            share = last ? left : Math.max(2, Math.min(share, left - 2 * (at.size() - 1 - k)));
            double next = !last ? corners.get(k + 1) : path.closed() && corners.get(0) > 0 ? corners.get(0) : n;
            if (share <= 0) {
                continue;
            }
            stretches.add(
                    new Stretch(column, share, at.get(k), end - at.get(k), turn.get(k), after, corners.get(k), next));
            column += share;
        }
    }

    @Override
    public Point at(double column, double row) {
        // A turn at the outer edge comes to lie on the mitre of a corner, so that the plait goes round it.
        double on = path.closed() ? column + 1 : column;
        double x = path.closed() ? on - columns * Math.floor(on / columns) : on;
        Stretch stretch = stretches.get(stretches.size() - 1);
        for (int i = stretches.size() - 1; i >= 0 && x < stretches.get(i).column(); i--) {
            stretch = stretches.get(Math.max(0, i - 1));
        }
        double aside = ((bowed ? Lay.bowed(row, rows) : row / rows) - 0.5) * width;
        double share = (x - stretch.column()) / stretch.columns();
        double along =
                aside * stretch.before() + share * (stretch.length() - aside * (stretch.before() + stretch.after()));
        // A corner is taken as its number, so that rounding does not put an end of a stretch onto the next.
        double within = Math.max(0, Math.min(stretch.length(), along));
        double position = along <= 0
                ? stretch.corner()
                : along >= stretch.length() ? stretch.nextCorner() : position(stretch.from() + along);
        Point heading = along >= stretch.length() ? path.arrival(position) : path.tangent(position);
        return path.at(position)
                .plus(beside(heading, along - within, aside, along <= 0 ? stretch.before() : stretch.after()));
    }

    /**
     * The way from a place of the line to one beside it. Beyond the ends of a stretch, outside a corner, the plan goes round the corner:
     * straight on where tips are wanted, as far as the mitre, else by an arc.
     */
    private Point beside(Point heading, double beyond, double aside, double half) {
        if (!bowed || Math.abs(aside) < NOTHING * width || half == 0) {
            return heading.times(beyond).plus(heading.right().times(aside));
        }
        double round = Math.atan(half) * beyond / (aside * half);
        return heading.times(Math.sin(round))
                .plus(heading.right().times(Math.cos(round)))
                .times(aside);
    }

    @Override
    public boolean isBowed() {
        return bowed;
    }

    private double position(double length) {
        double total = path.length();
        double on = path.closed() && length > total * (1 + 1e-12) ? length - total : length;
        return path.positionAt(Math.min(on, total));
    }
}
