package org.hyphantes.geometry.meet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.meet.PathMeeting.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;

class MeetingsTest {
    private static Path circle(double x, double y, double r) {
        return Path.closed(Arc.circle(new Point(x, y), r, 0));
    }

    private static Path line(double x1, double y1, double x2, double y2) {
        return Path.open(new Line(new Point(x1, y1), new Point(x2, y2)));
    }

    private static List<Kind> kinds(Path... paths) {
        return PathMeetings.of(List.of(paths)).stream().map(PathMeeting::kind).toList();
    }

    /** Two circles of radii r and s, d apart, cross at x = (d^2 + r^2 - s^2) / 2d from the first. Closed form. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 1e3, 1e6})
    void circlesCrossWhereTheClosedFormSays(double far) {
        for (double d : new double[] {35, 47.453, 62, 74.9}) {
            List<PathMeeting> found = PathMeetings.of(List.of(circle(far, -far, 40), circle(far + d, -far, 35)));
            double x = (d * d + 40 * 40 - 35 * 35) / (2 * d);
            double y = Math.sqrt(40 * 40 - x * x);
            assertThat(found).hasSize(2).allMatch(m -> m.kind() == Kind.CROSSING);
            for (PathMeeting m : found) {
                assertThat(m.place().x() - far).isCloseTo(x, within(1e-9 + far * 1e-14));
                assertThat(Math.abs(m.place().y() + far)).isCloseTo(y, within(1e-8 + far * 1e-13));
            }
        }
    }

    @Test
    void tangentCirclesTouchFromInsideAndOutside() {
        assertThat(kinds(circle(0, 0, 40), circle(75, 0, 35))).containsExactly(Kind.TOUCH);
        assertThat(kinds(circle(0, 0, 40), circle(5, 0, 35))).containsExactly(Kind.TOUCH);
        assertThat(kinds(circle(0, 0, 35), circle(5, 0, 40))).containsExactly(Kind.TOUCH);
        assertThat(kinds(circle(0, 0, 40), circle(75 + 1e-6, 0, 35))).isEmpty();
        // A lens thinner than the tolerance is one touch.
        assertThat(kinds(circle(0, 0, 40), circle(75 - 1e-12, 0, 35))).containsExactly(Kind.TOUCH);
        assertThat(kinds(circle(0, 0, 40), line(-50, 40, 50, 40))).containsExactly(Kind.TOUCH);
    }

    @Test
    void whatLiesOnOneAnotherIsAnOverlap() {
        assertThat(kinds(circle(0, 0, 40), circle(0, 0, 40))).containsExactly(Kind.OVERLAP);
        assertThat(kinds(circle(0, 0, 40), circle(0, 0, 40).map(Affine.turn(77, Point.ORIGIN))))
                .containsOnly(Kind.OVERLAP);
        assertThat(kinds(line(0, 0, 10, 0), line(7, 0, 30, 0))).containsExactly(Kind.OVERLAP);
        assertThat(kinds(line(0, 0, 10, 0), line(10, 0, 30, 0))).containsExactly(Kind.TOUCH);
        assertThat(kinds(line(0, 0, 10, 0), line(11, 0, 30, 0))).isEmpty();
    }

    @Test
    void cornersOnALineCrossOrTouchByWhereTheSidesGo() {
        List<Point> diamond = List.of(new Point(0, -10), new Point(10, 0), new Point(0, 10), new Point(-10, 0));
        Path shape = Path.polygon(diamond);
        // Through two opposite corners: two crossings, each met on both sides that share the corner, told once.
        assertThat(kinds(shape, line(-20, 0, 20, 0))).containsExactly(Kind.CROSSING, Kind.CROSSING);
        // Along the outside of one corner: a touch.
        assertThat(kinds(shape, line(-20, -10, 20, -10))).containsExactly(Kind.TOUCH);
        // Ending on a side: a touch, because an end passes to neither side.
        assertThat(kinds(shape, line(5, -5, 20, -20))).containsExactly(Kind.TOUCH);
        // Two squares a half-turn of their symmetry apart share no corner and cross eight times, as in any eight-point
        // star.
        assertThat(kinds(shape, shape.map(Affine.turn(45, Point.ORIGIN))))
                .hasSize(8)
                .containsOnly(Kind.CROSSING);
    }

    @Test
    void aPathMeetsItselfButNotAtItsOwnJoints() {
        List<Point> star = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            star.add(Point.polar(50, 144.0 * i));
        }
        assertThat(kinds(Path.polygon(star))).hasSize(5).containsOnly(Kind.CROSSING);
    }

    @Test
    void threeCirclesThroughOnePointMeetThereInThreePairs() {
        List<Path> three = new ArrayList<>();
        for (int k = 0; k < 3; k++) {
            three.add(circle(0, 0, 30).map(Affine.shift(Point.polar(30, 120.0 * k + 11))));
        }
        assertThat(PathMeetings.of(three))
                .hasSize(6)
                .filteredOn(m -> m.place().length() < 1e-9)
                .hasSize(3);
    }

    /** Seeded arrangements of circles and lines against JTS: as many crossings as the flattened copies have. */
    @Test
    void randomArrangementsAgreeWithJts() {
        Random random = new Random(2026);
        for (int trial = 0; trial < 150; trial++) {
            List<Path> paths = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                paths.add(
                        i % 3 == 0
                                ? line(at(random), at(random), at(random), at(random))
                                : circle(at(random), at(random), 5 + 30 * random.nextDouble()));
            }
            long ours = PathMeetings.of(paths).stream()
                    .filter(m -> m.kind() == Kind.CROSSING)
                    .count();
            long theirs = 0;
            for (int i = 0; i < paths.size(); i++) {
                for (int j = i + 1; j < paths.size(); j++) {
                    Geometry met =
                            Flattened.line(paths.get(i), 8_000).intersection(Flattened.line(paths.get(j), 8_000));
                    theirs += met.isEmpty() ? 0 : met.getNumGeometries();
                }
            }
            assertThat(ours).as("trial " + trial).isEqualTo(theirs);
        }
    }

    private static double at(Random random) {
        return 100 * random.nextDouble() - 50;
    }

    /**
     * Two graphs, the height of one above the other growing all the way, cross once (intermediate value theorem), however near the joints of their cubics lie
     * to the other and however shallow the angle; wherever either path begins.
     */
    @Test
    void pathsThatCrossOnceBesideTheirJointsCrossOnce() {
        int beside = 0;
        for (int seed = 0; seed < 3_000; seed++) {
            Random random = new Random(seed);
            double slope = Math.pow(10, -5 * random.nextDouble());
            double above = (random.nextDouble() * 6 - 3) * 1e-7 * Math.pow(10, -2 * random.nextDouble());
            double bend = (random.nextDouble() - 0.5) * slope * 4e-3;
            double joint = random.nextInt(3) == 0 ? above * random.nextInt(5) / slope : 0;
            Affine turn = Affine.turn(360 * random.nextDouble(), new Point(3, 7));
            Curve first = graph(-50, joint, above, slope, bend);
            Curve second = graph(joint, 50, above, slope, bend);
            Line back = new Line(second.end(), new Point(0, 40));
            Line down = new Line(new Point(0, 40), first.start());
            Path rising = random.nextBoolean()
                    ? Path.open(first, second)
                    : random.nextBoolean()
                            ? Path.closed(first, second, back, down)
                            : Path.closed(second, back, down, first);
            double other = random.nextBoolean() ? 0 : (random.nextDouble() - 0.5) * 1e-4;
            Path level = random.nextInt(3) == 0
                    ? line(-60, 0, 60, 0)
                    : Path.open(graph(-60, other, 0, 0, 0), graph(other, 60, 0, 0, 0));
            List<PathMeeting> found = PathMeetings.of(List.of(rising.map(turn), level.map(turn)), new Tolerance(1e-7));
            Point middle = turn.of(new Point(0, 0));
            assertThat(found.stream().filter(m -> m.place().distance(middle) < 20))
                    .as("seed %d", seed)
                    .singleElement()
                    .satisfies(m -> assertThat(m.kind()).isEqualTo(Kind.CROSSING));
            beside += Math.abs(above) < 1e-7 ? 1 : 0;
        }
        assertThat(beside).as("joints within the tolerance of the other path").isGreaterThan(1_000);
    }

    /** The graph of {@code above + slope x + bend x^2}, which a cubic is exactly. */
    private static Cubic graph(double from, double to, double above, double slope, double bend) {
        double third = (to - from) / 3;
        Point start = new Point(from, above + slope * from + bend * from * from);
        Point end = new Point(to, above + slope * to + bend * to * to);
        return new Cubic(
                start,
                start.plus(new Point(third, third * (slope + 2 * bend * from))),
                end.minus(new Point(third, third * (slope + 2 * bend * to))),
                end);
    }
}
