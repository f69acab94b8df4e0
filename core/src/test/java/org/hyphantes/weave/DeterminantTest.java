package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Determinants of what circles and stars can draw, against D. Rolfsen, Knots and Links (1976), appendix C. The values are
 * quoted from memory; each is confirmed by a formula named beside it.
 */
class DeterminantTest {
    private static Optional<BigInteger> determinant(List<Path> paths) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f" + strands.size(), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, 1, Ends.SQUARE));
        }
        Weave weave = Weave.of(strands, Weave.Order.alternate(0.1), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
        return Chequerboard.determinant(weave);
    }

    private static List<Path> ring(int n, double radius, double out) {
        List<Path> circles = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            circles.add(Path.closed(Arc.circle(Point.polar(out, 360.0 * k / n), radius, 0)));
        }
        return circles;
    }

    private static Path star(int tips, int every) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < tips; i++) {
            points.add(Point.polar(50, 360.0 * every * i / tips));
        }
        return Path.polygon(points);
    }

    @Test
    void hopfLinkBorromeanRingsAndUnknot() {
        assertThat(determinant(ring(2, 40, 30))).contains(BigInteger.TWO);
        assertThat(determinant(ring(3, 40, 30))).contains(BigInteger.valueOf(16));
        assertThat(determinant(ring(1, 40, 0))).contains(BigInteger.ONE);
    }

    /** A closed chain of n circles is the pretzel link P(2, ..., 2), whose determinant is n 2^(n-1): 6^3_1 has 12, 8^4_1 has 32. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 8, 20})
    void closedChainsArePretzelLinks(int n) {
        double out = 40;
        double neighbours = 2 * out * Math.sin(Math.PI / n);
        assertThat(determinant(ring(n, 0.55 * neighbours, out)))
                .contains(BigInteger.valueOf(n).shiftLeft(n - 1));
    }

    /** A star {n/2} with odd n draws the torus knot T(n,2), of determinant n: the trefoil cannot be one, 5_1 has 5, 7_1 has 7. */
    @ParameterizedTest
    @ValueSource(ints = {5, 7, 9, 11})
    void starsJoiningEverySecondTipAreTorusKnots(int n) {
        assertThat(determinant(List.of(star(n, 2)))).contains(BigInteger.valueOf(n));
    }

    /**
     * A star {n/3} draws the ring plait of 3 leads and n bights, whose determinant is the Lucas number L(2n) less 2 (S.-J. Kim, R.
     * Stees, L. Taalman, Sequences of Spiral Knot Determinants, Journal of Integer Sequences 19, 2016; for n = 4 it is 8_18's 45).
     */
    @ParameterizedTest
    @ValueSource(ints = {7, 8, 10, 11})
    void starsJoiningEveryThirdTipAreRingPlaitsOfThreeLeads(int n) {
        long before = 2;
        long lucas = 1;
        for (int i = 1; i < 2 * n; i++) {
            long next = before + lucas;
            before = lucas;
            lucas = next;
        }
        assertThat(determinant(List.of(star(n, 3)))).contains(BigInteger.valueOf(lucas - 2));
    }

    /** The determinant does not depend on size, place or turn of the drawing. */
    @Test
    void aFarTurnedCopyHasTheSameDeterminant() {
        Affine far = Affine.shift(new Point(1e5, -2e5)).after(Affine.turn(12.3, Point.ORIGIN));
        assertThat(determinant(ring(3, 40, 30).stream().map(p -> p.map(far)).toList()))
                .contains(BigInteger.valueOf(16));
    }

    @Test
    void whatIsNoConnectedDiagramHasNone() {
        List<Path> apart = List.of(ring(2, 40, 30).get(0), Path.closed(Arc.circle(new Point(500, 0), 10, 0)));
        assertThat(determinant(apart)).isEmpty();
        assertThat(determinant(List.of())).isEmpty();
    }

    /** Kirchhoff's count against Cayley's formula: the complete graph of n vertices has n^(n-2) spanning trees. */
    @Test
    void completeGraphsHaveCayleysNumberOfTrees() {
        int n = 40;
        long[][] laplacian = new long[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                laplacian[i][j] = i == j ? n - 1 : -1;
            }
        }
        assertThat(KirchhoffCount.spanningTrees(laplacian))
                .isEqualTo(BigInteger.valueOf(n).pow(n - 2));
    }
}
