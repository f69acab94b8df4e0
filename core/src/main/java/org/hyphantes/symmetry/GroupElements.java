package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/**
 * What carries a pattern to itself, as the International Tables draw it: centres of turning, mirror lines and lines of glide.
 *
 * @param centres those in one cell, each with the highest order of turning there
 * @param axes lines through that cell
 */
public record GroupElements(List<Centre> centres, List<Axis> axes) {
    private static final double SAME = 1e-6;

    /** A place about which an n-th of a turn carries the pattern to itself. */
    public record Centre(Point place, int order) {}

    /**
     * A line in which the pattern is its own image.
     *
     * @param through a place on it, and {@code along} its direction, of length 1
     * @param glide whether only after a shift along it
     */
    public record Axis(Point through, Point along, boolean glide) {}

    public GroupElements {
        centres = List.copyOf(centres);
        axes = List.copyOf(axes);
    }

    /** The elements of a group on its lattice, in the cell that begins at its origin: of places at its borders those at its first ones. */
    public static GroupElements of(Tiling tiling) {
        List<Centre> centres = new ArrayList<>();
        List<Axis> axes = new ArrayList<>();
        Lattice lattice = tiling.lattice();
        int far = lattice.down().isEmpty() ? 0 : 2;
        for (RepeatGroup.Position position : tiling.group().positions()) {
            for (int right = -2; right <= 2; right++) {
                for (int further = -far; further <= far; further++) {
                    Affine map = tiling.map(position, right, further);
                    if (position.mirrors()) {
                        axis(map, tiling, axes);
                    } else if (!isShift(position)) {
                        centre(map, tiling, centres);
                    }
                }
            }
        }
        // A line of glide that is a mirror line as well is drawn as that alone.
        axes.removeIf(a -> a.glide() && axes.stream().anyMatch(b -> !b.glide() && isSameLine(a, b)));
        return new GroupElements(centres, axes);
    }

    private static boolean isShift(RepeatGroup.Position p) {
        return p.a() == 1 && p.d() == 1 && p.b() == 0 && p.c() == 0;
    }

    private static void centre(Affine map, Tiling tiling, List<Centre> centres) {
        double cosine = map.ofDirection(new Point(1, 0)).x();
        int order = cosine < -0.9 ? 2 : cosine < -0.1 ? 3 : cosine < 0.1 ? 4 : 6;
        double det = (1 - map.a()) * (1 - map.d()) - map.b() * map.c();
        Point place = new Point(
                ((1 - map.d()) * map.e() + map.c() * map.f()) / det,
                (map.b() * map.e() + (1 - map.a()) * map.f()) / det);
        Point parts = tiling.lattice().parts(place.minus(tiling.origin()));
        boolean strip = tiling.lattice().down().isEmpty();
        if (parts.x() < -SAME || parts.x() > 1 - SAME || !strip && (parts.y() < -SAME || parts.y() > 1 - SAME)) {
            return;
        }
        for (int i = 0; i < centres.size(); i++) {
            if (centres.get(i).place().distance(place) < SAME * (1 + place.length())) {
                if (centres.get(i).order() < order) {
                    centres.set(i, new Centre(place, order));
                }
                return;
            }
        }
        centres.add(new Centre(place, order));
    }

    private static void axis(Affine map, Tiling tiling, List<Axis> axes) {
        Point x = map.ofDirection(new Point(1, 0));
        Point y = map.ofDirection(new Point(0, 1));
        // A reflection keeps the sum of a direction and its image.
        Point one = new Point(1, 0).plus(x);
        Point other = new Point(0, 1).plus(y);
        Point along = (one.length() > other.length() ? one : other).unit();
        Point image = map.of(Point.ORIGIN);
        double glide = image.dot(along);
        Point through = image.minus(along.times(glide)).times(0.5);
        Axis found = new Axis(through, along, Math.abs(glide) > SAME);
        if (crossesCell(found, tiling)
                && axes.stream().noneMatch(a -> a.glide() == found.glide() && isSameLine(a, found))) {
            axes.add(found);
        }
    }

    private static boolean isSameLine(Axis a, Axis b) {
        Point apart = a.through().minus(b.through());
        return Math.abs(a.along().cross(b.along())) < SAME
                && Math.abs(apart.cross(a.along())) < SAME * (1 + apart.length());
    }

    /** Whether a line goes through a cell, or along its first borders. */
    private static boolean crossesCell(Axis axis, Tiling tiling) {
        Lattice lattice = tiling.lattice();
        boolean strip = lattice.down().isEmpty();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int corner = 0; corner < 4; corner++) {
            Point place = tiling.origin().plus(lattice.at(corner % 2, strip ? corner / 2 - 0.5 : corner / 2));
            double beside = axis.along().cross(place.minus(axis.through()));
            least = Math.min(least, beside);
            most = Math.max(most, beside);
        }
        return least < SAME && most > -SAME && most - least > SAME && (most > SAME || least < -SAME);
    }
}
