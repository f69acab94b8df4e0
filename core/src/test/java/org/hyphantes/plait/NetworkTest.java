package org.hyphantes.plait;

import static org.assertj.core.api.Assertions.assertThat;
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
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Knots of networks: as many crossings as lines, strands by a law of graphs, smooth and alternate. */
class NetworkTest {
    /** A plane graph on a bent grid, with its edges as pairs of joints. */
    private record Graph(List<Point> joints, List<int[]> edges) {
        List<Path> lines() {
            return edges.stream()
                    .map(e -> Path.open(new Line(joints.get(e[0]), joints.get(e[1]))))
                    .toList();
        }

        /**
         * The number of strands of its knot, for a connected graph: the corank of its Laplacian over the field of two elements. Source: C.
         * Godsil and G. Royle, Algebraic Graph Theory, 2001, chapter 17 (straight Eulerian tours and the bicycle space), from memory.
         */
        int strands() {
            int n = joints.size();
            long[] rows = new long[n];
            for (int[] edge : edges) {
                rows[edge[0]] ^= 1L << edge[0] ^ 1L << edge[1];
                rows[edge[1]] ^= 1L << edge[1] ^ 1L << edge[0];
            }
            int rank = 0;
            for (int column = 0; column < n; column++) {
                int pivot = rank;
                while (pivot < n && (rows[pivot] >> column & 1) == 0) {
                    pivot++;
                }
                if (pivot == n) {
                    continue;
                }
                long swapped = rows[pivot];
                rows[pivot] = rows[rank];
                rows[rank] = swapped;
                for (int r = 0; r < n; r++) {
                    if (r != rank && (rows[r] >> column & 1) == 1) {
                        rows[r] ^= rows[rank];
                    }
                }
                rank++;
            }
            return n - rank;
        }
    }

    /** A connected part of a grid whose joints are moved a little, some cells with a diagonal. */
    private static Graph random(long seed) {
        Random random = new Random(seed);
        int columns = 3 + random.nextInt(4);
        int rows = 3 + random.nextInt(4);
        List<Point> joints = new ArrayList<>();
        for (int y = 0; y < rows; y++) {
            for (int x = 0; x < columns; x++) {
                joints.add(
                        new Point(30 * x + 6 * (random.nextDouble() - 0.5), 30 * y + 6 * (random.nextDouble() - 0.5)));
            }
        }
        List<int[]> all = new ArrayList<>();
        for (int y = 0; y < rows; y++) {
            for (int x = 0; x < columns; x++) {
                int here = y * columns + x;
                if (x + 1 < columns) {
                    all.add(new int[] {here, here + 1});
                }
                if (y + 1 < rows) {
                    all.add(new int[] {here, here + columns});
                }
            }
        }
        // A spanning tree keeps it together; of the rest two in three are kept.
        java.util.Collections.shuffle(all, random);
        int[] root = new int[joints.size()];
        java.util.Arrays.setAll(root, i -> i);
        List<int[]> kept = new ArrayList<>();
        for (int[] edge : all) {
            int a = find(root, edge[0]);
            int b = find(root, edge[1]);
            if (a != b || random.nextInt(3) > 0) {
                kept.add(edge);
                root[a] = b;
            }
        }
        return new Graph(joints, kept);
    }

    private static int find(int[] root, int x) {
        int at = x;
        while (root[at] != at) {
            at = root[at];
        }
        return at;
    }

