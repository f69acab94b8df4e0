package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** That the gap beside an under-pass is as wide as told all along, at every angle and on every kind of curve. */
class ClearanceTest {
    private static final double WIDTH = 4;
    private static final double CLEARANCE = 0.7;

    /** A path through the middle with a heading, of one kind of curve. */
    private static Path through(String kind, double degrees) {
        Point u = Point.polar(1, degrees);
        return switch (kind) {
            case "line" -> Path.open(new Line(u.times(-40), u.times(40)));
            case "arc" -> {
                Point centre = u.right().times(300);
                double from = Math.atan2(-centre.y(), -centre.x());
                yield Path.open(new Arc(centre, 300, from - 0.13, 0.26));
            }
            default -> {
                Point n = u.right();
                yield Path.open(
                        new Cubic(u.times(-40).plus(n.times(2)), u.times(-25), u.times(-13), Point.ORIGIN),
                        new Cubic(
                                Point.ORIGIN,
                                u.times(13),
                                u.times(25),
                                u.times(40).plus(n.times(2))));
            }
        };
    }

    static Stream<Arguments> crossings() {
        return Stream.of("line", "arc", "cubic")
                .flatMap(a -> Stream.of("line", "arc", "cubic")
                        .flatMap(b -> Stream.of(90, 75, 60, 45, 30, 20, 15).map(d -> Arguments.of(a, b, d))));
    }

    private static Weave woven(Path over, Path under, BandStyle style) {
        List<Strand> strands = List.of(
                new Strand("A", new StrandKey("a", List.of()), over, style),
                new Strand("B", new StrandKey("b", List.of()), under, style));
        return Weave.of(strands, Weave.Order.alternate(CLEARANCE), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
    }

    /** The cuts are where an outline is nearest to the band over it; there its distance is the clearance, and nowhere less. */
    private static void isEven(Weave weave, DoubleFunction<Double> half, int cuts) {
        Path over = weave.strands().get(0).path();
        int near = 0;
        for (Course course : weave.courses()) {
            if (course.strand() == 0) {
                continue;
            }
            for (Curve curve : course.region().outline().curves()) {
                boolean along = true;
                for (int i = 1; i < 20; i++) {
                    Point p = curve.at(i / 20.0);
                    double position = over.nearest(p);
                    double away = over.at(position).distance(p) - half.apply(position);
                    assertThat(away).isGreaterThan(CLEARANCE - 2e-4);
                    along &= Math.abs(away - CLEARANCE) < 2e-4;
                }
                near += along ? 1 : 0;
            }
        }
        assertThat(near).isGreaterThanOrEqualTo(cuts);
    }

    @ParameterizedTest(name = "{0} over {1} at {2} degrees")
    @MethodSource("crossings")
    void theGapIsEvenAtEveryAngleAndOnEveryCurve(String over, String under, int degrees) {
        Weave weave =
                woven(through(over, 0), through(under, degrees), new BandStyle(WidthProfile.even(WIDTH), Ends.BUTT, 3));
        assertThat(weave.crossings()).hasSize(1);
        assertThat(weave.troubles()).isEmpty();
        assertThat(weave.courses()).hasSize(3);
        isEven(weave, p -> WIDTH / 2, 2);
        for (Course course : weave.courses()) {
            assertThat(course.lines()).hasSize(3);
            Path own = weave.strands().get(course.strand()).path();
            double[] shares = weave.strands().get(0).band().shares();
            for (int k = 0; k < 3; k++) {
                for (int i = 1; i < 8; i++) {
                    Path line = course.lines().get(k);
                    Point p = line.at(line.positionAt(line.length() * i / 8));
                    double away = own.at(own.nearest(p)).distance(p);
                    assertThat(away).isCloseTo(Math.abs(shares[k]) * WIDTH / 2, within(2e-4));
                    assertThat(course.region().contains(p)).isTrue();
                }
            }
        }
    }

    @ParameterizedTest(name = "a tapered {0} over a tapered {1} at {2} degrees")
    @MethodSource("crossings")
    void theGapIsEvenBesideTapers(String over, String under, int degrees) {
        BandStyle style = new BandStyle(WidthProfile.taper(2, 5), Ends.ROUND, 2);
        Weave weave = woven(through(over, 0), through(under, degrees), style);
        assertThat(weave.troubles()).isEmpty();
        assertThat(weave.courses()).hasSize(3);
        // The edge of a taper stands slightly off the square of its middle: its distance is that of a nearby position.
        Path path = weave.strands().get(0).path();
        for (Course course : weave.courses()) {
            if (course.strand() == 1) {
                double least = Double.POSITIVE_INFINITY;
                for (Curve curve : course.region().outline().curves()) {
                    for (int i = 0; i <= 20; i++) {
                        Point p = curve.at(i / 20.0);
                        double position = path.nearest(p);
                        least = Math.min(
                                least,
                                path.at(position).distance(p)
                                        - weave.strands().get(0).width(position) / 2);
                    }
                }
                assertThat(least).isCloseTo(CLEARANCE, within(0.01));
            }
        }
    }
}
