package org.hyphantes.geometry.meet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
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
}
