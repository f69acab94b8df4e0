package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/**
 * The shifts after which a pattern is the same again.
 *
 * @param across one of them (mm)
 * @param down the other; empty where it is a strip that repeats in one direction alone
 */
public record Lattice(Point across, Optional<Point> down) {
    /** More shifts than this are not told one by one. */
    private static final int MOST = 1_000_000;

    /** A shift by so many of both. */
    public record Steps(int across, int down) {
        public static final Steps NONE = new Steps(0, 0);

        public Steps plus(Steps other) {
            return new Steps(across + other.across, down + other.down);
        }

        public Steps minus(Steps other) {
            return new Steps(across - other.across, down - other.down);
        }

        public Steps times(int factor) {
            return new Steps(factor * across, factor * down);
        }

        /** A number that no other steps have, 0 for none, and small for few. */
        public int number() {
            int x = across < 0 ? -2 * across - 1 : 2 * across;
            int y = down < 0 ? -2 * down - 1 : 2 * down;
            return x >= y ? x * x + x + y : y * y + x;
        }

        public boolean isNone() {
            return across == 0 && down == 0;
        }
    }

    /** @throws IllegalArgumentException if both run the same way, or there is none */
    public Lattice {
        double area = down.map(d -> Math.abs(across.cross(d)) / (across.length() * d.length()))
                .orElse(across.length() > 0 ? 1.0 : 0.0);
        if (!(area > 1e-12)) {
            throw new IllegalArgumentException("the two shifts of a lattice do not run the same way");
        }
    }

    private Point second() {
        return down.orElseGet(across::right);
    }

    /** A place, or a shift, in parts of both shifts; of a strip the second part is measured by the first turned a quarter. */
    public Point parts(Point p) {
        Point second = second();
        double det = across.cross(second);
        return new Point(p.cross(second) / det, across.cross(p) / det);
    }

    /** What lies at so many parts of both. */
    public Point at(double right, double further) {
        return across.times(right).plus(second().times(further));
    }

    public Point shift(Steps steps) {
        return at(steps.across(), steps.down());
    }

    /** The steps that make a shift up to a tolerance (mm); empty when none do. */
    public Optional<Steps> steps(Point shift, double tolerance) {
        Steps near = nearest(shift);
        return shift(near).distance(shift) <= tolerance ? Optional.of(near) : Optional.empty();
    }

    /** The steps that come nearest to a shift. */
    public Steps nearest(Point shift) {
        Point parts = parts(shift);
        return new Steps((int) Math.rint(parts.x()), down.isEmpty() ? 0 : (int) Math.rint(parts.y()));
    }

    /** The place of the first tile that is the same as another; places of a strip keep their height. */
    public Point home(Point p) {
        Point parts = parts(p);
        return p.minus(at(Math.floor(parts.x()), down.isEmpty() ? 0 : Math.floor(parts.y())));
    }

    /** How far (mm) two places lie from each other, or from the nearest place that is the same. */
    public double apart(Point p, Point q) {
        Point parts = parts(p.minus(q));
        double x = parts.x() - Math.rint(parts.x());
        double y = down.isEmpty() ? parts.y() : parts.y() - Math.rint(parts.y());
        return at(x, y).length();
    }

    /** The lattice of every so many tiles. */
    public Lattice over(int columns, int rows) {
        return new Lattice(across.times(columns), down.map(d -> d.times(rows)));
    }

    /**
     * How many tiles across and down make the smallest upright rectangle that repeats by its own sides; none of up to so many does where rows, or
     * columns, are set off by a share that never comes out even.
     */
    public Optional<Steps> rectangle(int most) {
        for (int n = 1; n <= most; n++) {
            if (down.isEmpty()) {
                return across.y() == 0 ? Optional.of(new Steps(1, 1)) : Optional.empty();
            }
            if (across.y() == 0 && isWhole(n * down.get().x() / across.x())) {
                return Optional.of(new Steps(1, n));
            }
            if (down.get().x() == 0 && isWhole(n * across.y() / down.get().y())) {
                return Optional.of(new Steps(n, 1));
            }
        }
        return Optional.empty();
    }

    private static boolean isWhole(double number) {
        return Math.abs(number - Math.rint(number)) < 1e-9;
    }

    /** Whether the shifts that carry one box to where it meets another are too many to be told. */
    public boolean isTooFar(Box from, Box to) {
        Box parts = parts(shifts(from, to));
        return parts.width() * (down.isEmpty() ? 1 : Math.max(1, parts.height())) > MOST;
    }

    private static Box shifts(Box from, Box to) {
        return new Box(
                to.left() - from.right(), to.top() - from.bottom(), to.right() - from.left(), to.bottom() - from.top());
    }

    private Box parts(Box shifts) {
        Point a = parts(new Point(shifts.left(), shifts.top()));
        Point b = parts(new Point(shifts.right(), shifts.top()));
        Point c = parts(new Point(shifts.right(), shifts.bottom()));
        Point d = parts(new Point(shifts.left(), shifts.bottom()));
        return Box.of(a, c).with(Box.of(b, d));
    }

    /**
     * All shifts that carry one box to where it meets another.
     *
     * @throws IllegalArgumentException if they are too many to be told
     */
    public List<Steps> reaching(Box from, Box to) {
        Box shifts = shifts(from, to);
        Box parts = parts(shifts);
        int top = down.isEmpty() ? 0 : (int) Math.ceil(parts.top() - 1e-9);
        int bottom = down.isEmpty() ? 0 : (int) Math.floor(parts.bottom() + 1e-9);
        List<Steps> found = new ArrayList<>();
        if (isTooFar(from, to)) {
            throw new IllegalArgumentException("what is drawn is larger than so many tiles");
        }
        for (int y = top; y <= bottom; y++) {
            for (int x = (int) Math.ceil(parts.left() - 1e-9); x <= Math.floor(parts.right() + 1e-9); x++) {
                Point shift = at(x, y);
                if (shifts.grown(1e-9).contains(shift)) {
                    found.add(new Steps(x, y));
                }
            }
        }
        return found;
    }
}
