package org.hyphantes.geometry.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.junit.jupiter.api.Test;

class NarrowsTest {
    private static Path circle(double x, double y, double radius) {
        return Path.closed(Arc.circle(new Point(x, y), radius, 10));
    }

    private static List<Narrow> narrows(double within, Path... paths) {
        return Narrows.of(List.of(paths), within, Watch.NONE);
    }

    @Test
    void linesAndCirclesComeNearestAsTheClosedFormsSay() {
        assertThat(narrows(20, circle(0, 0, 30), circle(70, 0, 35)))
                .singleElement()
                .satisfies(n -> {
                    assertThat(n.gap().distance()).isCloseTo(5, within(1e-9));
                    assertThat(n.gap().middle().distance(new Point(32.5, 0))).isLessThan(1e-9);
                });
        assertThat(narrows(20, circle(0, 0, 30), Path.open(new Line(new Point(-50, 37), new Point(50, 37)))))
                .singleElement()
                .satisfies(n -> assertThat(n.gap().distance()).isCloseTo(7, within(1e-9)));
        // A circle within another is nearest on one side only; about one centre it is as near everywhere, and said once
        // or twice.
        assertThat(narrows(20, circle(0, 0, 30), circle(4, 0, 20)))
                .singleElement()
                .satisfies(n -> assertThat(n.gap().distance()).isCloseTo(6, within(1e-9)));
        assertThat(narrows(20, circle(0, 0, 30), circle(0, 0, 22)))
                .isNotEmpty()
                .allSatisfy(n -> assertThat(n.gap().distance()).isCloseTo(8, within(1e-9)));
        Path upper = Path.open(new Line(new Point(0, 0), new Point(60, 0)));
        Path lower = Path.open(new Line(new Point(90, 6), new Point(20, 6)));
        assertThat(narrows(10, upper, lower)).anySatisfy(n -> {
            assertThat(n.gap().distance()).isCloseTo(6, within(1e-9));
            assertThat(n.gap().middle().x()).isCloseTo(40, within(1e-9));
        });
    }

    @Test
    void aCrossingIsNoNarrowPlaceAndWhatIsFarIsNone() {
        assertThat(narrows(15, circle(0, 0, 30), circle(40, 0, 30))).isEmpty();
        assertThat(narrows(4, circle(0, 0, 30), circle(70, 0, 35))).isEmpty();
        // The points at which two circles touch the same line from outside lie apart; the circles do not meet it again.
        assertThat(narrows(15, circle(0, 0, 30), Path.open(new Line(new Point(-80, 10), new Point(80, 12)))))
                .isEmpty();
    }

    @Test
    void cornersAndEndsCountAndAPathBesideItself() {
        Path end = Path.open(new Line(new Point(0, 0), new Point(40, 0)));
        assertThat(narrows(10, end, circle(75, 0, 30)))
                .anySatisfy(n -> assertThat(n.gap().distance()).isCloseTo(5, within(1e-9)));
        Path corner = Path.polygon(List.of(new Point(0, 0), new Point(40, 20), new Point(0, 40)));
        assertThat(narrows(10, corner, Path.open(new Line(new Point(46, -20), new Point(46, 60)))))
                .anySatisfy(n -> assertThat(n.gap().distance()).isCloseTo(6, within(1e-9)));
        Path hairpin = Path.open(
                new Line(new Point(0, 0), new Point(50, 0)),
                new Arc(new Point(50, 4), 4, -Math.PI / 2, Math.PI),
                new Line(new Point(50, 8), new Point(0, 8)));
        assertThat(narrows(12, hairpin)).anySatisfy(n -> {
            assertThat(n.first()).isEqualTo(n.second());
            assertThat(n.gap().distance()).isCloseTo(8, within(1e-9));
        });
    }

    /** Against the least distance found by sampling both curves finely. */
    @Test
    void cubicsComeNearestWhereSamplesDo() {
        Random random = new Random(5);
        for (int trial = 0; trial < 40; trial++) {
            List<Point> p = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                p.add(new Point(25 * random.nextDouble() + (i % 4) * 20, 10 * random.nextDouble() + (i < 4 ? 0 : 22)));
            }
            Path a = Path.open(new Cubic(p.get(0), p.get(1), p.get(2), p.get(3)));
            Path b = Path.open(new Cubic(p.get(4), p.get(5), p.get(6), p.get(7)));
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i <= 1200; i++) {
                Point on = a.at(i / 1200.0);
                least = Math.min(least, b.at(b.nearest(on)).distance(on));
            }
            double found =
                    Narrows.of(List.of(a, b), 60, Watch.NONE).get(0).gap().distance();
            assertThat(found).as("trial " + trial).isCloseTo(least, within(1e-4 * least));
        }
    }

    @Test
    void bendsTighterThanARadiusAreFoundOnceEach() {
        Path path = Path.open(
                new Line(new Point(0, 0), new Point(20, 0)),
                new Arc(new Point(20, 3), 3, -Math.PI / 2, Math.PI / 2),
                new Line(new Point(23, 3), new Point(23, 20)),
                new Arc(new Point(28, 20), 5, Math.PI, -Math.PI / 2));
        assertThat(Bends.tighter(path, 2)).isEmpty();
        assertThat(Bends.tighter(path, 4))
                .singleElement()
                .satisfies(b -> assertThat(b.radius()).isCloseTo(3, within(1e-9)));
        assertThat(Bends.tighter(path, 6)).hasSize(2);
        Cubic tip = new Cubic(new Point(-10, 0), new Point(10, 12), new Point(-10, 12), new Point(10, 0));
        assertThat(Bends.tighter(Path.open(tip), 5)).isNotEmpty();
    }
}
