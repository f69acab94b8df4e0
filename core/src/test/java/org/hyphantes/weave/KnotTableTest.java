package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Plait;
import org.hyphantes.figure.Ringplait;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.plait.Network;
import org.hyphantes.plait.Turns;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Named knots and links drawn as figures, plaits and networks, against D. Rolfsen, Knots and Links (1976), appendix C: crossings,
 * components and determinants, all quoted from memory. Each determinant is confirmed twice: by the colouring matrix of R. H. Fox (a row
 * for each crossing, twice the arc over less the two under), which shares nothing with the graph it is counted on; and for rational knots
 * by the numerator of Conway's continued fraction (J. H. Conway, An enumeration of knots and links, 1970).
 */
class KnotTableTest {
    private static final Point U = new Point(-40, 0);
    private static final Point V = new Point(40, 0);

    /** So many lines between two places, side by side, bulging to the right-hand side of the way from one to the other. */
    private static List<Path> lines(Point p, Point q, int count, double bulge) {
        List<Path> lines = new ArrayList<>();
        Point way = q.minus(p).unit();
        for (int k = 0; k < count; k++) {
            double angle = Math.toRadians(bulge + 26 * k);
            Point aside = way.right().times(Math.sin(angle));
            lines.add(new Path(
                    Biarc.of(
                            p,
                            way.times(Math.cos(angle)).plus(aside),
                            q,
                            way.times(Math.cos(angle)).minus(aside)),
                    false));
        }
        return lines;
    }

    /**
     * The network of a rational knot a1 a2 a3 ...: a1 lines side by side, beside a2 lines in a row with what the rest makes at their end,
     * and so on. Its spanning trees number the numerator of a1 + 1 / (a2 + 1 / (a3 + ...)).
     */
    private static List<Path> rational(int... a) {
        List<Path> lines = new ArrayList<>(lines(V, U, a[0], 60));
        Point from = U;
        for (int i = 1; i < a.length; i++) {
            boolean row = i % 2 == 1;
            if (row) {
                boolean last = i == a.length - 1;
                for (int k = 0; k < a[i]; k++) {
                    boolean end = last && k == a[i] - 1;
                    double share = 1.0 / (a[i] - k + (last ? 0 : 1));
                    Point to = end ? V : new Point(from.x() + (V.x() - from.x()) * share, 14.0 * i);
                    lines.addAll(lines(from, to, 1, 0));
                    from = to;
                }
            } else {
                lines.addAll(lines(V, from, a[i], 4));
            }
        }
        return lines;
    }

    private static List<Path> polygon(int sides) {
        return List.of(Path.polygon(Stream.iterate(0, i -> i + 1)
                .limit(sides)
                .map(i -> Point.polar(40, 360.0 * i / sides))
                .toList()));
    }

    /** A ring with so many places joined to its middle. */
    private static List<Path> wheel(int spokes) {
        List<Path> lines = new ArrayList<>();
        for (int i = 0; i < spokes; i++) {
            Point from = Point.polar(40, 360.0 * i / spokes);
            lines.addAll(lines(from, Point.polar(40, 360.0 * (i + 1) / spokes), 1, -180.0 / spokes));
            lines.addAll(lines(Point.ORIGIN, Point.polar(40, 360.0 * i / spokes), 1, 0));
        }
        return lines;
    }

    private static List<Path> knot(List<Path> network) {
        return Network.knot(network, Turns.ROUNDED, Watch.NONE);
    }

    private static List<Path> rings(int n, double radius, double out) {
        return Stream.iterate(0, i -> i + 1)
                .limit(n)
                .map(i -> Path.closed(Arc.circle(Point.polar(out, 360.0 * i / n), radius, 20)))
                .toList();
    }

    private static List<Path> star(int tips, int every) {
        return List.of(Path.polygon(Stream.iterate(0, i -> i + 1)
                .limit(tips)
                .map(i -> Point.polar(50, 360.0 * every * i / tips))
                .toList()));
    }

