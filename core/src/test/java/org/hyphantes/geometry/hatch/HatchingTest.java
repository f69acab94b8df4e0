package org.hyphantes.geometry.hatch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.junit.jupiter.api.Test;

class HatchingTest {
    private static Path circle(Point centre, double radius) {
        return Path.closed(Arc.circle(centre, radius, 0));
    }

    private static double length(List<Line> lines) {
        return lines.stream().mapToDouble(Line::length).sum();
    }

    /** The chord of a circle at a distance d from its middle is 2 sqrt(r\u00b2 - d\u00b2) long (Euclid III). */
    @Test
    void linesInACircleAreItsChords() {
        for (double bearing : new double[] {0, 30, 90, 137}) {
            List<Line> lines = Hatching.of(Region.of(circle(Point.ORIGIN, 10)), 1, bearing);
            double chords = 0;
            for (int n = -9; n <= 9; n++) {
                chords += 2 * Math.sqrt(100 - n * n);
            }
            assertThat(lines).as("at " + bearing).hasSize(19);
            assertThat(length(lines)).isCloseTo(chords, within(1e-6));
        }
    }

    /** Through a hole a line is in two, along a side and through corners it is one; narrow lines times their distance come to the area. */
    @Test
    void linesKeepOutOfHolesAndGoThroughCorners() {
        Region ring = new Region(circle(Point.ORIGIN, 10), List.of(circle(Point.ORIGIN, 5)));
        assertThat(Hatching.of(ring, 4, 0)).hasSize(5 + 3);
        Region square =
                Region.of(Path.polygon(List.of(new Point(-8, 0), new Point(0, -8), new Point(8, 0), new Point(0, 8))));
        List<Line> lines = Hatching.of(square, 8, 90);
        assertThat(lines).as("the one from corner to corner").hasSize(1);
        assertThat(length(lines)).isCloseTo(16, within(1e-9));
        assertThat(0.01 * length(Hatching.of(ring, 0.01, 12))).isCloseTo(ring.area(), within(0.01));
    }

    /** Seeded regions of lines, arcs and cubics: every end lies on the border, no middle outside, all on lines of the lattice. */
    @Test
    void linesEndOnTheBorderAndLieApartEvenly() {
        Random random = new Random(14);
        int lines = 0;
        for (int round = 0; round < 60; round++) {
            Region region = region(random);
            double spacing = 0.3 + random.nextDouble();
            double bearing = random.nextInt(360);
            Point across = Angle.direction(bearing).right();
            for (Line line : Hatching.of(region, spacing, bearing)) {
                lines++;
                for (Point end : List.of(line.start(), line.end())) {
                    double apart = region.borders().stream()
                            .mapToDouble(b -> b.at(b.nearest(end)).distance(end))
                            .min()
                            .orElseThrow();
                    assertThat(apart).isLessThan(1e-6);
                    double number = end.dot(across) / spacing;
                    assertThat(number).isCloseTo(Math.rint(number), within(1e-9));
                }
                assertThat(region.contains(line.at(0.5))).isTrue();
                assertThat(region.contains(line.at(0.03))).isTrue();
            }
        }
        assertThat(lines).isGreaterThan(1_000);
    }

    private static Region region(Random random) {
        int n = 3 + random.nextInt(5);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            corners.add(Angle.direction(360.0 * i / n).times(6 + 6 * random.nextDouble()));
        }
        List<Curve> sides = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % n);
            Point bulge = a.plus(b).times(0.1);
            sides.add(
                    random.nextBoolean()
                            ? new Line(a, b)
                            : new Cubic(
                                    a,
                                    a.times(2).plus(b).times(1.0 / 3).plus(bulge),
                                    b.times(2).plus(a).times(1.0 / 3).minus(bulge.times(0.3)),
                                    b));
        }
        Affine placed = Affine.shift(new Point(100 * random.nextDouble(), 50));
        return new Region(new Path(sides, true), List.of(circle(Point.ORIGIN, 1 + random.nextDouble()))).map(placed);
    }

    /** Circles about a centre, and parallels of a strand, over what they are clipped by: their ends on its border, their distances even. */
    @Test
    void circlesAndParallelsEndOnTheBorder() {
        Region ring = new Region(circle(new Point(3, 2), 20), List.of(circle(new Point(-4, 1), 6)));
        Point centre = new Point(9, -5);
        List<Curve> rounds = Clipping.rounds(ring, centre, 0.5);
        assertThat(rounds).hasSizeGreaterThan(40).allSatisfy(curve -> {
            double radius = ((Arc) curve).radius() / 0.5;
            assertThat(radius).isCloseTo(Math.rint(radius), within(1e-9));
            assertThat(((Arc) curve).centre().distance(centre)).isLessThan(1e-9);
            assertThat(ring.contains(curve.at(0.5))).isTrue();
            if (!((Arc) curve).isWhole()) {
                assertThat(offBorder(ring, curve.start())).isLessThan(1e-6);
                assertThat(offBorder(ring, curve.end())).isLessThan(1e-6);
            }
        });
        // Their lengths times their distance come to the area.
        double swept = 0.05
                * Clipping.rounds(ring, centre, 0.05).stream()
                        .mapToDouble(Curve::length)
                        .sum();
        assertThat(swept).isCloseTo(ring.area(), within(ring.area() / 500));
        // A strand that passes under another goes on in line behind it: both parts of a parallel are one.
        Line through = new Line(new Point(-40, 4), new Point(40, 4));
        List<Curve> parts = Clipping.of(ring, List.of(through));
        assertThat(parts).hasSize(2).allSatisfy(part -> {
            assertThat(part.start().y()).isEqualTo(4);
            assertThat(part.end().y()).isEqualTo(4);
            assertThat(offBorder(ring, part.start())).isLessThan(1e-6);
            assertThat(offBorder(ring, part.end())).isLessThan(1e-6);
        });
        double hidden = 2 * Math.sqrt(36 - 9);
        double whole = 2 * Math.sqrt(400 - 4);
        assertThat(parts.stream().mapToDouble(Curve::length).sum()).isCloseTo(whole - hidden, within(1e-9));
    }

    private static double offBorder(Region region, Point place) {
        return region.borders().stream()
                .mapToDouble(b -> b.at(b.nearest(place)).distance(place))
                .min()
                .orElseThrow();
    }
}
