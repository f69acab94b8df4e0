package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.junit.jupiter.api.Test;

class SourcesTest {
    /** Every stretch, taken anew from the path that it names, lies on the border of which it is told, and they fill it. */
    @Test
    void everyBorderIsTheStretchesItNames() {
        Random random = new Random(12);
        for (int trial = 0; trial < 200; trial++) {
            List<Operand> operands = new ArrayList<>();
            List<Path> paths = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                Operand operand = random.nextInt(4) == 0
                        ? new Operand(List.of(Shapes.loop(random, new Point(50, 50), 40, 5)), FillRule.NON_ZERO)
                        : Operand.of(Shapes.any(random));
                operands.add(operand);
                paths.addAll(operand.paths());
            }
            for (Piece piece : Booleans.traced(operands, w -> w.held() > 1)) {
                List<Path> borders = piece.region().borders();
                assertThat(piece.sources()).hasSameSizeAs(borders);
                for (int b = 0; b < borders.size(); b++) {
                    double length = 0;
                    for (Stretch stretch : piece.sources().get(b)) {
                        Curve source = paths.get(stretch.path()).curves().get(stretch.curve());
                        Curve part = source.part(
                                Math.min(stretch.from(), stretch.to()), Math.max(stretch.from(), stretch.to()));
                        length += part.length();
                        Path border = borders.get(b);
                        Point middle = part.at(0.5);
                        assertThat(border.at(border.nearest(middle)).distance(middle))
                                .as("trial %d", trial)
                                .isLessThan(1e-5);
                    }
                    assertThat(length)
                            .as("trial %d", trial)
                            .isCloseTo(borders.get(b).length(), within(1e-3));
                }
            }
        }
    }

    /** Across a small change the pieces keep their names: the same stretches of the same curves at moved parameters. */
    @Test
    void namesOutliveASmallMove() {
        List<List<List<Integer>>> names = new ArrayList<>();
        for (double move : new double[] {0, 0.25, -0.25}) {
            List<Operand> ring = new ArrayList<>();
            for (int k = 0; k < 6; k++) {
                Point centre = Point.polar(40 + move, 60.0 * k + 7);
                ring.add(Operand.of(Region.of(Path.closed(Arc.circle(centre, 30, 0)))));
            }
            names.add(Booleans.traced(ring, w -> w.held() == 2).stream()
                    .map(p -> p.sources().get(0).stream()
                            .map(Stretch::path)
                            .sorted()
                            .toList())
                    .sorted((a, b) -> a.toString().compareTo(b.toString()))
                    .toList());
        }
        assertThat(names.get(0))
                .hasSizeGreaterThanOrEqualTo(6)
                .isEqualTo(names.get(1))
                .isEqualTo(names.get(2));
    }

    /** A five-pointed star drawn in one stroke: even-odd leaves its heart out, non-zero does not. */
    @Test
    void theTwoRulesOfEnclosing() {
        List<Point> tips = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            tips.add(Point.polar(50, 144.0 * i));
        }
        Path star = Path.polygon(tips);
        List<Region> tipsOnly = Booleans.enclosed(List.of(star), FillRule.EVEN_ODD);
        List<Region> all = Booleans.enclosed(List.of(star), FillRule.NON_ZERO);
        assertThat(tipsOnly).hasSize(5);
        assertThat(all).hasSize(1);
        assertThat(all.get(0).outline().size()).isEqualTo(10);
        // The heart is a pentagon of circumradius 50 / phi^2 (closed form): 5/2 R^2 sin 72 degrees.
        double phi = (1 + Math.sqrt(5)) / 2;
        double heart = 2.5 * Math.pow(50 / (phi * phi), 2) * Math.sin(Math.toRadians(72));
        double tipsArea = tipsOnly.stream().mapToDouble(Region::area).sum();
        assertThat(all.get(0).area() - tipsArea).isCloseTo(heart, within(1e-9));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Booleans.enclosed(
                        List.of(Path.open(new Line(Point.ORIGIN, new Point(1, 0)))), FillRule.EVEN_ODD))
                .withMessageContaining("join its ends");
    }

    @Test
    void linesDivideAndDanglingEndsCutNothing() {
        Region disc = Region.of(Path.closed(Arc.circle(Point.ORIGIN, 40, 0)));
        List<Path> spokes = new ArrayList<>();
        for (int k = 0; k < 12; k++) {
            spokes.add(Path.open(new Line(Point.polar(-50, 15.0 * k), Point.polar(50, 15.0 * k))));
        }
        List<Region> sectors = Booleans.divided(List.of(disc), spokes);
        assertThat(sectors).hasSize(24).allSatisfy(s -> {
            assertThat(s.area()).isCloseTo(Math.PI * 1600 / 24, within(1e-8));
            assertThat(s.outline().size()).isEqualTo(3);
        });
        Path dangling = Path.open(new Line(Point.ORIGIN, new Point(60, 0)));
        List<Region> whole = Booleans.divided(List.of(disc), List.of(dangling));
        assertThat(whole).hasSize(1);
        assertThat(whole.get(0).outline().size()).isEqualTo(1);
    }

    /** The drawing needs a curve for each stretch between true corners of its outline: counted on unions of seeded shapes. */
    @Test
    void resultsHaveHardlyMoreCurvesThanTheDrawingNeeds() {
        Random random = new Random(5);
        int made = 0;
        int needed = 0;
        for (int trial = 0; trial < 100; trial++) {
            List<Operand> operands = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                operands.add(Operand.of(Shapes.any(random)));
            }
            for (Piece piece : Booleans.traced(operands, w -> w.held() > 0)) {
                for (int b = 0; b < piece.sources().size(); b++) {
                    made += piece.region().borders().get(b).size();
                    List<Stretch> sources = piece.sources().get(b);
                    for (int i = 0; i < sources.size(); i++) {
                        Stretch here = sources.get(i);
                        Stretch next = sources.get((i + 1) % sources.size());
                        needed += sources.size() == 1
                                        || here.path() != next.path()
                                        || here.curve() != next.curve()
                                        || Math.abs(here.to() - next.from()) > 1e-9
                                ? 1
                                : 0;
                    }
                }
            }
        }
        assertThat(made).isBetween((int) (0.9 * needed), (int) (1.2 * needed));
    }
}
