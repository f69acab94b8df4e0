package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/** The regions that are divided, united and offset: any number of them, {@link #RADIUS} large. */
public enum GeometryScene {
    /** Discs in a square lattice at a spacing of 0.8 of their radius. */
    RINGS {
        @Override
        List<Region> regions(int count) {
            return lattice(count).map(at -> Region.of(circle(at, RADIUS))).toList();
        }
    },
    /** The same as bands 0.15 of the radius wide. */
    ANNULI {
        @Override
        List<Region> regions(int count) {
            return lattice(count)
                    .map(at -> new Region(circle(at, 1.075 * RADIUS), List.of(circle(at, 0.925 * RADIUS))))
                    .toList();
        }
    },
    /** Discs on a circle of their own radius: all of them pass through its centre. */
    ROSETTE {
        @Override
        List<Region> regions(int count) {
            return IntStream.range(0, count)
                    .mapToObj(i -> Region.of(circle(Point.polar(RADIUS, 360.0 * i / count), RADIUS)))
                    .toList();
        }
    },
    /** Smooth rounds of three to seven cubics, as close to one another as the rings, from seeded numbers. */
    LOOPS {
        @Override
        List<Region> regions(int count) {
            Random random = new Random(count);
            double side = Math.sqrt(count) * 0.8 * RADIUS;
            List<Region> regions = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                Point at = new Point(side * random.nextDouble(), side * random.nextDouble());
                regions.add(Region.of(round(random, at)));
            }
            return regions;
        }
    },
    /** Closed strands of a plait of 64 by 64 cells, turned round at its borders, of 124 lines, one to a cell, and four arcs each. */
    STRANDS {
        @Override
        List<Region> regions(int count) {
            return IntStream.range(0, count)
                    .mapToObj(i -> Region.of(strand(2 + i % CELLS_BETWEEN, i / CELLS_BETWEEN)))
                    .toList();
        }
    };

    static final double RADIUS = 10;

    private static final int CELLS = 64;
    private static final int CELLS_BETWEEN = CELLS - 3;

    abstract List<Region> regions(int count);

    private static Stream<Point> lattice(int count) {
        int side = (int) Math.sqrt(count);
        return IntStream.range(0, side * side)
                .mapToObj(i -> new Point(0.8 * RADIUS * (i % side), 0.8 * RADIUS * (i / side)));
    }

    private static Path circle(Point at, double radius) {
        return Path.closed(Arc.circle(at, radius, 0));
    }

    private static Path round(Random random, Point at) {
        int n = 3 + random.nextInt(5);
        List<Point> through = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            through.add(at.plus(Point.polar(RADIUS * (0.6 + 0.4 * random.nextDouble()), 360.0 * i / n)));
        }
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = through.get(i);
            Point q = through.get((i + 1) % n);
            Point along = q.minus(through.get((i + n - 1) % n));
            Point on = through.get((i + 2) % n).minus(p);
            curves.add(new Cubic(p, p.plus(along.times(0.18)), q.minus(on.times(0.18)), q));
        }
        return new Path(curves, true);
    }

    /**
     * One that goes round the middle of the plait, as all of them do.
     *
     * @param cells on two of its sides; the rest of half the cells of its round are on the others
     * @param set aside by so many thirds of a cell, so that no two strands run along one another
     */
    private static Path strand(int cells, int set) {
        double cell = 0.8 * RADIUS;
        double[] sides = {cells * cell, (CELLS - cells) * cell};
        Point corner = new Point(set * cell / 3, 0)
                .minus(Point.polar(sides[0] / 2, 45))
                .minus(Point.polar(sides[1] / 2, 135));
        List<Curve> curves = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            Point along = Point.polar(1, 45 + 90 * side);
            int lines = (int) Math.rint(sides[side % 2] / cell) - 1;
            for (int i = 0; i < lines; i++) {
                Point from = corner.plus(along.times((i + 0.5) * cell));
                curves.add(new Line(from, from.plus(along.times(cell))));
            }
            corner = corner.plus(along.times(sides[side % 2]));
            Point next = Point.polar(1, 135 + 90 * side);
            Point centre = corner.minus(along.times(cell / 2)).plus(next.times(cell / 2));
            curves.add(new Arc(centre, cell / 2, Math.atan2(-next.y(), -next.x()), Math.PI / 2));
        }
        return new Path(curves, true);
    }
}
