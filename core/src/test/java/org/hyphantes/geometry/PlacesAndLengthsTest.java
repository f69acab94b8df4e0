package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hyphantes.geometry.plane.Booleans;
import org.junit.jupiter.api.Test;

/** Lengths that a path keeps, places by their grid, and watches over work: each beside the plain way of finding it. */
class PlacesAndLengthsTest {
    private static Path random(Random random) {
        List<Curve> curves = new ArrayList<>();
        Point at = new Point(random.nextDouble() * 50, random.nextDouble() * 50);
        for (int i = 0; i < 1 + random.nextInt(12); i++) {
            Point to = at.plus(new Point(random.nextGaussian() * 20, 1 + random.nextDouble() * 20));
            Point bow = new Point(random.nextGaussian() * 9, random.nextGaussian() * 9);
            curves.add(random.nextBoolean() ? new Line(at, to) : new Cubic(at, at.plus(bow), to.minus(bow), to));
            at = to;
        }
        return new Path(curves, false);
    }

    @Test
    void lengthsAreTheSumsOfTheirCurvesAndPositionsTheirInverse() {
        Random random = new Random(5);
        for (int trial = 0; trial < 300; trial++) {
            Path path = random(random);
            double sum = path.curves().stream().mapToDouble(Curve::length).sum();
            assertThat(path.length()).isCloseTo(sum, within(1e-9 * sum));
            double position = random.nextDouble() * path.size();
            double length = path.lengthTo(position);
            double plain = path.curves().get(path.index(position)).lengthTo(position - path.index(position));
            for (int i = 0; i < path.index(position); i++) {
                plain += path.curves().get(i).length();
            }
            assertThat(length).isCloseTo(plain, within(1e-9 * sum));
            assertThat(path.at(path.positionAt(length)).distance(path.at(position)))
                    .isLessThan(1e-6 * sum);
            Box box = path.curves().get(0).box();
            for (Curve curve : path.curves()) {
                box = box.with(curve.box());
            }
            assertThat(path.box()).isEqualTo(box);
            assertThat(new Path(path.curves(), false)).isEqualTo(path).hasSameHashCodeAs(path);
        }
        Path line = Path.open(new Line(Point.ORIGIN, new Point(3, 0)), new Line(new Point(3, 0), new Point(3, 4)));
        assertThat(line.positionAt(-1)).isLessThanOrEqualTo(0);
        assertThat(line.positionAt(3)).isEqualTo(1);
        assertThat(line.positionAt(9)).isEqualTo(2);
    }

    @Test
    void aGridFindsJustWhatLiesNear() {
        Random random = new Random(7);
        for (double cell : new double[] {0.3, 5, 400}) {
            PlaceGrid<Integer> grid = new PlaceGrid<>(cell);
            List<Point> places = new ArrayList<>();
            for (int i = 0; i < 400; i++) {
                Point place = new Point(random.nextDouble() * 100 - 50, random.nextDouble() * 100 - 50);
                places.add(place);
                grid.add(place, i);
            }
            for (double distance : new double[] {0, 1, 17, 200}) {
                Point from = places.get(random.nextInt(places.size()));
                List<Integer> plain = IntStream.range(0, places.size())
                        .filter(i -> places.get(i).distance(from) <= distance)
                        .boxed()
                        .toList();
                assertThat(grid.within(from, distance)).containsExactlyInAnyOrderElementsOf(plain);
            }
        }
    }

    /** A watch is asked however deep the work goes: within the subdivision of many curves, which knows nothing of it. */
    @Test
    void aWatchReachesTheSubdivisionAndIsGoneAfterwards() {
        List<Region> discs = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            discs.add(Region.of(Path.closed(Arc.circle(Point.polar(20, 6 * i), 15, 0))));
        }
        int[] asked = {0};
        List<Region> union = Watch.over(() -> asked[0]++, () -> Booleans.union(discs));
        assertThat(union).hasSize(1);
        assertThat(asked[0]).isGreaterThan(100);
        int most = asked[0];
        assertThatThrownBy(() -> Watch.over(
                        () -> {
                            if (--asked[0] < most - 20) {
                                throw new BrokenOff();
                            }
                        },
                        () -> Booleans.union(discs)))
                .isInstanceOf(BrokenOff.class);
        int before = asked[0];
        assertThat(Booleans.union(discs)).hasSize(1);
        assertThat(asked[0]).as("no watch is left behind").isEqualTo(before);
        int[] inner = {0};
        Watch.over(() -> asked[0]++, () -> Watch.over(() -> inner[0]++, () -> Booleans.union(discs)));
        assertThat(inner[0]).isPositive();
        assertThat(asked[0]).as("the outer watch watches as well").isEqualTo(before + inner[0]);
    }
}
