package org.hyphantes.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

/** Ends that lie apart are joined by a corner, an arc or a straight line. */
class EndJoinTest {
    private static final Path ACROSS = Path.open(new Line(new Point(0, 0), new Point(10, 0)));
    private static final Path DOWN = Path.open(new Line(new Point(14, 20), new Point(14, 3)));

    @Test
    void twoLinesMeetInACornerAreRoundedOrAreBridged() {
        Path corner =
                EndJoin.CORNER.nearest(List.of(ACROSS, DOWN)).orElseThrow().get(0);
        assertThat(corner.curves())
                .containsExactly(
                        new Line(new Point(0, 0), new Point(14, 0)), new Line(new Point(14, 0), new Point(14, 20)));
        Path straight =
                EndJoin.STRAIGHT.nearest(List.of(DOWN, ACROSS)).orElseThrow().get(0);
        assertThat(straight.length()).isCloseTo(10 + 17 + 5, within(1e-9));
        assertThat(straight.curves()).as("3, 4, 5").contains(new Line(new Point(14, 3), new Point(10, 0)));
        Path arc = EndJoin.ARC.nearest(List.of(ACROSS, DOWN)).orElseThrow().get(0);
        for (int i = 1; i < arc.size(); i++) {
            Point before = arc.curves().get(i - 1).tangent(1);
            assertThat(before.distance(arc.curves().get(i).tangent(0)))
                    .as("it goes on without a corner")
                    .isLessThan(1e-6);
        }
        assertThat(arc.curves()).anyMatch(Arc.class::isInstance);
    }

    @Test
    void anOpenPathClosesAndParallelEndsAreBridged() {
        List<Curve> bend =
                List.of(new Line(new Point(0, 0), new Point(10, 0)), new Line(new Point(10, 0), new Point(10, 10)));
        Path open = new Path(bend, false);
        for (EndJoin by : EndJoin.values()) {
            Path closed = by.nearest(List.of(open)).orElseThrow().get(0);
            assertThat(closed.closed()).as(by.words()).isTrue();
            for (int i = 0; i < closed.size(); i++) {
                Curve next = closed.curves().get((i + 1) % closed.size());
                assertThat(closed.curves().get(i).end().distance(next.start()))
                        .as(by.words())
                        .isLessThan(1e-9);
            }
        }
        Path beside = Path.open(new Line(new Point(10, 5), new Point(0, 5)));
        Path hairpin =
                EndJoin.CORNER.nearest(List.of(ACROSS, beside)).orElseThrow().get(0);
        assertThat(hairpin.length()).as("parallel lines never meet").isCloseTo(25, within(1e-9));
        assertThat(EndJoin.ARC
                        .nearest(List.of(ACROSS.reversed(), beside))
                        .orElseThrow()
                        .get(0)
                        .length())
                .as("half a circle over 5 mm")
                .isCloseTo(20 + Math.PI * 2.5, within(1e-6));
        Path circle = Path.closed(Arc.circle(Point.ORIGIN, 3, 0));
        assertThat(EndJoin.CORNER.nearest(List.of(circle))).isEmpty();
    }
}
