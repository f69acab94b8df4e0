package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.junit.jupiter.api.Test;

/** What is taken to be free of crossings is so for JTS too, which knows nothing of headings. */
class SimpleLoopsTest {
    private static final double CLEAR = 1e-4;

    /** Through places round a middle, some of them out of turn, by cubics, lines or arcs that bulge by chance. */
    private static Path seeded(long seed) {
        Random random = new Random(seed);
        int n = 3 + random.nextInt(9);
        List<Point> through = new ArrayList<>();
        double turns = random.nextInt(6) == 0 ? 720 : 360;
        for (int i = 0; i < n; i++) {
            double jitter = random.nextInt(4) == 0 ? 80 * (random.nextDouble() - 0.5) : 0;
            through.add(Point.polar(10 * (0.15 + 0.85 * random.nextDouble()), turns * i / n + jitter));
        }
        double swing = 0.1 + 0.6 * random.nextDouble();
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = through.get(i);
            Point q = through.get((i + 1) % n);
            Point along = q.minus(through.get((i + n - 1) % n)).times(swing);
            Point on = through.get((i + 2) % n).minus(p).times(swing);
            int kind = random.nextInt(6);
            if (kind == 0) {
                curves.add(new Line(p, q));
            } else if (kind == 1) {
                curves.add(arc(p, q, 0.3 + 2.5 * random.nextDouble(), random.nextBoolean()));
            } else {
                curves.add(new Cubic(p, p.plus(along), q.minus(on), q));
            }
        }
        // In parts, as what runs beside a curve is fitted in parts.
        return inParts(curves, 1 + random.nextInt(5));
    }

    private static Path inParts(List<Curve> curves, int parts) {
        return new Path(
                curves.stream()
                        .flatMap(c ->
                                IntStream.range(0, parts).mapToObj(k -> c.part((double) k / parts, (k + 1.0) / parts)))
                        .toList(),
                true);
    }

    /** From one place to another, turning by an angle (radians) below half a turn, to one side or the other. */
    private static Arc arc(Point p, Point q, double turn, boolean right) {
        double side = right ? 1 : -1;
        double half = p.distance(q) / 2;
        Point centre = p.plus(q).times(0.5).plus(q.minus(p).right().unit().times(side * half / Math.tan(turn / 2)));
        Point spoke = p.minus(centre);
        return new Arc(centre, half / Math.sin(turn / 2), Math.atan2(spoke.y(), spoke.x()), side * turn);
    }

    @Test
    void noLoopThatCrossesItselfIsTakenToBeSimple() {
        int plain = 0;
        int many = 0;
        int crossed = 0;
        for (long seed = 0; seed < 3_000; seed++) {
            Path path = seeded(seed);
            boolean simple = Flattened.line(path, 200).isSimple();
            Path inMany = inParts(path.curves(), 12);
            if (SimpleLoops.areSo(List.of(inMany), CLEAR)) {
                many += inMany.size() > 64 ? 1 : 0;
                assertThat(simple).as("in many parts, seed %d", seed).isTrue();
            }
            crossed += simple ? 0 : 1;
            if (SimpleLoops.areSo(List.of(path), CLEAR)) {
                plain++;
                assertThat(simple).as("seed %d", seed).isTrue();
                assertThat(SimpleLoops.bounded(List.of(path), CLEAR)
                                        .orElseThrow()
                                        .size()
                                + SimpleLoops.bounded(List.of(path.reversed()), CLEAR)
                                        .orElseThrow()
                                        .size())
                        .as("bounded one way about, seed %d", seed)
                        .isEqualTo(1);
            }
        }
        assertThat(crossed).as("loops that cross themselves").isGreaterThan(800);
        assertThat(many).as("loops of more than 64 curves told to be simple").isGreaterThan(1_000);
        assertThat(plain).as("loops told to be simple").isGreaterThan(1_000);
    }

    /** Half a turn of headings is too much: a loop of two curves may come back to where it began. */
    @Test
    void whatTouchesIsNotSimple() {
        Path touching = Path.polygon(
                List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(5, 0), new Point(0, 10)));
        assertThat(SimpleLoops.areSo(List.of(touching), CLEAR)).isFalse();
        Path square = Path.polygon(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10)));
        assertThat(SimpleLoops.areSo(List.of(square), CLEAR)).isTrue();
        Path near = Path.polygon(List.of(
                new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(5, CLEAR / 2), new Point(0, 10)));
        assertThat(SimpleLoops.areSo(List.of(near), CLEAR))
                .as("nearer than what is clear")
                .isFalse();
        assertThat(SimpleLoops.bounded(List.of(square), CLEAR)
                        .orElseThrow()
                        .get(0)
                        .area())
                .isCloseTo(100, within(1e-12));
    }

    /** What bends one way and turns once is simple however it lies; what turns twice, or is hardly broader than nothing, is not taken to be. */
    @Test
    void whatIsConvexIsSimpleAtAnyAngle() {
        for (int turn = 0; turn < 90; turn += 5) {
            Affine turned = Affine.turn(turn, new Point(3, 4));
            Path bar = rounded(400, 60, 12).map(turned);
            assertThat(ConvexLoop.isSo(bar, CLEAR)).as("bar at %d", turn).isTrue();
            assertThat(ConvexLoop.isSo(inParts(bar.curves(), 16).reversed(), CLEAR))
                    .as("in parts, the other way, at %d", turn)
                    .isTrue();
            assertThat(SimpleLoops.areSo(List.of(bar), CLEAR)).isTrue();
            // Steiner, as in OffsetTest.
            List<Region> grown = OffsetCurves.outset(Region.of(bar), 7, Corners.ROUND);
            assertThat(grown).hasSize(1);
            assertThat(grown.get(0).outline().size()).isEqualTo(8);
            assertThat(grown.get(0).area())
                    .isCloseTo(Region.of(bar).area() + 7 * bar.length() + 49 * Math.PI, within(1e-8));
        }
        for (int points : new int[] {5, 7, 9}) {
            assertThat(ConvexLoop.isSo(star(points, 2), CLEAR))
                    .as("star of %d", points)
                    .isFalse();
            assertThat(SimpleLoops.areSo(List.of(star(points, 2)), CLEAR))
                    .as("star of %d", points)
                    .isFalse();
            assertThat(ConvexLoop.isSo(star(points, 1), CLEAR))
                    .as("polygon of %d", points)
                    .isTrue();
        }
        assertThat(ConvexLoop.isSo(rounded(400, CLEAR, CLEAR / 4), CLEAR))
                .as("a sliver")
                .isFalse();
        Path dented = Path.polygon(
                List.of(new Point(0, 0), new Point(5, 1e-3), new Point(10, 0), new Point(10, 10), new Point(0, 10)));
        assertThat(ConvexLoop.isSo(dented, CLEAR)).as("dented").isFalse();
    }

    private static Path rounded(double width, double height, double radius) {
        Point[] corners = {new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)};
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Point along = corners[(i + 1) % 4].minus(corners[i]).unit();
            Point next = corners[(i + 2) % 4].minus(corners[(i + 1) % 4]).unit();
            Point end = corners[(i + 1) % 4].minus(along.times(radius));
            curves.add(new Line(corners[i].plus(along.times(radius)), end));
            curves.add(new Arc(end.plus(next.times(radius)), radius, Math.atan2(-next.y(), -next.x()), Math.PI / 2));
        }
        return new Path(curves, true);
    }

    private static Path star(int points, int step) {
        return Path.polygon(IntStream.range(0, points)
                .mapToObj(i -> Point.polar(10, 360.0 * step * i / points))
                .toList());
    }
}
