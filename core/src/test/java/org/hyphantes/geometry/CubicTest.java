package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CubicTest {
    private static Cubic any(Random random) {
        Point[] p = new Point[4];
        for (int i = 0; i < 4; i++) {
            p[i] = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        }
        return new Cubic(p[0], p[1], p[2], p[3]);
    }

    /** The parabola y = x^2 from 0 to 1 is a quadratic, so a cubic too: length and curvature in closed form. */
    @Test
    void aParabolaHasItsClosedForms() {
        Cubic parabola = new Cubic(Point.ORIGIN, new Point(1.0 / 3, 0), new Point(2.0 / 3, 1.0 / 3), new Point(1, 1));
        assertThat(parabola.length()).isCloseTo((2 * Math.sqrt(5) + Math.log(2 + Math.sqrt(5))) / 4, within(1e-12));
        assertThat(parabola.curvature(0)).isCloseTo(2, within(1e-12));
        assertThat(parabola.curvature(1)).isCloseTo(2 / Math.pow(5, 1.5), within(1e-12));
        // Under the parabola lies a third; seen from the origin a sixth of that is swept. Closed form.
        assertThat(parabola.sweptArea(Point.ORIGIN)).isCloseTo(1.0 / 2 - 1.0 / 3, within(1e-12));
        Path closed = Path.closed(parabola, new Line(new Point(1, 1), Point.ORIGIN));
        Point centroid = Region.of(closed).centroid();
        // Between y = x and y = x^2: (1/2, 2/5). Closed form.
        assertThat(centroid.distance(new Point(0.5, 0.4))).isLessThan(1e-12);
        assertThat(parabola.nearest(new Point(0, 0.5))).isCloseTo(0, within(1e-5));
        assertThat(parabola.parameterAt(parabola.lengthTo(0.37))).isCloseTo(0.37, within(1e-10));
    }

    @Test
    void boxesPartsLengthsAndNearestPlacesAgreeWithCloseSampling() {
        Random random = new Random(3);
        for (int trial = 0; trial < 300; trial++) {
            Cubic cubic = any(random);
            Point p = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
            Box box = cubic.box().grown(1e-9);
            double chords = 0;
            double least = cubic.start().distance(p);
            Box tight = Box.of(cubic.start(), cubic.end());
            for (int i = 1; i <= 4000; i++) {
                Point here = cubic.at(i / 4000.0);
                chords += here.distance(cubic.at((i - 1) / 4000.0));
                least = Math.min(least, here.distance(p));
                assertThat(box.contains(here)).isTrue();
                tight = tight.with(Box.of(here, here));
            }
            assertThat(cubic.box().width()).isCloseTo(tight.width(), within(1e-4));
            assertThat(cubic.length()).isCloseTo(chords, within(1e-3));
            assertThat(cubic.at(cubic.nearest(p)).distance(p))
                    .as("trial " + trial)
                    .isBetween(least - 0.02, least + 1e-9);
            Cubic part = cubic.part(0.2, 0.7);
            assertThat(part.at(0.5).distance(cubic.at(0.45))).isLessThan(1e-10);
            assertThat(cubic.lengthTo(0.2) + part.length() + cubic.part(0.7, 1).length())
                    .isCloseTo(cubic.length(), within(1e-8));
            assertThat(cubic.reversed().sweptArea(p)).isCloseTo(-cubic.sweptArea(p), within(1e-8));
        }
    }

    @Test
    void aPieceBetweenTwoMonotonePlacesTurnsAQuarterAtMostToOneSide() {
        Random random = new Random(4);
        for (int trial = 0; trial < 300; trial++) {
            Cubic cubic = any(random);
            double[] cuts = cubic.monotone();
            for (int i = 1; i < cuts.length; i++) {
                Cubic piece = cubic.part(cuts[i - 1], cuts[i]);
                double side = Math.signum(piece.curvature(0.5));
                for (int k = 1; k < 20; k++) {
                    assertThat(piece.tangent(0).dot(piece.tangent(k / 20.0))).isGreaterThan(-1e-6);
                    assertThat(piece.curvature(k / 20.0) * side).isGreaterThan(-1e-9);
                }
            }
            double[] twice = cubic.selfCrossing();
            if (twice.length == 2) {
                assertThat(cubic.at(twice[0]).distance(cubic.at(twice[1]))).isLessThan(1e-8);
            }
        }
    }

    /** Perimeters by the complete elliptic integral (Abramowitz and Stegun, chapter 17; the values are from memory) and pi a b. */
    @ParameterizedTest
    @CsvSource({"2, 1, 9.688448220547675", "1, 1, 6.283185307179586", "10, 3, 43.85910069"})
    void anEllipseIsTakenInWithinItsTolerance(double a, double b, double perimeter) {
        EllipticalArc ellipse = EllipticalArc.ellipse(new Point(7, -3), a, b, 30);
        Path path = new Path(new ArrayList<Curve>(ellipse.cubics()), true);
        assertThat(path.size()).isEqualTo(8);
        assertThat(path.length()).isCloseTo(perimeter, within(2e-5 * a));
        assertThat(path.signedArea()).isCloseTo(Math.PI * a * b, within(2e-5 * a * b));
        Affine back = Affine.turn(-30, Point.ORIGIN).after(Affine.shift(new Point(-7, 3)));
        double stray = 0;
        for (int i = 0; i < 800; i++) {
            Point p = back.of(path.at(i / 100.0));
            stray = Math.max(stray, Math.abs(Math.hypot(p.x() / a, p.y() / b) - 1));
        }
        assertThat(stray).isLessThan(EllipticalArc.RELATIVE_TOLERANCE).isGreaterThan(1e-6);
        assertThat(ellipse.cubics(1e-9).size()).isGreaterThan(20);
        assertThatIllegalArgumentException().isThrownBy(() -> ellipse.cubics(0)).withMessageContaining("tolerance");
    }

    @Test
    void anArcUnderAShearBecomesCubicsWhereTheMapTakesIt() {
        Affine shear = new Affine(1, 0.2, 0.5, 1.4, 3, -2);
        Arc arc = new Arc(new Point(2, 3), 10, 0.3, 4);
        Path image = Path.open(arc).map(shear);
        for (int i = 0; i <= 100; i++) {
            Point p = shear.of(arc.at(i / 100.0));
            assertThat(image.at(image.nearest(p)).distance(p)).isLessThan(1e-4);
        }
        assertThat(Path.open(arc).map(Affine.turn(20, Point.ORIGIN)).curves().get(0))
                .isInstanceOf(Arc.class);
    }

    /** A fit of a logarithmic spiral, r = e^(0.2 a): few cubics, never further away than asked. */
    @Test
    void fittedCubicsStayWithinTheirTolerance() {
        SmoothCurve spiral = new SmoothCurve() {
            @Override
            public Point at(double a) {
                return new Point(Math.cos(a), Math.sin(a)).times(Math.exp(0.2 * a));
            }

            @Override
            public Point velocity(double a) {
                return at(a).times(0.2).plus(at(a).right());
            }
        };
        assertFits(spiral, Fitting.of(spiral, 0, 12, 1e-5));
        assertFits(spiral, HermiteFit.of(spiral, 0, 12, 1e-5));
    }

    private static void assertFits(SmoothCurve spiral, List<Cubic> fitted) {
        assertThat(fitted.size()).isLessThan(70);
        Path path = new Path(new ArrayList<Curve>(fitted), false);
        for (int i = 0; i <= 1000; i++) {
            Point p = spiral.at(12 * i / 1000.0);
            assertThat(path.at(path.nearest(p)).distance(p)).isLessThan(1e-5);
        }
        // Its length is sqrt(1 + 1/0.04) times the growth of its radius. Closed form.
        assertThat(path.length()).isCloseTo(Math.sqrt(26) * (Math.exp(2.4) - 1), within(1e-4));
    }

    /** A straight way is one cubic whatever its direction, also where rounding makes the cosine of no turn more than 1. */
    @Test
    void whatIsStraightIsFittedByOneCubic() {
        Random random = new Random(3);
        for (int i = 0; i < 1_000; i++) {
            Point way = new Point(random.nextGaussian(), random.nextGaussian());
            SmoothCurve straight = new SmoothCurve() {
                @Override
                public Point at(double t) {
                    return way.times(t + 0.3 * t * t);
                }

                @Override
                public Point velocity(double t) {
                    return way.times(1 + 0.6 * t);
                }
            };
            assertThat(HermiteFit.of(straight, 0, 1, 1e-9)).as("along %s", way).hasSize(1);
        }
    }

    @Test
    void aCuspAndAStandstillHaveTheHeadingOfTheWayBesideThem() {
        Cubic cusp = new Cubic(Point.ORIGIN, new Point(10, 10), new Point(0, 10), new Point(10, 0));
        assertThat(cusp.velocity(0.5).length()).isLessThan(1e-12);
        assertThat(cusp.tangent(0.5).length()).isCloseTo(1, within(1e-12));
        Cubic blunt = new Cubic(Point.ORIGIN, Point.ORIGIN, new Point(5, 5), new Point(10, 5));
        assertThat(blunt.tangent(0).distance(new Point(Math.sqrt(0.5), Math.sqrt(0.5))))
                .isLessThan(1e-9);
        assertThat(new Cubic(Point.ORIGIN, new Point(1, 1), new Point(10, 0), new Point(10, 0))
                        .tangent(1)
                        .x())
                .isGreaterThan(0.9);
    }
}
