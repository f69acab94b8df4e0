package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Weaves on a tile whose opposite sides are the same: the laws of the torus, and what finite patches of the same pattern say. */
class TorusTest {
    private static final double TILE = 60;

    private static Lattice square(int columns, int rows) {
        return new Lattice(new Point(TILE * columns, 0), Optional.of(new Point(0, TILE * rows)));
    }

    private static List<Strand> strands(List<Path> paths, double width) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f" + strands.size(), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, width, Ends.BUTT));
        }
        return strands;
    }

    private static Weave weave(List<Path> paths, double width, double clearance, Lattice lattice) {
        return Weave.of(
                        Joining.of(strands(paths, width), lattice),
                        Weave.Order.alternate(clearance),
                        Symmetry.NONE,
                        Optional.of(lattice),
                        Watch.NONE)
                .orElseThrow();
    }

    /** So many level and upright lines on each of so many tiles, each line from side to side of one of them. */
    private static List<Path> net(int level, int upright, int columns, int rows) {
        List<Path> lines = new ArrayList<>();
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < rows; row++) {
                Point corner = new Point(TILE * column, TILE * row);
                for (int k = 0; k < level; k++) {
                    Point start = corner.plus(new Point(0, TILE * (k + 0.5) / level));
                    lines.add(Path.open(new Line(start, start.plus(new Point(TILE, 0)))));
                }
                for (int k = 0; k < upright; k++) {
                    Point start = corner.plus(new Point(TILE * (k + 0.5) / upright, 0));
                    lines.add(Path.open(new Line(start, start.plus(new Point(0, TILE)))));
                }
            }
        }
        return lines;
    }

    private static boolean closes(Weave weave) {
        return weave.troubles().stream().noneMatch(t -> t.kind() == Weave.Trouble.Kind.CANNOT_ALTERNATE);
    }

    /** Over and under in turn along a closed way need an even number of crossings on it: an exercise in parity. */
    @Test
    void levelAndUprightStrandsCloseOnOneTileOnlyWhenBothAreEven() {
        for (int level = 1; level <= 5; level++) {
            for (int upright = 1; upright <= 5; upright++) {
                Weave weave = weave(net(level, upright, 1, 1), 2, 0.3, square(1, 1));
                assertThat(weave.crossings()).hasSize(level * upright);
                assertThat(weave.strands())
                        .hasSize(level + upright)
                        .allMatch(s -> s.onward().isPresent());
                assertThat(closes(weave)).as("%d by %d", level, upright).isEqualTo(level % 2 == 0 && upright % 2 == 0);
            }
        }
    }

    /** All ways to set the crossings of a small tile are tried: whether one alternates, and over how many tiles the first does. */
    @ParameterizedTest
    @CsvSource({"1, 1", "1, 2", "2, 1", "2, 2", "1, 3", "3, 1", "2, 3", "3, 2", "1, 4"})
    void allSettingsOfSmallTilesAgreeWithTheSolver(int level, int upright) {
        for (int columns = 1; columns <= 2; columns++) {
            for (int rows = 1; rows <= 2; rows++) {
                if (level * upright * columns * rows > 16) {
                    continue;
                }
                Weave weave = weave(net(level, upright, columns, rows), 2, 0.3, square(columns, rows));
                Projection projection = weave.projection();
                int meets = projection.meets().size();
                assertThat(meets).isEqualTo(level * upright * columns * rows);
                boolean some = false;
                for (int setting = 0; setting < 1 << meets && !some; setting++) {
                    some = alternates(projection, setting);
                }
                assertThat(closes(weave))
                        .as("%d by %d over %d by %d", level, upright, columns, rows)
                        .isEqualTo(some);
            }
        }
    }

    /** What is worked out of one tile holds when so many are woven. */
    @Test
    void theTilesOverWhichAWeaveClosesAreThoseOverWhichItIsSolved() {
        for (int level = 1; level <= 4; level++) {
            for (int upright = 1; upright <= 4; upright++) {
                Projection one =
                        weave(net(level, upright, 1, 1), 2, 0.3, square(1, 1)).projection();
                Closing.Over over = Closing.of(one, Rhythm.ALTERNATELY).orElseThrow();
                boolean[][] closes = new boolean[3][3];
                for (int columns = 1; columns <= 2; columns++) {
                    for (int rows = 1; rows <= 2; rows++) {
                        closes[columns][rows] =
                                closes(weave(net(level, upright, columns, rows), 2, 0.3, square(columns, rows)));
                        if (columns * rows < over.across() * over.down()) {
                            assertThat(closes[columns][rows]).isFalse();
                        }
                    }
                }
                assertThat(closes[over.across()][over.down()]).isTrue();
            }
        }
    }

    private static boolean alternates(Projection projection, int setting) {
        for (int s = 0; s < projection.strands().size(); s++) {
            int n = projection.passages(s);
            for (int i = 0; i < n; i++) {
                int here = projection.passage(s, i);
                int next = projection.passage(s, (i + 1) % n);
                boolean over = (setting >> here / 2 & 1) == 1 ^ here % 2 == 1;
                boolean nextOver = (setting >> next / 2 & 1) == 1 ^ next % 2 == 1;
                if (over == nextOver) {
                    return false;
                }
            }
        }
        return true;
    }

    /** A curve of class (p, q) on a torus has as many parts as their greatest common divisor. Source: any book on topology; here Rolfsen, Knots and Links, 2.C, from memory. */
    @ParameterizedTest
    @CsvSource({"1, 0", "1, 1", "2, 1", "3, 2", "2, 2", "4, 2", "3, 3", "6, 4", "5, 3"})
    void linesOfASlopeMakeAsManyStrandsAsTheirCommonDivisor(int p, int q) {
        int g = gcd(p, q);
        List<Path> pieces = new ArrayList<>();
        for (int j = -3 * g * (p + q); j <= 3 * g * (p + q); j++) {
            // q'x - p'y = c, in tiles.
            double c = (j + 0.37) / g;
            Set<Double> cuts = new HashSet<>();
            double dx = (double) p / g;
            double dy = (double) q / g;
            double length = dx * dx + dy * dy;
            Point foot = new Point(dy * c / length, -dx * c / length);
            for (int at = 0; at <= 1; at++) {
                cuts.add((at - foot.x()) / dx);
                if (q > 0) {
                    cuts.add((at - foot.y()) / dy);
                }
            }
            List<Double> order = cuts.stream().sorted().toList();
            for (int i = 0; i + 1 < order.size(); i++) {
                Point start = foot.plus(new Point(dx, dy).times(order.get(i)));
                Point end = foot.plus(new Point(dx, dy).times(order.get(i + 1)));
                Point middle = start.middle(end);
                if (middle.x() > 0 && middle.x() < 1 && middle.y() > 0 && middle.y() < 1) {
                    pieces.add(Path.open(new Line(start.times(TILE), end.times(TILE))));
                }
            }
        }
        List<Strand> joined = Joining.of(strands(pieces, 1), square(1, 1));
        assertThat(joined).hasSize(g);
        for (Strand strand : joined) {
            Lattice.Steps steps = strand.onward().orElseThrow();
            assertThat(Math.abs(steps.across())).isEqualTo(p / g);
            assertThat(Math.abs(steps.down())).isEqualTo(q / g);
            assertThat(strand.path().length()).isCloseTo(TILE * Math.hypot(p, q) / g, within(1e-6));
        }
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /** Euler's formula on the torus, V - E + F = 0 where every face is a disc: faces are walked round, the next edge on the right at each crossing. */
    @Test
    void facesOfATorusAreAsManyAsItsCrossings() {
        for (int level = 1; level <= 3; level++) {
            for (int upright = 1; upright <= 3; upright++) {
                Weave weave = weave(net(level, upright, 1, 1), 2, 0.3, square(1, 1));
                Projection projection = weave.projection();
                int vertices = projection.meets().size();
                int edges = 0;
                for (int s = 0; s < projection.strands().size(); s++) {
                    edges += projection.passages(s);
                }
                assertThat(vertices - edges + faces(projection)).isZero();
                assertThat(Grounds.of(weave)).hasSize(faces(projection));
                double bands = TILE * 2 * (level + upright) - 4 * vertices;
                assertThat(Grounds.of(weave).stream().mapToDouble(Region::area).sum())
                        .isCloseTo(TILE * TILE - bands, within(1e-6));
            }
        }
    }

    /** A way out of a crossing: along the strand of a passage or against it. */
    private record Out(int passage, boolean ahead) {}

    private static int faces(Projection projection) {
        Set<Out> gone = new HashSet<>();
        int faces = 0;
        for (int passage = 0; passage < 2 * projection.meets().size(); passage++) {
            for (boolean ahead : new boolean[] {true, false}) {
                Out way = new Out(passage, ahead);
                faces += gone.contains(way) ? 0 : 1;
                while (gone.add(way)) {
                    int there = projection
                            .beyond(way.passage(), way.ahead() ? 1 : -1)
                            .getAsInt();
                    Point heading = tangent(projection, there).times(way.ahead() ? 1 : -1);
                    boolean right = heading.right().dot(tangent(projection, there ^ 1)) > 0;
                    way = new Out(there ^ 1, right);
                }
            }
        }
        return faces;
    }

    private static Point tangent(Projection projection, int passage) {
        return projection.strands().get(projection.strand(passage)).path().tangent(projection.position(passage));
    }

    /** Broken crossings of a cloth: as many are gone, every strand is still without an end, and goes on just where it began. */
    @Test
    void crossingsOfAClothAreBroken() {
        Lattice lattice = square(1, 1);
        List<Strand> strands = Joining.of(strands(net(4, 4, 1, 1), 2), lattice);
        Weave before = Weave.of(strands, Weave.Order.alternate(0.3), Symmetry.NONE, Optional.of(lattice), Watch.NONE)
                .orElseThrow();
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            List<Break> breaks = new ArrayList<>();
            Set<Integer> meets = new HashSet<>();
            for (int k = 0; k <= seed % 5; k++) {
                int meet = random.nextInt(16);
                if (meets.add(meet)) {
                    CrossingReference place = before.places().place(meet, Reach.THIS_ONE);
                    breaks.add(new Break(place, random.nextBoolean() ? Way.WITH : Way.AGAINST, Reach.THIS_ONE));
                }
            }
            Weave.Order order =
                    new Weave.Order(Rhythm.ALTERNATELY, 0, true, 0.3, Loops.KEPT, false, false, List.of(), breaks);
            Weave weave = Weave.of(strands, order, Symmetry.NONE, Optional.of(lattice), Watch.NONE)
                    .orElseThrow();
            assertThat(weave.lostBreaks()).isEmpty();
            assertThat(weave.crossings()).as("seed %d", seed).hasSize(16 - breaks.size());
            for (Strand strand : weave.strands()) {
                assertThat(strand.isRound()).isTrue();
                Point by = strand.path().end().minus(strand.path().start());
                Point steps = lattice.shift(strand.onward().orElse(Lattice.Steps.NONE));
                assertThat(by.distance(steps)).isLessThan(1e-9);
            }
            int courses = weave.courses().size();
            assertThat(courses).isGreaterThanOrEqualTo(weave.strands().size());
            // Courses cover what the bands do, less what lies under at each crossing with its clearances: 2 by 2.6
            // wide.
            double bands = weave.strands().stream()
                    .mapToDouble(s -> 2 * s.path().length())
                    .sum();
            double covered =
                    weave.courses().stream().mapToDouble(c -> c.region().area()).sum();
            assertThat(covered).isCloseTo(bands - 2 * 2.6 * weave.crossings().size(), within(1e-3 * bands));
        }
    }
}
