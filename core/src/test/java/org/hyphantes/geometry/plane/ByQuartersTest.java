package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.junit.jupiter.api.Test;

/** Areas that are many, or lie over one another many deep, which are united quarter by quarter. */
class ByQuartersTest {
    /**
     * Discs through one point: in polar coordinates about it the rim is 2 r cos of the angle to the nearest centre, so the area is
     * 2 pi r^2 + n r^2 sin(2 pi / n). Closed form.
     */
    @Test
    void discsThroughOnePoint() {
        for (int n : new int[] {12, 13, 48, 97, 400}) {
            int all = n;
            List<Region> discs = IntStream.range(0, n)
                    .mapToObj(i -> Region.of(Path.closed(Arc.circle(Point.polar(10, 360.0 * i / all), 10, 0))))
                    .toList();
            List<Region> union = Booleans.union(discs);
            assertThat(union).as("%d discs", n).hasSize(1);
            assertThat(union.get(0).holes()).isEmpty();
            assertThat(union.get(0).outline().size()).isEqualTo(n);
            assertThat(union.get(0).area())
                    .isCloseTo(200 * Math.PI + 100 * n * Math.sin(2 * Math.PI / n), within(1e-7));
        }
    }

    /** Rectangles about one centre, ever broader and lower, in many parts: a cross of steps, each of them one line. */
    @Test
    void stepsOfRectanglesInManyParts() {
        int n = 60;
        List<Region> rectangles = IntStream.rangeClosed(1, n)
                .mapToObj(i -> Region.of(rectangle(2 * i, 2 * (n + 1 - i), 37)))
                .toList();
        List<Region> union = Booleans.union(rectangles);
        assertThat(union).hasSize(1);
        // Of each quarter the columns are n, n - 1, ... 1 high and 1 wide; each step has two lines, those over the axes
        // one for both quarters.
        assertThat(union.get(0).area()).isCloseTo(4.0 * n * (n + 1) / 2, within(1e-8));
        assertThat(union.get(0).outline().size()).isEqualTo(4 * (2 * n - 1));
    }

    /**
     * Square frames side by side, sixteen by sixteen, that share a quarter of their breadth, with an island in each second one: a grid of bars. Closed form, also
     * far from the origin.
     */
    @Test
    void framesSideBySide() {
        int n = 16;
        double step = 10;
        double half = 1.5;
        for (Point corner : List.of(Point.ORIGIN, new Point(4000, -7000))) {
            List<Region> regions = new ArrayList<>();
            for (int i = 0; i < n * n; i++) {
                Point centre = corner.plus(new Point(step * (i % n), step * (i / n)));
                Affine there = Affine.shift(centre);
                regions.add(new Region(
                        rectangle(step + 2 * half, step + 2 * half, 1).map(there),
                        List.of(rectangle(step - 2 * half, step - 2 * half, 1).map(there))));
                if (i % 2 == 0) {
                    regions.add(Region.of(Path.closed(Arc.circle(centre, 2, 0))));
                }
            }
            List<Region> union = Booleans.union(regions);
            assertThat(union).hasSize(1 + n * n / 2);
            assertThat(holes(union)).isEqualTo(n * n);
            double bars = Math.pow(n * step + 2 * half, 2) - n * n * Math.pow(step - 2 * half, 2);
            assertThat(area(union)).isCloseTo(bars + n * n / 2 * 4 * Math.PI, within(1e-6));
            assertThat(union.stream().mapToInt(r -> r.outline().size()).max()).hasValue(4);
            assertThat(union.stream().flatMap(r -> r.holes().stream())).allMatch(hole -> hole.size() == 4);
        }
    }

    /** What one subdivision of all of them finds, of so many rings that the quarters are united two by two. */
    @Test
    void ringsOfALattice() {
        int n = 36;
        List<Region> rings = IntStream.range(0, n * n)
                .mapToObj(i -> new Point(8.0 * (i % n), 8.0 * (i / n)))
                .map(at -> new Region(
                        Path.closed(Arc.circle(at, 10.75, 0)), List.of(Path.closed(Arc.circle(at, 9.25, 0)))))
                .toList();
        List<Region> union = Booleans.union(rings);
        List<Region> atOnce = Booleans.combined(rings.stream().map(Operand::of).toList(), w -> w.held() > 0);
        assertThat(union).hasSize(1).hasSameSizeAs(atOnce);
        assertThat(holes(union)).isGreaterThan(4000).isEqualTo(holes(atOnce));
        assertThat(curves(union)).isEqualTo(curves(atOnce));
        assertThat(area(union)).isCloseTo(area(atOnce), within(1e-6));
    }

