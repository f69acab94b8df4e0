package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.InscribedDisc;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;

/** How wide grounds are, by closed forms and by the widest circles that JTS finds in them. */
class GroundWidthsTest {
    private static final double ALL = 1_000;

    private static Strand strand(Path path, double width) {
        return new Strand("A", new StrandKey("f", List.of()), path, width, Ends.BUTT);
    }

    private static Strand circle(double x, double y, double radius, double width) {
        return strand(Path.closed(Arc.circle(new Point(x, y), radius, 20)), width);
    }

    private static Weave weave(List<Strand> strands, Optional<Lattice> lattice) {
        return Weave.of(strands, Weave.Order.alternate(0.1), Symmetry.NONE, lattice, Watch.NONE)
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void groundsAreAsWideAsTheCirclesThatJtsFindsInThem(boolean even) {
        int grounds = 0;
        for (int trial = 0; trial < 6; trial++) {
            Random random = new Random(trial);
            List<Strand> strands = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                double width = even ? 3 : 1 + 4 * random.nextDouble();
                double radius = 15 + 15 * random.nextDouble();
                strands.add(circle(50 * random.nextDouble(), 50 * random.nextDouble(), radius, width));
            }
            Weave weave = weave(strands, Optional.empty());
            GroundWidths.Found found = GroundWidths.of(weave, ALL, ALL, Watch.NONE);
            double least = ALL;
            for (Region ground : Grounds.of(weave)) {
                double across = 2
                        * MaximumInscribedCircle.getRadiusLine(Flattened.polygon(ground, 400), 1e-3)
                                .getLength();
                least = Math.min(least, across);
                Point inside = InscribedDisc.of(ground).centre();
                // Bands that overlap beside their crossings part the ground of one face in two: the wider is told.
                assertThat(found.narrow())
                        .as("trial %d", trial)
                        .anyMatch(g -> g.within().contains(inside)
                                && (Math.abs(g.across() - across) < 4e-3 || even && g.across() > across));
                grounds++;
            }
            assertThat(found.narrow())
                    .hasSizeLessThanOrEqualTo(Grounds.of(weave).size());
            if (found.narrow().size() == Grounds.of(weave).size()) {
                assertThat(found.least()).as("trial %d", trial).isCloseTo(least, within(4e-3));
            }
            assertThat(found.least())
                    .isEqualTo(found.narrow().stream()
                            .mapToDouble(GroundWidths.Ground::across)
                            .min()
                            .orElseThrow());
        }
        assertThat(grounds).isGreaterThan(50);
    }

    /** Viviani: the distances of a place from the sides of an equilateral triangle add up to its height. */
    @Test
    void threeBandsLeaveAThirdOfTheHeightLessTheirHalves() {
        double height = 30;
        double[] widths = {2, 4, 9};
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Point middle = Point.polar(height / 3, 120 * i);
            Point along = Point.polar(60, 120 * i + 90);
            strands.add(strand(Path.open(new Line(middle.minus(along), middle.plus(along))), widths[i]));
        }
        double across = 2 * (height - 15.0 / 2) / 3;
        GroundWidths.Found found = GroundWidths.of(weave(strands, Optional.empty()), ALL, ALL, Watch.NONE);
        assertThat(found.narrow()).hasSize(1);
        assertThat(found.least()).isCloseTo(across, within(1e-4));
        assertThat(found.narrow().get(0).beside()).isNotEmpty();
        assertThat(GroundWidths.of(weave(strands, Optional.empty()), across - 0.01, 2, Watch.NONE)
                        .narrow())
                .isEmpty();
    }

    /** Circles of radius 13 on a square net of 20 mm: bands of w leave 6 - w between two that cross twice, two such grounds a tile. */
    @Test
    void groundsOfAClothAreToldOnceForAllTiles() {
        Lattice lattice = new Lattice(new Point(20, 0), Optional.of(new Point(0, 20)));
        Weave cloth = weave(List.of(circle(3, 4, 13, 5)), Optional.of(lattice));
        GroundWidths.Found found = GroundWidths.of(cloth, 1.2, 5, Watch.NONE);
        assertThat(found.least()).isCloseTo(1, within(1e-6));
        assertThat(found.narrow()).hasSize(2).allMatch(g -> Math.abs(g.across() - 1) < 1e-6);
        Weave closed = weave(List.of(circle(3, 4, 13, 6)), Optional.of(lattice));
        assertThat(GroundWidths.of(closed, 1.2, 5, Watch.NONE).narrow())
                .hasSize(2)
                .allMatch(g -> g.across() == 0);
    }
}
