package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CurvesTest {
    private static final double TIGHT = 1e-9;

    @Test
    void lengthsAndAreasAreThoseOfTheClosedForms() {
        Path circle = Path.closed(Arc.circle(new Point(10, -4), 40, 0));
        assertThat(circle.length()).isCloseTo(2 * Math.PI * 40, within(TIGHT));
        assertThat(circle.signedArea()).isCloseTo(Math.PI * 1600, within(TIGHT));
        // Segment of a circle, chord at half the radius: r^2 (pi/3 - sqrt(3)/4). Closed form.
        Arc cap = new Arc(Point.ORIGIN, 10, -Math.PI / 3, 2 * Math.PI / 3);
        Path segment = Path.closed(cap, new Line(cap.end(), cap.start()));
        assertThat(segment.signedArea()).isCloseTo(100 * (Math.PI / 3 - Math.sqrt(3) / 4), within(TIGHT));
    }

    @Test
    void anArcsBoxReachesItsQuadrantsAndNoFurther() {
        Arc arc = new Arc(new Point(1, 2), 10, Math.toRadians(30), Math.toRadians(90));
        assertThat(arc.box().bottom()).isCloseTo(12, within(TIGHT));
        assertThat(arc.box().right()).isCloseTo(1 + 10 * Math.cos(Math.toRadians(30)), within(TIGHT));
        assertThat(arc.box().left()).isCloseTo(1 + 10 * Math.cos(Math.toRadians(120)), within(TIGHT));
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Arc any = new Arc(
                    new Point(random.nextDouble(), random.nextDouble()),
                    0.1 + random.nextDouble(),
                    20 * random.nextDouble() - 10,
                    12 * random.nextDouble() - 6);
            Box box = any.box().grown(1e-12);
            for (int k = 0; k <= 64; k++) {
                assertThat(box.contains(any.at(k / 64.0))).isTrue();
            }
        }
        for (double turned : new double[] {1e10, -1e17, 1e300}) {
            Arc far = new Arc(Point.ORIGIN, 1, turned, 2);
            assertThat(far.box().contains(far.at(1)))
                    .as("after very many turns")
                    .isTrue();
            assertThat(new Arc(Point.ORIGIN, 1, turned, 2 * Math.PI).box())
                    .as("a whole circle")
                    .isEqualTo(new Box(-1, -1, 1, 1));
        }
    }

    @Test
    void similaritiesKeepArcsArcsAndPlaces() {
        Affine map = Affine.mirror(new Point(3, 1), 20)
                .after(Affine.turn(33, new Point(-2, 5)).after(Affine.scale(1.7, Point.ORIGIN)));
        Arc arc = new Arc(new Point(4, 9), 3, 0.4, -2.1);
        Arc image = arc.map(map);
        for (double t : new double[] {0, 0.3, 1}) {
            assertThat(image.at(t).distance(map.of(arc.at(t)))).isLessThan(TIGHT);
        }
        assertThat(image.radius()).isCloseTo(5.1, within(TIGHT));
        assertThatIllegalArgumentException().isThrownBy(() -> arc.map(new Affine(1, 0, 0, 2, 0, 0)));
    }

    @Test
    void eightEvenTurnsComeBackExactlyAndLieAQuarterApart() {
        Point p = new Point(0, -62);
        assertThat(Affine.turn(90, Point.ORIGIN).of(p)).isEqualTo(new Point(62, 0));
        assertThat(Affine.turn(180, Point.ORIGIN).of(p)).isEqualTo(new Point(0, 62));
        assertThat(Angle.direction(30).x()).isEqualTo(0.5);
        assertThat(Angle.bearing(Affine.turn(45, Point.ORIGIN).of(p))).isCloseTo(45, within(TIGHT));
    }

    @Test
    void positionsRunAlongAPathAndRoundIt() {
        Path square = Path.polygon(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10)));
        assertThat(square.positionAt(25)).isCloseTo(2.5, within(TIGHT));
        assertThat(square.lengthTo(2.5)).isCloseTo(25, within(TIGHT));
        assertThat(new Path(square.part(3.5, 0.5), false).length()).isCloseTo(10, within(TIGHT));
        assertThat(square.nearest(new Point(4, -3))).isCloseTo(0.4, within(TIGHT));
        assertThat(square.reversed().signedArea()).isCloseTo(-100, within(TIGHT));
        assertThat(square.covers(square.reversed(), 1e-9)).isTrue();
    }

    @Test
    void whatIsNoFiniteNumberIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Point(Double.NaN, 0))
                .withMessageContaining("finite");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Arc(Point.ORIGIN, 0, 0, 1))
                .withMessageContaining("radius");
        assertThatIllegalArgumentException()
                .isThrownBy(() ->
                        Path.open(new Line(Point.ORIGIN, new Point(1, 0)), new Line(new Point(2, 0), new Point(3, 0))))
                .withMessageContaining("curve 1");
    }
}
