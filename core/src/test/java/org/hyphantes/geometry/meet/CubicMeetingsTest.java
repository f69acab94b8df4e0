package org.hyphantes.geometry.meet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class CubicMeetingsTest {
    private static final Tolerance TOLERANCE = new Tolerance(1e-7);

    private static final Cubic ARCH = new Cubic(new Point(0, 0), new Point(0, 40), new Point(60, 40), new Point(60, 0));

    private static List<Meeting> meet(Curve a, Curve b) {
        return CurveMeetings.of(a, b, TOLERANCE);
    }

    private static Curve any(Random random, int kind) {
        Point[] p = new Point[4];
        for (int i = 0; i < 4; i++) {
            p[i] = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        }
        return switch (kind) {
            case 0 -> new Cubic(p[0], p[1], p[2], p[3]);
            case 1 -> new Line(p[0], p[1]);
            default ->
                new Arc(p[0], 10 + 50 * random.nextDouble(), 6 * random.nextDouble(), 1 + 5 * random.nextDouble());
        };
    }

    /** Every meeting that a fine flattening shows is found, at its place, and no other. Reference: JTS. */
    @Test
    void meetingsAreThoseOfFlattenedCopies() {
        Random random = new Random(11);
        int met = 0;
        for (int trial = 0; trial < 600; trial++) {
            Curve a = any(random, 0);
            Curve b = any(random, trial % 3);
            List<Meeting> found = meet(a, b);
            Geometry points = Flattened.line(Path.open(a), 8000).intersection(Flattened.line(Path.open(b), 8000));
            assertThat(found).as("trial " + trial).hasSize(points.getNumPoints());
            for (Meeting meeting : found) {
                Meeting.At at = (Meeting.At) meeting;
                assertThat(a.at(at.first()).distance(b.at(at.second()))).isLessThan(1e-7);
                assertThat(points.distance(Flattened.JTS.createPoint(new org.locationtech.jts.geom.Coordinate(
                                at.place().x(), at.place().y()))))
                        .isLessThan(1e-2);
                met++;
            }
        }
        assertThat(met).isGreaterThan(300);
    }

    @Test
    void touchesOfACubicAreTouches() {
        // The arch is highest at (30, 30).
        assertThat(meet(ARCH, new Line(new Point(-10, 30), new Point(70, 30))))
                .singleElement()
                .satisfies(m -> {
                    assertThat(((Meeting.At) m).tangent()).isTrue();
                    assertThat(((Meeting.At) m).first()).isCloseTo(0.5, within(1e-4));
                });
        assertThat(meet(ARCH, new Arc(new Point(30, 45), 15, 0, 2 * Math.PI))).singleElement();
        assertThat(meet(ARCH, new Line(new Point(-10, 30 - 1e-9), new Point(70, 30 - 1e-9))))
                .singleElement();
        assertThat(meet(ARCH, new Line(new Point(-10, 29), new Point(70, 29)))).hasSize(2);
        assertThat(meet(ARCH, new Line(new Point(-10, 31), new Point(70, 31)))).isEmpty();
        // An end upon the inside of the other.
        Point on = ARCH.at(0.3);
        assertThat(meet(ARCH, new Cubic(on, on.plus(new Point(1, 5)), new Point(40, 70), new Point(80, 50))))
                .singleElement()
                .satisfies(m -> assertThat(((Meeting.At) m).second()).isCloseTo(0, within(1e-9)));
    }

    @Test
    void partsOfOneCubicLieOnOneAnother() {
        assertThat(meet(ARCH, ARCH.reversed())).isNotEmpty().allMatch(m -> m instanceof Meeting.Along);
        double along = meet(ARCH.part(0.1, 0.6), ARCH.part(0.35, 0.9)).stream()
                .map(Meeting.Along.class::cast)
                .mapToDouble(m -> m.firstTo() - m.firstFrom())
                .sum();
        assertThat(along).isCloseTo(0.5, within(1e-6));
        assertThat(meet(ARCH.part(0, 0.5), ARCH.part(0.5, 1))).singleElement().isInstanceOf(Meeting.At.class);
        // A straight cubic on a line.
        assertThat(meet(
                        Cubic.of(new Line(new Point(0, 0), new Point(30, 40))),
                        new Line(new Point(15, 20), new Point(60, 80))))
                .singleElement()
                .isInstanceOf(Meeting.Along.class);
    }

    @Test
    void aCubicCrossesItselfOnceAtMost() {
        Cubic loop = new Cubic(Point.ORIGIN, new Point(100, 80), new Point(-40, 80), new Point(60, 0));
        List<Meeting> own = CurveMeetings.self(loop, TOLERANCE);
        assertThat(own).singleElement().satisfies(m -> {
            Meeting.At at = (Meeting.At) m;
            assertThat(at.first() + at.second()).isCloseTo(1, within(1e-12));
            assertThat(at.place().x()).isCloseTo(30, within(1e-9));
        });
        assertThat(CurveMeetings.self(ARCH, TOLERANCE)).isEmpty();
        List<PathMeeting> meetings = PathMeetings.of(List.of(Path.open(loop)));
        assertThat(meetings).singleElement().satisfies(m -> assertThat(m.kind()).isEqualTo(PathMeeting.Kind.CROSSING));
        // Straight, but running on and back over itself.
        Cubic back = new Cubic(Point.ORIGIN, new Point(90, 0), new Point(-60, 0), new Point(30, 0));
        assertThat(CurveMeetings.self(back, TOLERANCE)).isNotEmpty().allMatch(m -> m instanceof Meeting.Along);
    }

    /** A closed smooth loop of cubics is met by a line an even number of times, and by itself as a flattened copy is. */
    @Test
    void jointsOfASmoothLoopAreNoMeetings() {
        Path loop = org.hyphantes.geometry.Shapes.ellipse(new Point(3, 4), 50, 20, 15);
        assertThat(PathMeetings.of(List.of(loop))).isEmpty();
        Random random = new Random(5);
        for (int trial = 0; trial < 100; trial++) {
            Path any = org.hyphantes.geometry.Shapes.loop(random, Point.ORIGIN, 40, 5);
            Path line = Path.open(new Line(new Point(-200, 300 * random.nextDouble() - 150), new Point(200, 7)));
            long crossings = PathMeetings.of(List.of(any, line)).stream()
                    .filter(m -> m.first() != m.second())
                    .count();
            assertThat(crossings % 2).as("trial " + trial).isZero();
        }
    }
}