    /** What one subdivision of all of them finds, of shapes of all kinds that hold one another, touch, and leave holes and islands. */
    @Test
    void asAllAtOnce() {
        for (int trial = 0; trial < 6; trial++) {
            Random random = new Random(4100 + trial);
            List<Region> regions = new ArrayList<>();
            while (regions.size() < 240) {
                Path shape = Shapes.any(random).outline();
                Point seat = Point.polar(32 + 2 * random.nextInt(4), 30 * random.nextInt(12));
                if (shape.box().width() < 32) {
                    regions.add(Region.of(
                            shape.map(Affine.shift(seat.minus(shape.box().centre())))));
                }
            }
            regions.addAll(regions.subList(0, 4));
            assertThat(depth(regions)).as("trial %d is deep", trial).isGreaterThan(4);
            List<Region> union = Booleans.union(regions);
            List<Region> atOnce =
                    Booleans.combined(regions.stream().map(Operand::of).toList(), w -> w.held() > 0);
            assertThat(union).as("trial %d", trial).hasSameSizeAs(atOnce);
            assertThat(holes(union)).as("trial %d", trial).isPositive().isEqualTo(holes(atOnce));
            assertThat(area(union)).as("trial %d", trial).isCloseTo(area(atOnce), within(1e-6));
            for (int i = 0; i < 200; i++) {
                Point at = new Point(100 * random.nextDouble() - 50, 100 * random.nextDouble() - 50);
                assertThat(union.stream().anyMatch(r -> r.contains(at)))
                        .as("trial %d at %s", trial, at)
                        .isEqualTo(regions.stream().anyMatch(r -> r.contains(at)));
            }
        }
    }

    /** What an outline that goes round six times encloses by the even-odd rule is no deeper, though its signed area is that of many boxes. */
    @Test
    void outlinesThatGoRoundManyTimes() {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 6 * 40; i++) {
            corners.add(Point.polar(20 + 0.1 * i / 40, 360.0 * i / 40));
        }
        Region wound = Region.of(Path.polygon(corners));
        assertThat(depth(List.of(wound))).isGreaterThan(4);
        Region aside = wound.map(Affine.shift(new Point(1, 2)));
        for (List<Region> regions : List.of(List.of(wound), List.of(wound, aside, wound))) {
            List<Region> atOnce =
                    Booleans.combined(regions.stream().map(Operand::of).toList(), w -> w.held() > 0);
            assertThat(Booleans.union(regions)).hasSameSizeAs(atOnce).isNotEmpty();
            assertThat(area(Booleans.union(regions))).isCloseTo(area(atOnce), within(1e-8));
        }
    }

    private static Path rectangle(double width, double height, int parts) {
        Point[] corners = {
            new Point(-width / 2, -height / 2),
            new Point(width / 2, -height / 2),
            new Point(width / 2, height / 2),
            new Point(-width / 2, height / 2)
        };
        List<Curve> lines = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            Point from = corners[side];
            Point along = corners[(side + 1) % 4].minus(from);
            for (int i = 0; i < parts; i++) {
                lines.add(new Line(
                        from.plus(along.times((double) i / parts)), from.plus(along.times((i + 1.0) / parts))));
            }
        }
        return new Path(lines, true);
    }

    private static double depth(List<Region> regions) {
        Box round = Box.round(regions.stream().map(r -> r.outline().box()).toList());
        return area(regions) / (round.width() * round.height());
    }

    private static int holes(List<Region> regions) {
        return regions.stream().mapToInt(r -> r.holes().size()).sum();
    }

    private static int curves(List<Region> regions) {
        return regions.stream()
                .flatMap(r -> r.borders().stream())
                .mapToInt(Path::size)
                .sum();
    }

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }
}