    private static Weave woven(List<Path> paths) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f", List.of(strands.size()), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, 1, Ends.BUTT));
        }
        return Weave.of(strands, Weave.Order.alternate(0.2), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
    }

    private static void isSmooth(Path path) {
        List<Curve> curves = path.curves();
        assertThat(curves).noneMatch(Cubic.class::isInstance);
        for (int i = 0; i < curves.size(); i++) {
            Point before = curves.get((i + curves.size() - 1) % curves.size()).tangent(1);
            assertThat(before.cross(curves.get(i).tangent(0))).isCloseTo(0, within(1e-7));
            assertThat(before.dot(curves.get(i).tangent(0))).isPositive();
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24})
    void everyLineIsACrossingAndTheStrandsAreThoseOfTheLaw(long seed) {
        Graph graph = random(seed);
        List<Path> knot = Network.knot(graph.lines(), Turns.ROUNDED, Watch.NONE);
        assertThat(knot).hasSize(graph.strands()).allMatch(Path::closed);
        knot.forEach(NetworkTest::isSmooth);
        Weave weave = woven(knot);
        assertThat(weave.crossings().size()).isEqualTo(graph.edges().size());
        assertThat(weave.alternates()).isTrue();
        assertThat(Network.lines(graph.lines())).isEqualTo(graph.edges().size());
        // Every crossing lies in the middle of its line.
        for (int[] edge : graph.edges()) {
            Point middle = graph.joints().get(edge[0]).middle(graph.joints().get(edge[1]));
            assertThat(weave.crossings()).anyMatch(c -> c.place().distance(middle) < 1e-6);
        }
    }

    @Test
    void pointedTurnsHaveTipsAndTheSameCrossings() {
        for (long seed = 30; seed < 36; seed++) {
            Graph graph = random(seed);
            List<Path> knot = Network.knot(graph.lines(), Turns.POINTED, Watch.NONE);
            assertThat(knot).hasSize(graph.strands());
            assertThat(woven(knot).crossings().size()).isEqualTo(graph.edges().size());
            assertThat(knot).anyMatch(path -> {
                for (int i = 1; i < path.size(); i++) {
                    if (Math.abs(path.curves()
                                    .get(i - 1)
                                    .tangent(1)
                                    .cross(path.curves().get(i).tangent(0)))
                            > 0.1) {
                        return true;
                    }
                }
                return false;
            });
        }
    }

    @Test
    void theKnotGoesWithItsNetworkWhenThatIsMovedTurnedAndScaled() {
        Graph graph = random(3);
        Affine map = Affine.shift(new Point(300, -70))
                .after(Affine.turn(33, Point.ORIGIN))
                .after(Affine.scale(2.5, Point.ORIGIN));
        List<Path> knot = Network.knot(graph.lines(), Turns.ROUNDED, Watch.NONE);
        List<Path> moved =
                Network.knot(graph.lines().stream().map(p -> p.map(map)).toList(), Turns.ROUNDED, Watch.NONE);
        assertThat(moved).hasSameSizeAs(knot);
        double length = knot.stream().mapToDouble(Path::length).sum();
        assertThat(moved.stream().mapToDouble(Path::length).sum()).isCloseTo(2.5 * length, within(1e-6));
    }

    /** Corners of one path and crossings of lines are joints too; a bent line between joints has its crossing half the way along. */
    @Test
    void joinsAreFoundWhereLinesMeetAndTurn() {
        Path box = Path.polygon(List.of(new Point(0, 0), new Point(40, 0), new Point(40, 40), new Point(0, 40)));
        Path slant = Path.open(new Line(new Point(0, 0), new Point(40, 40)));
        Path other = Path.open(new Line(new Point(40, 0), new Point(0, 40)));
        assertThat(Network.lines(List.of(box))).isEqualTo(4);
        assertThat(Network.lines(List.of(box, slant))).isEqualTo(5);
        assertThat(Network.lines(List.of(box, slant, other))).isEqualTo(8);
        Path bow = Path.open(new Arc(Point.ORIGIN, 30, 0, Math.PI));
        Path chord = Path.open(new Line(new Point(-30, 0), new Point(30, 0)));
        Weave two = woven(Network.knot(List.of(bow, chord), Turns.ROUNDED, Watch.NONE));
        assertThat(two.crossings()).hasSize(2).anyMatch(c -> c.place().distance(new Point(0, 30)) < 1e-6);
        assertThat(two.strands()).hasSize(2);
        // The same line twice is one; a lone ring is a line from a joint to itself.
        assertThat(Network.lines(List.of(slant, slant, slant.reversed()))).isEqualTo(1);
        assertThat(Network.lines(List.of(Path.closed(Arc.circle(Point.ORIGIN, 20, 0)))))
                .isEqualTo(1);
        assertThat(Network.knot(List.of(), Turns.ROUNDED, Watch.NONE)).isEmpty();
    }

    /** One line by itself makes the loop of infinity: one strand that crosses itself once. */
    @Test
    void aLineMakesALoopAndATreeMakesOneStrand() {
        List<Path> line = List.of(Path.open(new Line(new Point(-40, 0), new Point(40, 0))));
        Weave loop = woven(Network.knot(line, Turns.ROUNDED, Watch.NONE));
        assertThat(loop.strands()).hasSize(1);
        assertThat(loop.crossings())
                .singleElement()
                .satisfies(c -> assertThat(c.place().length()).isLessThan(1e-9));
        List<Path> tree = List.of(
                Path.open(new Line(new Point(0, 60), Point.ORIGIN), new Line(Point.ORIGIN, new Point(-45, -40))),
                Path.open(new Line(Point.ORIGIN, new Point(45, -40))));
        Weave one = woven(Network.knot(tree, Turns.ROUNDED, Watch.NONE));
        assertThat(one.strands()).hasSize(1);
        assertThat(one.crossings()).hasSize(3);
    }
}
