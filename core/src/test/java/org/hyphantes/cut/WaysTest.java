package org.hyphantes.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Arced;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

/** What orders contours and takes them apart, beside what looks at everything. */
class WaysTest {
    private static Point place(Random random, double size) {
        return new Point(size * random.nextDouble(), size * random.nextDouble());
    }

    /** The smallest that lies round each of two hundred discs, by the sweep and by looking at all. */
    @Test
    void theNestIsThatOfLookingAtAll() {
        Random random = new Random(161);
        for (int trial = 0; trial < 20; trial++) {
            List<Path> discs = new ArrayList<>();
            double[] radius = new double[200];
            Point[] centre = new Point[200];
            for (int i = 0; i < 200; i++) {
                radius[i] = 0.5 + 30 * Math.pow(random.nextDouble(), 4);
                centre[i] = place(random, 100);
                discs.add(Path.closed(Arc.circle(centre[i], radius[i], 0)));
            }
            int[] parents = Nest.parents(discs);
            for (int i = 0; i < 200; i++) {
                int best = -1;
                for (int j = 0; j < 200; j++) {
                    // A disc is taken to lie in another when that place of it does; here where all of it does, or none.
                    boolean within = centre[i].distance(centre[j]) + radius[i] < radius[j];
                    best = within && (best < 0 || radius[j] < radius[best]) ? j : best;
                }
                if (best >= 0) {
                    assertThat(parents[i]).isGreaterThanOrEqualTo(0);
                    assertThat(radius[parents[i]]).isLessThanOrEqualTo(radius[best]);
                }
                if (parents[i] >= 0) {
                    assertThat(centre[i].distance(centre[parents[i]])).isLessThan(radius[i] + radius[parents[i]]);
                    assertThat(radius[parents[i]]).isGreaterThan(radius[i]);
                }
            }
        }
    }

    /** The nearest that is left, taken out one by one from anywhere, within the places and far outside. */
    @Test
    void theNearestIsThatOfLookingAtAll() {
        Random random = new Random(162);
        for (int count : new int[] {1, 2, 7, 300}) {
            Point[][] places = new Point[count][];
            Nearby nearby = new Nearby(fill(places, random));
            List<Integer> left = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                nearby.add(i);
                left.add(i);
            }
            while (!left.isEmpty()) {
                Point from = place(random, 300).minus(new Point(100, 100));
                int taken = nearby.take(from);
                double least = left.stream()
                        .mapToDouble(i -> distance(places[i], from))
                        .min()
                        .orElseThrow();
                assertThat(distance(places[taken], from)).isEqualTo(least);
                assertThat(left.remove((Integer) taken)).isTrue();
            }
            assertThat(nearby.take(Point.ORIGIN)).isEqualTo(-1);
        }
    }

    private static Point[][] fill(Point[][] places, Random random) {
        for (int i = 0; i < places.length; i++) {
            Point first = place(random, 100);
            places[i] = i % 3 == 0 ? new Point[] {first, place(random, 100)} : new Point[] {first};
        }
        return places;
    }

    private static double distance(Point[] places, Point from) {
        double least = Double.POSITIVE_INFINITY;
        for (Point place : places) {
            least = Math.min(least, place.distance(from));
        }
        return least;
    }

    /** Three hundred cubics, bent, looped and cusped, in arcs and lines: end to end, and no place on either further from the other than is allowed. */
    @Test
    void cubicsBecomeArcsWithinTheirTolerance() {
        Random random = new Random(163);
        for (int trial = 0; trial < 300; trial++) {
            Cubic cubic = new Cubic(place(random, 50), place(random, 50), place(random, 50), place(random, 50));
            double tolerance = Math.pow(10, -3 + 2 * random.nextDouble());
            List<Curve> arced = Arced.of(List.of(cubic, new Line(cubic.end(), Point.ORIGIN)), tolerance);
            assertThat(arced).noneMatch(Cubic.class::isInstance);
            for (int i = 1; i < arced.size(); i++) {
                assertThat(arced.get(i).start().distance(arced.get(i - 1).end()))
                        .isLessThan(1e-6);
            }
            List<Curve> own = arced.subList(0, arced.size() - 1);
            for (int k = 0; k <= 60; k++) {
                Point on = cubic.at(k / 60.0);
                double least = own.stream()
                        .mapToDouble(c -> c.at(c.nearest(on)).distance(on))
                        .min()
                        .orElseThrow();
                assertThat(least).isLessThanOrEqualTo(tolerance);
            }
            for (Curve curve : own) {
                for (double t : new double[] {0.21, 0.5, 0.83}) {
                    Point on = curve.at(t);
                    assertThat(distance(cubic, on)).isLessThanOrEqualTo(tolerance);
                }
            }
        }
    }

    /** Part by part, since a cubic that loops has several places near one. */
    private static double distance(Cubic cubic, Point from) {
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < 16; k++) {
            Cubic part = cubic.part(k / 16.0, (k + 1) / 16.0);
            least = Math.min(least, part.at(part.nearest(from)).distance(from));
        }
        return least;
    }
}
