package org.hyphantes.geometry.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Outlines made rough, and side faces, by their areas and by JTS, an independent library. */
class FinishTest {
    private static Region box(double left, double right) {
        return Region.of(Path.polygon(
                List.of(new Point(left, 0), new Point(right, 0), new Point(right, 40), new Point(left, 40))));
    }

    private static boolean isSimple(Path path) {
        List<Coordinate> places = new ArrayList<>();
        for (Curve curve : path.curves()) {
            for (double at = 0; at < 1; at += 0.25) {
                places.add(new Coordinate(curve.at(at).x(), curve.at(at).y()));
            }
        }
        places.add(places.get(0));
        return new GeometryFactory()
                .createPolygon(places.toArray(new Coordinate[0]))
                .isValid();
    }

    @Test
    void noRoughOutlineCrossesItself() {
        Random random = new Random(11);
        for (int i = 0; i < 120; i++) {
            List<Point> corners = new ArrayList<>();
            int n = 3 + random.nextInt(12);
            for (int k = 0; k < n; k++) {
                corners.add(Point.polar(4 + random.nextDouble() * 40, 360.0 * k / n));
            }
            Region part = Region.of(Path.polygon(corners));
            // As deep as strokes are long, and deeper, where halves are taken.
            RoughHewing hewing =
                    new RoughHewing(1 + random.nextInt(9), random.nextDouble() * 8, random.nextBoolean(), i);
            Region rough = hewing.of(part);
            assertThat(isSimple(rough.outline())).as("part %d", i).isTrue();
            assertThat(rough.area()).isGreaterThan(0);
        }
    }

    @Test
    void strokesComeToTheCentimetreAndNeighboursFit() {
        RoughHewing hewing = new RoughHewing(5, 0.6, false, 2);
        Region left = hewing.of(box(0, 30));
        Region right = hewing.of(box(30, 50));
        assertThat(left.outline().size()).isEqualTo(2 * 15 + 2 * 20);
        double together = Booleans.union(List.of(left, right)).stream()
                .mapToDouble(Region::area)
                .sum();
        assertThat(together).as("no overlap").isCloseTo(left.area() + right.area(), within(1e-6));
        assertThat(Booleans.union(List.of(left, right)))
                .as("no gap")
                .hasSize(1)
                .allSatisfy(r -> assertThat(r.holes()).isEmpty());
        assertThat(left.outline().curves())
                .allSatisfy(c -> assertThat(c.start()
                                .distance(box(0, 30)
                                        .outline()
                                        .at(box(0, 30).outline().nearest(c.start()))))
                        .isLessThanOrEqualTo(0.6 + 1e-9));
        assertThatThrownBy(() -> new RoughHewing(0, 1, false, 1)).hasMessageContaining("more than 0");
    }

    /** A convex area shifted sweeps its own area and the length of the way times its width square to it (Cavalieri). */
    @Test
    void sideFacesAreWhatTheWayDownSweepsBesideTheTop() {
        Region disc = Region.of(Path.closed(Arc.circle(new Point(3, 4), 20, 0)));
        List<Region> all = new ArrayList<>(List.of(disc));
        SideFaces.shifted(disc, new Point(6, 8)).forEach(f -> all.add(f.region()));
        double area = Booleans.union(all).stream().mapToDouble(Region::area).sum();
        assertThat(area).isCloseTo(Math.PI * 400 + 10 * 40, within(1e-6));
        // What is seen of a square from the right and below are two sides of four.
        List<SideFaces.Face> square = SideFaces.shifted(box(0, 40), new Point(5, 5));
        assertThat(square).hasSize(2);
        assertThat(square).extracting(SideFaces.Face::outward).containsExactlyInAnyOrder(90.0, 180.0);
        // Towards a point in its middle nothing is seen, towards one far below its lower side alone.
        assertThat(SideFaces.towards(box(-20, 20), new Point(0, 20), 0.2)).isEmpty();
        List<SideFaces.Face> below = SideFaces.towards(box(-20, 20), new Point(0, 400), 0.1);
        assertThat(below).hasSize(1);
        // A trapezium between the side of 40 and nine tenths of it, 36 apart.
        assertThat(below.get(0).region().area()).isCloseTo((40 + 36) / 2.0 * 36, within(1e-9));
        // A hole shows the wall that looks the way it goes down.
        Region ring = new Region(
                box(0, 40).outline(),
                List.of(Path.polygon(
                        List.of(new Point(10, 10), new Point(30, 10), new Point(30, 30), new Point(10, 30)))));
        assertThat(SideFaces.shifted(ring, new Point(0, 5)))
                .extracting(SideFaces.Face::order)
                .containsExactlyInAnyOrder(40.0, 10.0);
    }
}
