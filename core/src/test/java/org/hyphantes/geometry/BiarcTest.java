package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BiarcTest {
    private static void joins(Point p, Point u, Point q, Point v, List<Curve> way) {
        double scale = 1 + p.distance(q);
        assertThat(way.get(0).start().distance(p)).isLessThan(1e-9 * scale);
        assertThat(way.get(way.size() - 1).end().distance(q)).isLessThan(1e-7 * scale);
        assertThat(way.get(0).tangent(0).dot(u)).isCloseTo(1, within(1e-9));
        assertThat(way.get(way.size() - 1).tangent(1).dot(v)).isCloseTo(1, within(1e-9));
        for (int i = 1; i < way.size(); i++) {
            assertThat(way.get(i - 1).end().distance(way.get(i).start())).isLessThan(1e-7 * scale);
            assertThat(way.get(i - 1).tangent(1).dot(way.get(i).tangent(0))).isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void itLeavesAndArrivesAsToldAndIsSmoothBetween() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Point p = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
            Point q = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
            Point u = Point.polar(1, 360 * random.nextDouble());
            Point v = Point.polar(1, 360 * random.nextDouble());
            List<Curve> way = Biarc.of(p, u, q, v);
            assertThat(way).hasSizeLessThanOrEqualTo(2);
            joins(p, u, q, v, way);
        }
    }

    @Test
    void whereOneCurveDoesItIsOne() {
        Point east = new Point(1, 0);
        Point south = new Point(0, 1);
        assertThat(Biarc.of(Point.ORIGIN, east, new Point(30, 0), east))
                .containsExactly(new Line(Point.ORIGIN, new Point(30, 0)));
        List<Curve> quarter = Biarc.of(Point.ORIGIN, east, new Point(20, 20), south);
        assertThat(quarter).singleElement().isInstanceOf(Arc.class);
        assertThat(quarter.get(0).length()).isCloseTo(Math.PI * 10, within(1e-9));
        List<Curve> back = Biarc.of(Point.ORIGIN, east, new Point(0, 20), east.times(-1));
        assertThat(back.stream().mapToDouble(Curve::length).sum()).isCloseTo(Math.PI * 10, within(1e-9));
        // An S of two equal arcs, whose joint lies half the way.
        List<Curve> s = Biarc.of(Point.ORIGIN, east, new Point(20, 8), east);
        assertThat(s).hasSize(2);
        assertThat(s.get(0).end().distance(new Point(10, 4))).isLessThan(1e-9);
        assertThat(s.get(0).length()).isCloseTo(s.get(1).length(), within(1e-9));
        assertThatThrownBy(() -> Biarc.of(Point.ORIGIN, east, Point.ORIGIN, south))
                .hasMessageContaining("two places");
    }

    @Test
    void reversedItIsTheSameWayBack() {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            Point p = new Point(50 * random.nextDouble(), 50 * random.nextDouble());
            Point q = new Point(60 + 50 * random.nextDouble(), 50 * random.nextDouble());
            Point u = Point.polar(1, 20 + 140 * random.nextDouble());
            Point v = Point.polar(1, 20 + 140 * random.nextDouble());
            double there =
                    Biarc.of(p, u, q, v).stream().mapToDouble(Curve::length).sum();
            double back = Biarc.of(q, v.times(-1), p, u.times(-1)).stream()
                    .mapToDouble(Curve::length)
                    .sum();
            assertThat(back).isCloseTo(there, within(1e-7 * there));
        }
    }
}
