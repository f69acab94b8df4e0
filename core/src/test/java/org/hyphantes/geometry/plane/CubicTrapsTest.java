package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The traps of arrangements with cubics in them: counts by Euler's formula, areas in closed form. */
class CubicTrapsTest {
    private static Path oval(double x, double y, double a, double b, double tilt) {
        return Shapes.ellipse(new Point(x, y), a, b, tilt);
    }

    private static int bounded(Path... paths) {
        return Subdivision.of(List.of(paths)).faces() - 1;
    }

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }

    @Test
    void ovalsThatTouchOutsideAndInsideMakeNoSliver() {
        assertThat(bounded(oval(0, 0, 40, 25, 0), oval(70, 0, 30, 10, 0))).isEqualTo(2);
        assertThat(bounded(oval(0, 0, 40, 25, 0), oval(20, 0, 20, 5, 0))).isEqualTo(2);
        assertThat(bounded(oval(0, 0, 40, 25, 0), Path.closed(Arc.circle(new Point(0, 0), 25, 0))))
                .as("a circle touches its oval at both ends of the short axis")
                .isEqualTo(3);
    }

    @Test
    void whatLiesOnItselfIsOneBorder() {
        Path oval = oval(0, 0, 40, 25, 20);
        assertThat(bounded(oval, oval)).isEqualTo(1);
        assertThat(bounded(oval, oval.reversed(), oval)).isEqualTo(1);
        // The half of it with its chord: partly the same cubics.
        List<Curve> half = new ArrayList<>(oval.curves().subList(0, 4));
        half.add(new Line(half.get(3).end(), half.get(0).start()));
        Path closed = new Path(half, true);
        assertThat(bounded(oval, closed)).isEqualTo(2);
        assertThat(area(Booleans.minus(Region.of(oval), List.of(Region.of(closed)))))
                .isCloseTo(Math.PI * 40 * 25 / 2, within(0.02));
        // The same cubic divided elsewhere.
        List<Curve> shifted = new ArrayList<>();
        for (Curve curve : oval.curves()) {
            shifted.add(curve.part(0, 0.3));
            shifted.add(curve.part(0.3, 1));
        }
        assertThat(Booleans.symmetricDifference(List.of(Region.of(oval), Region.of(new Path(shifted, true)))))
                .isEmpty();
        List<Region> united = Booleans.union(List.of(Region.of(oval), Region.of(new Path(shifted, true))));
        assertThat(united).hasSize(1);
        assertThat(united.get(0).outline().size())
                .as("pieces of one cubic are one again")
                .isLessThanOrEqualTo((int) (1.2 * oval.size()));
    }

    /** Ovals as round as circles, all through one point: the counts of the circles they stand for. */
    @ParameterizedTest
    @CsvSource({"3, 6, 0", "5, 15, 0", "7, 28, 0", "3, 6, 1e6", "5, 15, 1e6"})
    void roundsThroughOnePoint(int k, int bounded, double far) {
        List<Path> rounds = new ArrayList<>();
        for (int i = 0; i < k; i++) {
            // Turned about the shared point, so that all have it in common exactly as far as numbers go.
            rounds.add(oval(30, 0, 30, 30, 0)
                    .map(Affine.turn(360.0 * i / k + 11, Point.ORIGIN))
                    .map(Affine.shift(new Point(far, -far))));
        }
        assertThat(Subdivision.of(rounds).faces() - 1).isEqualTo(bounded);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 1e-3, 1e-6, 1e-9, 1e-12, 0})
    void lensesOfTwoBowsGetThinnerAndThenAreNone(double bulge) {
        Path bow =
                Path.open(new Cubic(new Point(-50, 0), new Point(-20, bulge), new Point(20, bulge), new Point(50, 0)));
        Path other = Path.open(
                new Cubic(new Point(-50, 0), new Point(-20, -bulge), new Point(20, -bulge), new Point(50, 0)));
        Subdivision plane = Subdivision.of(List.of(bow, other));
        assertThat(plane.faces() - 1).isEqualTo(bulge >= 1e-6 ? 1 : 0);
        if (bulge >= 1e-6) {
            // y = 3 b t (1 - t) over dx = (90 (1 - t)^2 + 240 t (1 - t) + 90 t^2) dt comes to 51 b. Closed form.
            assertThat(area(plane.faceRegions())).isCloseTo(102 * bulge, within(1e-6));
        }
    }

    @Test
    void aLineAlongTheChordOfTheCrossingsDividesTheLens() {
        // Two ovals beside one another cross on the line between them.
        double h = 25 * Math.sqrt(1 - 0.5 * 0.5);
        Path chord = Path.open(new Line(new Point(0, -h), new Point(0, h)));
        Path longer = Path.open(new Line(new Point(0, -60), new Point(0, 60)));
        Path left = oval(-20, 0, 40, 25, 0);
        Path right = oval(20, 0, 40, 25, 0);
        assertThat(bounded(left, right, longer)).isEqualTo(4);
        assertThat(bounded(left, right)).isEqualTo(3);
        // The ends of the exact chord lie where the fitted oval is within its tolerance, not on it: it may just fail to
        // reach.
        assertThat(bounded(left, right, chord)).isBetween(3, 4);
        assertThat(bounded(left, right, longer, chord)).isEqualTo(4);
    }

    @Test
    void theVerySmallBesideTheVeryLargeAndTheVeryFar() {
        Path small = oval(12, 5, 1e-3, 4e-4, 30);
        Path large = oval(0, 0, 1e4, 6e3, 0);
        assertThat(bounded(small, large)).isEqualTo(2);
        Affine away = Affine.shift(new Point(1e6, -1e6));
        assertThat(bounded(
                        oval(0, 0, 40, 25, 10).map(away),
                        oval(30, 0, 40, 25, 70).map(away)))
                .isEqualTo(bounded(oval(0, 0, 40, 25, 10), oval(30, 0, 40, 25, 70)));
    }

    @Test
    void loopsCuspsFoldsAndNothingAtAll() {
        Point a = Point.ORIGIN;
        Cubic loop = new Cubic(a, new Point(100, 60), new Point(-60, 60), new Point(40, 0));
        assertThat(bounded(Path.open(loop))).as("a loop encloses a ground").isEqualTo(1);
        Cubic cusp = new Cubic(a, new Point(40, 40), new Point(0, 40), new Point(40, 0));
        assertThat(bounded(Path.open(cusp))).isZero();
        Cubic fold = new Cubic(a, new Point(90, 0), new Point(-50, 0), new Point(40, 0));
        assertThat(bounded(Path.open(fold))).isZero();
        assertThat(bounded(Path.open(fold), Path.open(new Line(new Point(10, -5), new Point(10, 5)))))
                .isZero();
        Cubic nothing = new Cubic(a, a, a, a);
        Path triangle = new Path(
                List.of(
                        nothing,
                        new Line(a, new Point(10, 0)),
                        new Line(new Point(10, 0), new Point(0, 10)),
                        new Line(new Point(0, 10), a)),
                true);
        assertThat(bounded(triangle)).isEqualTo(1);
        assertThat(Subdivision.of(List.of(triangle))
                        .faceRegions()
                        .get(0)
                        .outline()
                        .size())
                .isEqualTo(3);
    }

    @Test
    void numbersThatAreNoneAreRefused() {
        for (double bad : new double[] {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new Point(0, bad))
                    .withMessageContaining("finite");
            assertThatIllegalArgumentException().isThrownBy(() -> Arc.circle(Point.ORIGIN, bad, 0));
            assertThatIllegalArgumentException().isThrownBy(() -> new Arc(Point.ORIGIN, 1, bad, 1));
        }
    }

    /** As pens leave them that were pulled one way only: a control place on the start, the end or both, so that curves begin or end at no speed. */
    @Test
    void curvesThatBeginOrEndAtNoSpeedEncloseWhatTheyGoRound() {
        for (int seed = 0; seed < 400; seed++) {
            Random random = new Random(seed);
            int n = 3 + random.nextInt(5);
            List<Point> corners = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                corners.add(Point.polar(3 + random.nextDouble(), 360.0 * (i + 0.6 * random.nextDouble()) / n));
            }
            List<Curve> round = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                Point from = corners.get(i);
                Point to = corners.get((i + 1) % n);
                Point out = from.middle(to).times(1 + 0.2 * random.nextDouble());
                int kind = random.nextInt(4);
                round.add(
                        kind == 3
                                ? new Line(from, to)
                                : new Cubic(from, kind == 1 ? from : out, kind == 0 ? to : out, to));
            }
            Path path = new Path(round, true);
            List<Region> enclosed = Booleans.enclosed(List.of(path), FillRule.NON_ZERO);
            assertThat(area(enclosed)).as("seed %d", seed).isCloseTo(Math.abs(path.signedArea()), within(1e-6));
        }
    }
}