    private static List<Path> figure(Form form, Object... settings) {
        Form changed = form;
        for (int i = 0; i < settings.length; i += 2) {
            changed = (Form) changed.schema()
                    .put(changed, (String) settings[i], Amount.of(((Number) settings[i + 1]).doubleValue()));
        }
        return changed.paths(PageBox.WIDE);
    }

    private static List<Path> ringplait(int leads, int bights) {
        return figure(Ringplait.STARTING, "leads", leads, "bights", bights, "radius", 100, "deep", 55);
    }

    private static List<Path> plait(int across, int along) {
        return figure(Plait.STARTING, "across", across, "along", along, "width", 20 * across, "height", 22 * along);
    }

    static Stream<Arguments> table() {
        return Stream.of(
                Arguments.of("2^2_1, the Hopf link", rings(2, 40, 30), 2, 2, 2),
                Arguments.of("3_1, the trefoil, a ring plait", ringplait(2, 3), 1, 3, 3),
                Arguments.of("3_1, the trefoil, a network", knot(polygon(3)), 1, 3, 3),
                Arguments.of("4_1, the figure-eight, a ring plait", ringplait(3, 2), 1, 4, 5),
                Arguments.of("4_1, the figure-eight, a network", knot(rational(2, 2)), 1, 4, 5),
                Arguments.of("4^2_1, Solomon's link, a plait", plait(2, 2), 2, 4, 4),
                Arguments.of("5_1, a star", star(5, 2), 1, 5, 5),
                Arguments.of("5_2", knot(rational(2, 3)), 1, 5, 7),
                Arguments.of("5^2_1, the Whitehead link", knot(rational(2, 1, 2)), 2, 5, 8),
                Arguments.of("6_1", knot(rational(2, 4)), 1, 6, 9),
                Arguments.of("6_2", knot(rational(3, 1, 2)), 1, 6, 11),
                Arguments.of("6_3", knot(rational(2, 1, 1, 2)), 1, 6, 13),
                Arguments.of("6^3_2, Borromean rings, circles", rings(3, 40, 30), 3, 6, 16),
                Arguments.of("6^3_2, Borromean rings, a network", knot(wheel(3)), 3, 6, 16),
                Arguments.of("7_1, a star", star(7, 2), 1, 7, 7),
                Arguments.of("7_2", knot(rational(2, 5)), 1, 7, 11),
                Arguments.of("7_3", knot(rational(3, 4)), 1, 7, 13),
                Arguments.of("7_4, a plait", plait(2, 3), 1, 7, 15),
                Arguments.of("7_5", knot(rational(3, 2, 2)), 1, 7, 17),
                Arguments.of("7_6", knot(rational(2, 2, 1, 2)), 1, 7, 19),
                Arguments.of("7_7", knot(rational(2, 1, 1, 1, 2)), 1, 7, 21),
                Arguments.of("8_18, a ring plait", ringplait(3, 4), 1, 8, 45),
                Arguments.of("8_18, a network", knot(wheel(4)), 1, 8, 45),
                Arguments.of("9_40, a ring plait", ringplait(4, 3), 1, 9, 75),
                Arguments.of("10_123, a ring plait", ringplait(3, 5), 1, 10, 121));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("table")
    void namedKnotsAndLinks(String name, List<Path> paths, int components, int crossings, int determinant) {
        Weave weave = PlaitLawsTest.woven(paths, 1);
        assertThat(weave.strands()).hasSize(components);
        assertThat(weave.crossings().size()).isEqualTo(crossings);
        assertThat(weave.alternates()).isTrue();
        assertThat(Chequerboard.determinant(weave)).contains(BigInteger.valueOf(determinant));
        assertThat(colourings(weave)).isEqualTo(BigInteger.valueOf(determinant));
    }

    @Test
    void rationalKnotsHaveTheNumeratorsOfTheirFractions() {
        int[][] notations = {
            {2, 2}, {2, 3}, {2, 1, 2}, {3, 1, 2}, {2, 1, 1, 2}, {3, 2, 2}, {2, 2, 1, 2}, {2, 1, 1, 1, 2}
        };
        for (int[] notation : notations) {
            long p = notation[notation.length - 1];
            long q = 1;
            for (int i = notation.length - 2; i >= 0; i--) {
                long next = notation[i] * p + q;
                q = p;
                p = next;
            }
            Weave weave = PlaitLawsTest.woven(knot(rational(notation)), 0.5);
            assertThat(Chequerboard.determinant(weave)).contains(BigInteger.valueOf(p));
        }
    }

    /** Source of the fact: an alternating connected projection of a link is never split, so its determinant is not 0 (Crowell, Murasugi). */
    @Test
    void theDeterminantOfAConnectedAlternatingDiagramIsNeverZero() {
        for (int m = 2; m <= 5; m++) {
            for (int n = 2; n <= 6; n++) {
                assertThat(Chequerboard.determinant(PlaitLawsTest.woven(plait(m, n), 1))
                                .orElseThrow())
                        .isPositive();
                assertThat(Chequerboard.determinant(PlaitLawsTest.woven(ringplait(m, n), 0.5))
                                .orElseThrow())
                        .isPositive();
            }
        }
        for (int n = 3; n <= 9; n++) {
            assertThat(Chequerboard.determinant(PlaitLawsTest.woven(knot(wheel(n)), 0.5))
                            .orElseThrow())
                    .isPositive();
        }
    }

    /** The absolute determinant of the colouring matrix, one row and one column left out. */
    private static BigInteger colourings(Weave weave) {
        Projection projection = weave.projection();
        int[] arcOf = new int[2 * projection.meets().size()];
        int arcs = 0;
        for (int s = 0; s < weave.strands().size(); s++) {
            int n = projection.passages(s);
            int first = 0;
            while (weave.passesOver(projection.passage(s, first))) {
                first++;
            }
            for (int i = 0; i < n; i++) {
                int passage = projection.passage(s, (first + i) % n);
                arcs += weave.passesOver(passage) ? 0 : 1;
                // Of an under-passage, the arc that leaves it.
                arcOf[passage] = arcs - 1;
            }
        }
        BigInteger[][] rows = new BigInteger[projection.meets().size()][arcs];
        for (BigInteger[] row : rows) {
            java.util.Arrays.fill(row, BigInteger.ZERO);
        }
        for (int s = 0; s < weave.strands().size(); s++) {
            int n = projection.passages(s);
            for (int i = 0; i < n; i++) {
                int passage = projection.passage(s, i);
                if (!weave.passesOver(passage)) {
                    int before = projection.passage(s, (i + n - 1) % n);
                    add(rows[passage / 2], arcOf[passage], -1);
                    add(rows[passage / 2], arcOf[before], -1);
                    add(rows[passage / 2], arcOf[passage ^ 1], 2);
                }
            }
        }
        return bareiss(rows, arcs - 1).abs();
    }

    private static void add(BigInteger[] row, int arc, int value) {
        row[arc] = row[arc].add(BigInteger.valueOf(value));
    }

    /** Fraction-free elimination of the first rows and columns. Source: E. H. Bareiss, Mathematics of Computation 22, 1968. */
    private static BigInteger bareiss(BigInteger[][] m, int n) {
        BigInteger before = BigInteger.ONE;
        for (int k = 0; k < n - 1; k++) {
            int pivot = k;
            while (pivot < n && m[pivot][k].signum() == 0) {
                pivot++;
            }
            if (pivot == n) {
                return BigInteger.ZERO;
            }
            BigInteger[] swapped = m[k];
            m[k] = m[pivot];
            m[pivot] = swapped;
            for (int i = k + 1; i < n; i++) {
                for (int j = k + 1; j < n; j++) {
                    m[i][j] = m[k][k].multiply(m[i][j])
                            .subtract(m[i][k].multiply(m[k][j]))
                            .divide(before);
                }
            }
            before = m[k][k];
        }
        return m[n - 1][n - 1];
    }
}
