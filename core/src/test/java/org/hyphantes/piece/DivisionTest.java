package org.hyphantes.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pieces counted against closed forms and published counts, with Euler's formula, areas, rings and neighbours. */
class DivisionTest {
    static Division of(List<Path> paths) {
        List<Bounding> lines = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            lines.add(new Bounding(new StrandKey("line-" + i, List.of()), "line", paths.get(i)));
        }
        return Division.of(List.of(), lines, List.of(), Point.ORIGIN);
    }

    private static List<PieceName> names(Division division) {
        return IntStream.range(0, division.cells().size())
                .mapToObj(division::name)
                .toList();
    }

    /** Counts agree with Euler's formula, names are each a piece's own, and every inner edge has a piece on both sides. */
    private static void isSound(Division division) {
        int[] n = division.counts();
        assertThat(n[0] - n[1] + n[2]).as("V - E + F = 1 + C").isEqualTo(1 + n[3]);
        assertThat(division.cells()).hasSize(n[2] - 1);
        assertThat(new HashSet<>(names(division))).hasSameSizeAs(division.cells());
        for (int i = 0; i < division.cells().size(); i++) {
            for (Neighbour beside : division.neighbours(i)) {
                assertThat(division.areNeighbours(beside.cell(), i)).isTrue();
            }
            assertThat(division.named(division.name(i))).hasValue(i);
        }
    }

    private static Path star(int tips, int joins) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < tips; i++) {
            corners.add(Point.polar(80, 360.0 * i * joins / tips));
        }
        return Path.polygon(corners);
    }

    /** A star {n/k} with n and k prime to one another encloses n (k - 1) + 1 pieces, by Euler's formula: each of its lines is crossed 2 (k - 1) times. */
    @ParameterizedTest
    @CsvSource({"12, 5, 49, 5", "5, 2, 6, 2", "8, 3, 17, 3", "9, 4, 28, 4"})
    void starsHaveTheirRings(int tips, int joins, int pieces, int rings) {
        Division division = of(List.of(star(tips, joins)));
        isSound(division);
        assertThat(division.cells()).hasSize(pieces);
        assertThat(division.turns()).isEqualTo(tips);
        assertThat(division.isMirrored()).isTrue();
        assertThat(division.rings()).isEqualTo(rings);
        assertThat(division.reached(List.of(pieces - 1), Reach.EVERY_TURN)).hasSize(tips);
    }

    /** Eight circles of 40 about a circle of 70, each 62 from the middle: 32 crossings, so by Euler's formula 33 pieces; 65 with its 32 courses. */
    @Test
    void tideRingsLinesEncloseThirtyThreePieces() {
        List<Path> paths = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            paths.add(Path.closed(Arc.circle(Point.polar(62, 45.0 * k), 40, 0)));
        }
        paths.add(Path.closed(Arc.circle(Point.ORIGIN, 70, 0)));
        Division division = of(paths);
        isSound(division);
        assertThat(division.cells()).hasSize(33);
        assertThat(division.turns()).isEqualTo(8);
        Region outline = Booleans.union(paths.stream().map(Region::of).toList()).get(0);
        double inAll = division.cells().stream().mapToDouble(Cell::area).sum();
        double hole = outline.holes().stream()
                .mapToDouble(h -> Math.abs(h.signedArea()))
                .sum();
        assertThat(inAll).isCloseTo(outline.area() + hole, within(1e-9 * inAll));
    }

    /** Regular polygons with all their diagonals: 7, 8, 9, 10 and 12 sides, OEIS A007678 (Poonen and Rubinstein 1998). */
    @ParameterizedTest
    @CsvSource({"6, 24", "7, 50", "8, 80", "9, 154", "10, 220", "12, 444"})
    void polygonsWithAllDiagonals(int sides, int pieces) {
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            for (int j = i + 1; j < sides; j++) {
                paths.add(Path.open(new Line(Point.polar(50, 360.0 * i / sides), Point.polar(50, 360.0 * j / sides))));
            }
        }
        Division division = of(paths);
        isSound(division);
        assertThat(division.cells()).hasSize(pieces);
        assertThat(division.turns()).isEqualTo(sides);
        assertThat(division.freeEnds()).isEmpty();
    }

    /** Inverted in their common point n circles are n lines, no three through one point: n (n + 1) / 2 pieces for odd n. */
    @ParameterizedTest
    @CsvSource({"3, 6", "5, 15", "7, 28", "11, 66"})
    void circlesThroughOnePoint(int n, int pieces) {
        List<Path> paths = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            paths.add(Path.closed(Arc.circle(Point.polar(20, 360.0 * k / n), 20, 0)));
        }
        Division division = of(paths);
        isSound(division);
        assertThat(division.cells()).hasSize(pieces);
    }

    /** A lattice of n by n rings, each crossing its neighbours twice: 4 n (n - 1) crossings, and one piece more. */
    @ParameterizedTest
    @CsvSource({"2", "5", "20"})
    void latticeOfRingsIsToldApartInTwoColours(int n) {
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < n * n; i++) {
            paths.add(Path.closed(Arc.circle(new Point(i % n, i / n), 0.6, 0)));
        }
        Division division = of(paths);
        isSound(division);
        assertThat(division.cells()).hasSize(4 * n * (n - 1) + 1);
        // Two colours suffice for closed lines that cross (two-colour theorem).
        boolean[] odd = new Chequer(division).odd();
        for (int i = 0; i < odd.length; i++) {
            for (Neighbour beside : division.neighbours(i)) {
                assertThat(odd[beside.cell()]).isNotEqualTo(odd[i]);
            }
        }
    }

    @Test
    void aLineThatStopsShortDividesNothing() {
        Path disc = Path.closed(Arc.circle(Point.ORIGIN, 30, 0));
        Path across = Path.open(new Line(new Point(-40, 0), new Point(20, 0)));
        Division division = of(List.of(disc, across));
        assertThat(division.cells()).hasSize(1);
        assertThat(division.freeEnds()).hasSize(1);
        assertThat(division.freeEnds().get(0).shortBy()).isCloseTo(10, within(1e-9));
        Division through = of(List.of(disc, Path.open(new Line(new Point(-40, 0), new Point(30, 0)))));
        assertThat(through.cells()).as("it ends on the line").hasSize(2);
        assertThat(through.freeEnds()).isEmpty();
    }

    /** One circle within another, one that touches from inside, and a piece with a hole. */
    @Test
    void whatLiesWithinAnother() {
        Path disc = Path.closed(Arc.circle(Point.ORIGIN, 30, 0));
        Path inner = Path.closed(Arc.circle(new Point(-5, 0), 10, 0));
        Path touching = Path.closed(Arc.circle(new Point(20, 0), 10, 0));
        Division division = of(List.of(disc, inner, touching));
        assertThat(division.cells()).hasSize(3);
        Cell around = division.cells().get(division.at(new Point(0, 25)).orElseThrow());
        assertThat(around.region().holes().size()).isBetween(1, 2);
        assertThat(around.area()).isCloseTo(Math.PI * (900 - 100 - 100), within(1e-6));
        assertThat(division.at(new Point(25, 0)).orElseThrow())
                .isNotEqualTo(division.at(new Point(0, 25)).orElseThrow());
        assertThat(division.at(new Point(100, 0))).isEmpty();
    }

    /** Names hold while sizes change, and a piece keeps its siblings with other turns. */
    @Test
    void namesSurviveOtherSizesAndTurns() {
        List<PieceName> before = names(ring(8, 40));
        List<PieceName> wider = names(ring(8, 41.5));
        assertThat(wider).containsExactlyInAnyOrderElementsOf(before);
        Division eight = ring(8, 40);
        Division nine = ring(9, 37);
        for (int ring = 2; ring <= eight.rings(); ring++) {
            int number = ring;
            assertThat(IntStream.range(0, eight.cells().size()))
                    .as("one at least of ring " + ring)
                    .anyMatch(c -> eight.cells().get(c).ring() == number
                            && nine.named(eight.name(c)).isPresent());
        }
    }

    private static Division ring(int turns, double radius) {
        List<Bounding> lines = new ArrayList<>();
        for (int k = 0; k < turns; k++) {
            lines.add(new Bounding(
                    new StrandKey("circle-1", List.of(k)),
                    "line",
                    Path.closed(Arc.circle(Point.polar(62, 360.0 / turns * k), radius, 0))));
        }
        return Division.of(List.of(), lines, List.of(), Point.ORIGIN);
    }
}
