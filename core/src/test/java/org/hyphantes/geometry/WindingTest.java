package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** How often a path winds round a place, beside what its chords do, counted by upward and downward crossings of a ray (D. Sunday, 2001, from memory). */
class WindingTest {
    private static final int CHORDS = 500;

    @Test
    void asOftenAsItsChordsDo() {
        int inside = 0;
        int twice = 0;
        for (int trial = 0; trial < 300; trial++) {
            Random random = new Random(300 + trial);
            Path path = path(random);
            List<Point> corners = new ArrayList<>();
            for (Curve curve : path.curves()) {
                for (int i = 0; i < CHORDS; i++) {
                    corners.add(curve.at((double) i / CHORDS));
                }
            }
            List<Point> places = new ArrayList<>();
            for (Curve curve : path.curves()) {
                // Upon the chord, where the ends of an arc are seen in opposite directions, and near it on either side.
                Point middle = curve.start().middle(curve.end());
                Point aside = curve.end().minus(curve.start()).right().times(0.02);
                places.addAll(List.of(middle, middle.plus(aside), middle.minus(aside)));
            }
            for (int i = 0; i < 30; i++) {
                places.add(new Point(40 * random.nextDouble() - 20, 40 * random.nextDouble() - 20));
            }
            for (Point place : places) {
                if (path.at(path.nearest(place)).distance(place) > 0.01) {
                    int winding = crossings(corners, place);
                    assertThat(path.winding(place))
                            .as("trial %d at %s", trial, place)
                            .isEqualTo(winding);
                    inside += winding == 0 ? 0 : 1;
                    twice += Math.abs(winding) > 1 ? 1 : 0;
                }
            }
        }
        assertThat(inside).isGreaterThan(1_000);
        assertThat(twice).isGreaterThan(100);
    }

    /** Places upon the chords of several curves at once, level with their ends and upright above them, and on the edges of boxes. */
    @Test
    void onceRoundEveryPlaceWithinCirclesAndSquaresHoweverTheyAreParted() {
        for (int parts = 1; parts <= 12; parts++) {
            for (boolean backward : new boolean[] {false, true}) {
                List<Curve> arcs = new ArrayList<>();
                for (int i = 0; i < parts; i++) {
                    arcs.add(new Arc(Point.ORIGIN, 8, i * 2 * Math.PI / parts, 2 * Math.PI / parts));
                }
                Path round = new Path(arcs, true);
                Path square = Path.polygon(List.of(
                        new Point(-8, -8), new Point(0, -8), new Point(8, -8), new Point(8, 8), new Point(-8, 8)));
                int once = backward ? -1 : 1;
                for (int x = -10; x <= 10; x++) {
                    for (int y = -10; y <= 10; y++) {
                        Point p = new Point(x, y);
                        double away = p.distance(Point.ORIGIN);
                        if (away != 8) {
                            assertThat((backward ? round.reversed() : round).winding(p))
                                    .as("%d arcs at %s", parts, p)
                                    .isEqualTo(away < 8 ? once : 0);
                        }
                        int furthest = Math.max(Math.abs(x), Math.abs(y));
                        if (furthest != 8) {
                            assertThat((backward ? square.reversed() : square).winding(p))
                                    .isEqualTo(furthest < 8 ? once : 0);
                        }
                    }
                }
            }
        }
    }

    /** The end of a path may lie beside its start by rounding; a place level with that is wound round as often as any. */
    @Test
    void onceRoundPlacesThatLieLevelWithAGapOfRounding() {
        for (double gap : new double[] {-1e-9, -1e-15, 0, 1e-15, 1e-9}) {
            List<Point> corners = List.of(
                    new Point(10, 0), new Point(0, 10), new Point(-10, 0), new Point(0, -10), new Point(10, gap));
            List<Curve> sides = new ArrayList<>();
            for (int i = 0; i + 1 < corners.size(); i++) {
                sides.add(new Line(corners.get(i), corners.get(i + 1)));
            }
            Path path = new Path(sides, true);
            for (double y : new double[] {0, gap / 2, gap}) {
                assertThat(path.winding(new Point(0, y)))
                        .as("gap %s at %s", gap, y)
                        .isEqualTo(1);
                assertThat(path.winding(new Point(-20, y)))
                        .as("gap %s beside it at %s", gap, y)
                        .isZero();
                assertThat(path.reversed().winding(new Point(0, y))).isEqualTo(-1);
            }
        }
    }

    /** Through places at random, by lines, cubics, and arcs of up to nearly a whole turn to either side. */
    private static Path path(Random random) {
        int n = 3 + random.nextInt(5);
        List<Point> through = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            through.add(new Point(20 * random.nextDouble() - 10, 20 * random.nextDouble() - 10));
        }
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = through.get(i);
            Point q = through.get((i + 1) % n);
            double sweep = (random.nextBoolean() ? 1 : -1) * (0.2 + 5.6 * random.nextDouble());
            Point centre = p.middle(q).plus(q.minus(p).right().times(0.5 / Math.tan(sweep / 2)));
            Point spoke = p.minus(centre);
            curves.add(
                    switch (random.nextInt(8)) {
                        case 0, 1 -> new Line(p, q);
                        case 2 -> new Cubic(p, p.plus(spoke), q.plus(spoke.right()), q);
                        default -> new Arc(centre, spoke.length(), Math.atan2(spoke.y(), spoke.x()), sweep);
                    });
        }
        return new Path(curves, true);
    }

    private static int crossings(List<Point> corners, Point place) {
        int count = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double side = b.minus(a).cross(place.minus(a));
            if (a.y() <= place.y() && b.y() > place.y() && side > 0) {
                count++;
            } else if (a.y() > place.y() && b.y() <= place.y() && side < 0) {
                count--;
            }
        }
        return count;
    }
}
