package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.junit.jupiter.api.Test;

/**
 * Seeded arrangements of 2 to 40 circles, segments of circles, polygons, ellipses, cubic loops that cross themselves, and open
 * lines, arcs and cubics: Euler's formula (held by the subdivision itself), every boolean identity, and no dependence on order,
 * direction or place.
 */
class ArrangementTrialsTest {
    /** Seeded trials in the ordinary run; a longer run is asked for with {@code -Dhyphantes.trials=1000000}. */
    private static final int TRIALS = Integer.getInteger("hyphantes.trials", 10_000);

    private static final int FIRST = Integer.getInteger("hyphantes.trials.from", 0);

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }

    @Test
    void identitiesHoldInSeededTrials() {
        for (int trial = FIRST; trial < FIRST + TRIALS; trial++) {
            long begun = System.nanoTime();
            try {
                trial(trial);
            } catch (RuntimeException e) {
                throw new AssertionError("trial " + trial, e);
            }
            assertThat(System.nanoTime() - begun)
                    .as("trial %d: ten seconds at most", trial)
                    .isLessThan(10_000_000_000L);
        }
    }

    private static void trial(int trial) {
        Random random = new Random(trial);
        int n = 2 + (int) (Math.pow(random.nextDouble(), 3) * 39);
        List<Region> regions = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            boolean loop = random.nextInt(6) == 0;
            Point at = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
            regions.add(loop ? Region.of(Shapes.loop(random, at, 30, 3 + random.nextInt(4))) : Shapes.any(random));
        }
        List<Path> paths = new ArrayList<>(regions.stream().map(Region::outline).toList());
        for (int i = random.nextInt(3); i > 0; i--) {
            paths.add(Shapes.open(random));
        }
        Subdivision plane = Subdivision.of(paths);
        double covered = area(plane.regions(w -> w.covered() > 0));
        double faces = area(plane.faceRegions());
        double once = 0;
        for (int k = 1; k <= Math.min(n, 4); k++) {
            int wanted = k;
            once += area(plane.regions(w -> w.covered() == wanted));
        }
        once += area(plane.regions(w -> w.covered() > 4));
        double slack = 1e-6 * (1 + faces);
        assertThat(once).as("trial %d: covered once, twice and so on", trial).isCloseTo(covered, within(slack));
        Region a = regions.get(0);
        Region b = regions.get(1);
        double areaA = area(Booleans.enclosed(a.borders(), FillRule.EVEN_ODD));
        double areaB = area(Booleans.enclosed(b.borders(), FillRule.EVEN_ODD));
        double common = area(Booleans.common(List.of(a, b)));
        double without = area(Booleans.minus(a, List.of(b)));
        double union = area(Booleans.union(List.of(a, b)));
        assertThat(common + without).as("trial %d: A = AB + A-B", trial).isCloseTo(areaA, within(slack));
        assertThat(union).as("trial %d: union", trial).isCloseTo(areaB + without, within(slack));
        assertThat(area(Booleans.symmetricDifference(List.of(a, b))))
                .as("trial %d: A+B = union less common", trial)
                .isCloseTo(union - common, within(slack));
        if (trial % 10 == 0) {
            List<Path> moved = new ArrayList<>(paths);
            Collections.shuffle(moved, random);
            Affine motion =
                    Affine.shift(new Point(1e4 * random.nextDouble(), -1e4)).after(Affine.turn(37, Point.ORIGIN));
            Subdivision again = Subdivision.of(moved.stream()
                    .map(p -> p.map(motion))
                    .map(p -> random.nextBoolean() ? p : p.reversed())
                    .toList());
            assertThat(again.faces()).as("trial %d: moved and shuffled", trial).isEqualTo(plane.faces());
            assertThat(area(again.regions(w -> w.covered() > 0))).isCloseTo(covered, within(1e-5 * (1 + faces)));
        }
    }
}
