package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A tile of a thousand crossings, all of them near to others, is cut as one of four is. */
class LargeTileTest {
    private static final double APART = 20;
    private static final double RADIUS = 13;
    private static final int MANY = 16;

    /** A tile of so many circles each way, each of which crosses its four neighbours twice; four meet about each place between four. */
    private static Weave rings(int each, double width, double clearance) {
        List<Strand> rings = new ArrayList<>();
        for (int i = 0; i < each * each; i++) {
            Point centre = new Point(APART * (i % each + 0.3), APART * (i / each + 0.6));
            Path ring = new Path(List.of(Arc.circle(centre, RADIUS, 0)), true);
            rings.add(new Strand(Strand.letter(i), new StrandKey("f" + i, List.of()), ring, width, Ends.BUTT));
        }
        Lattice lattice = new Lattice(new Point(APART * each, 0), Optional.of(new Point(0, APART * each)));
        return Weave.of(rings, Weave.Order.alternate(clearance), Symmetry.NONE, Optional.of(lattice), Watch.NONE)
                .orElseThrow();
    }

    private static double area(Weave weave) {
        return weave.courses().stream().mapToDouble(c -> c.region().area()).sum();
    }

    /** What rings cover of their square, by counting places: those of the squares beside it reach in. */
    private static double covered(double width) {
        int side = 2_000;
        long inside = 0;
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                double x = APART * (i + 0.5) / side;
                double y = APART * (j + 0.5) / side;
                boolean covers = false;
                for (int k = 0; k < 16 && !covers; k++) {
                    double away = Math.hypot(x - APART * (k % 4 - 1), y - APART * (k / 4 - 1));
                    covers = Math.abs(away - RADIUS) < width / 2;
                }
                inside += covers ? 1 : 0;
            }
        }
        return APART * APART * inside / ((double) side * side);
    }

    /** Half a diagonal is 14.14 mm: between rings 2 mm wide a square stays free, and those 3 mm wide lie four over one another there. */
    @ParameterizedTest
    @CsvSource({"2, 0", "3, 1"})
    void ringsCoverWhatTheyDoOnATileOfOne(double width, int crowdedEach) {
        Weave many = rings(MANY, width, 0);
        assertThat(many.crossings()).hasSize(4 * MANY * MANY);
        assertThat(many.troubles()).hasSize(crowdedEach * MANY * MANY);
        assertThat(many.troubles()).allMatch(t -> t.kind() == Weave.Trouble.Kind.CROWDED);
        double each = area(many) / (MANY * MANY);
        assertThat(each).isCloseTo(area(rings(1, width, 0)), within(1e-6));
        assertThat(each).isCloseTo(covered(width), within(2e-3 * each));
    }

    /** Bands that only come near one another in a round are cut edge by edge: as many courses as under-passes, each with its clearance. */
    @Test
    void ringsWithASquareBetweenThemAreCutEdgeByEdge() {
        Weave many = rings(MANY, 2, 0.3);
        assertThat(many.courses()).hasSize(4 * MANY * MANY);
        assertThat(many.troubles()).isEmpty();
        assertThat(area(many) / (MANY * MANY)).isCloseTo(area(rings(1, 2, 0.3)), within(1e-6));
    }
}
