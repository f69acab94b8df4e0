package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

class SubdivisionTest {
    private static Path circle(double x, double y, double r) {
        return Path.closed(Arc.circle(new Point(x, y), r, 0));
    }

    private static Region disc(double x, double y, double r) {
        return Region.of(circle(x, y, r));
    }

    private static Path line(double x1, double y1, double x2, double y2) {
        return Path.open(new Line(new Point(x1, y1), new Point(x2, y2)));
    }

    /** A square lattice of rings of radius 10 at 0.8 of it. */
    private static List<Path> lattice(int side) {
        List<Path> rings = new ArrayList<>();
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                rings.add(circle(8.0 * i, 8.0 * j, 10));
            }
        }
        return rings;
    }

    /** The same rings as bands 0.15 of the radius wide. */
    private static List<Region> bands(int side) {
        return lattice(side).stream()
                .map(ring -> BandOutline.of(ring, 1.5, Ends.SQUARE).orElseThrow())
                .toList();
    }

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }

    private static int curves(List<Region> regions) {
        return regions.stream()
                .mapToInt(r -> r.outline().size()
                        + r.holes().stream().mapToInt(Path::size).sum())
                .sum();
    }

    private static List<Path> roundThrough(int k, double far) {
        List<Path> circles = new ArrayList<>();
        for (int i = 0; i < k; i++) {
            Point centre = Point.polar(30, 360.0 * i / k + 11);
            circles.add(circle(centre.x() + far, centre.y() - far, 30));
        }
        return circles;
    }

    /** k circles of one radius through one point, evenly round it: counts by Euler's formula, opposite ones only touching. */
    @ParameterizedTest
    @CsvSource({"3, 6, 0", "5, 15, 0", "12, 72, 0", "3, 6, 1e6", "5, 15, 1e6"})
    void circlesThroughOnePoint(int k, int bounded, double far) {
        assertThat(Subdivision.of(roundThrough(k, far)).faces() - 1).isEqualTo(bounded);
    }

    @Test
    void tangentAndCoincidentCircles() {
        assertThat(Subdivision.of(List.of(circle(0, 0, 40), circle(75, 0, 35))).faces())
                .isEqualTo(3);
        assertThat(Subdivision.of(List.of(circle(0, 0, 40), circle(5, 0, 35))).faces())
                .isEqualTo(3);
        Subdivision twice = Subdivision.of(List.of(circle(0, 0, 40), circle(0, 0, 40)));
        assertThat(twice.faces()).isEqualTo(2);
        // One circle started at two places: their symmetric difference is nothing.
        Region turned = Region.of(circle(0, 0, 40).map(Affine.turn(77, Point.ORIGIN)));
        assertThat(Booleans.symmetricDifference(List.of(disc(0, 0, 40), turned)))
                .isEmpty();
        // A lens thinner than the tolerance is one touch.
        assertThat(Subdivision.of(List.of(circle(0, 0, 40), circle(75 - 1e-12, 0, 35)))
                        .faces())
                .isEqualTo(3);
        // The opposite way round cancels by winding but not as a region.
        assertThat(Booleans.union(
                        List.of(disc(0, 0, 40), Region.of(circle(0, 0, 40).reversed()))))
                .hasSize(1);
    }

    @Test
    void partlyCoincidentArcsAndLines() {
        Path half = Path.closed(new Arc(Point.ORIGIN, 40, 0, Math.PI), new Line(new Point(-40, 0), new Point(40, 0)));
        Subdivision plane = Subdivision.of(List.of(circle(0, 0, 40), half));
        assertThat(plane.faces()).isEqualTo(3);
        assertThat(Booleans.minus(disc(0, 0, 40), List.of(Region.of(half))))
                .hasSize(1)
                .allSatisfy(r -> assertThat(r.area()).isCloseTo(Math.PI * 800, within(1e-6)))
                .allSatisfy(r -> assertThat(r.outline().size()).isEqualTo(2));
        Path square = Path.polygon(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10)));
        Path beside = square.map(Affine.shift(new Point(10, 4)));
        List<Region> both = Booleans.union(List.of(Region.of(square), Region.of(beside)));
        assertThat(both).hasSize(1);
        assertThat(both.get(0).outline().size()).isEqualTo(8);
        // A line along the chord of two crossings divides the lens.
        double h = Math.sqrt(40 * 40 - 30 * 30);
        List<Path> lens = List.of(circle(-30, 0, 40), circle(30, 0, 40), line(0, -h, 0, h));
        assertThat(Subdivision.of(lens).faces() - 1).isEqualTo(4);
        assertThat(Subdivision.of(List.of(line(0, 0, 10, 0), line(5, 0, 20, 0), line(0, 0, 10, 0)))
                        .faces())
                .isEqualTo(1);
    }

    /** Lens of two equal circles: 2 r^2 acos(d/2r) - d/2 sqrt(4 r^2 - d^2). Closed form. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 20, 60, 79.9})
    void lensesAndCrescentsHaveTheirClosedForms(double d) {
        double lens = 2 * 1600 * Math.acos(d / 80) - d / 2 * Math.sqrt(6400 - d * d);
        Region a = disc(0, 0, 40);
        Region b = disc(d, 0, 40);
        List<Region> common = Booleans.common(List.of(a, b));
        assertThat(common).hasSize(1);
        assertThat(area(common)).isCloseTo(lens, within(1e-8));
        assertThat(common.get(0).outline().size()).isEqualTo(2);
        assertThat(area(Booleans.minus(a, List.of(b)))).isCloseTo(Math.PI * 1600 - lens, within(1e-8));
        assertThat(area(Booleans.union(List.of(a, b)))).isCloseTo(Math.PI * 3200 - lens, within(1e-8));
        assertThat(area(Booleans.symmetricDifference(List.of(a, b))))
                .isCloseTo(Math.PI * 3200 - 2 * lens, within(1e-8));
    }

    @Test
    void holesIslandsAndWindings() {
        List<Path> nested =
                List.of(circle(0, 0, 50), circle(0, 0, 40), circle(5, 0, 20), circle(5, 0, 10), circle(200, 0, 5));
        Subdivision plane = Subdivision.of(nested);
        assertThat(plane.faces()).isEqualTo(6);
        assertThat(plane.components()).isEqualTo(5);
        List<Region> rings = plane.regions(w -> w.covered() % 2 == 1);
        assertThat(rings).hasSize(3);
        assertThat(area(rings)).isCloseTo(Math.PI * (2500 - 1600 + 400 - 100 + 25), within(1e-8));
        assertThat(rings).filteredOn(r -> r.holes().size() == 1).hasSize(2);
        // A pentagram winds twice round its heart.
        List<Point> star = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            star.add(Point.polar(50, 144.0 * i));
        }
        Subdivision pentagram = Subdivision.of(List.of(Path.polygon(star)));
        assertThat(pentagram.faces() - 1).isEqualTo(6);
        assertThat(pentagram.regions(w -> Math.abs(w.of(0)) == 2)).hasSize(1);
        assertThat(pentagram.regions(w -> w.of(0) != 0)).hasSize(1);
        assertThat(pentagram.regions(w -> Math.abs(w.of(0)) == 1)).hasSize(5);
    }

    @Test
    void openPathsDivideAndDanglingEndsDoNot() {
        List<Path> cut = List.of(circle(0, 0, 40), line(-60, 0, 60, 0), line(0, 10, 0, 20), line(0, -10, 30, -10));
        Subdivision plane = Subdivision.of(cut);
        assertThat(plane.faces()).isEqualTo(3);
        List<Region> halves = plane.faceRegions();
        assertThat(halves).hasSize(2).allSatisfy(r -> {
            assertThat(r.area()).isCloseTo(Math.PI * 800, within(1e-8));
            assertThat(r.outline().size()).isEqualTo(2);
            assertThat(r.holes()).isEmpty();
        });
    }

    /** Regular pieces of a ring of eight circles and a wide one: V - E + F = 1 + C with 32 crossings gives 33 pieces. */
    @Test
    void aWovenRingHasThirtyThreeGrounds() {
        List<Path> ring = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            Point centre = Point.polar(62, 45.0 * k);
            ring.add(circle(centre.x(), centre.y(), 40));
        }
        ring.add(circle(0, 0, 70));
        Subdivision plane = Subdivision.of(ring);
        assertThat(plane.vertices()).isEqualTo(32);
        assertThat(plane.edges()).isEqualTo(64);
        assertThat(plane.faces() - 1).isEqualTo(33);
        assertThat(plane.faceRegions()).hasSize(33);
        // As bands there are 32 more crossings' worth of pieces: the ground has as many regions as the union has holes.
        List<Region> bands = ring.stream()
                .map(p -> BandOutline.of(p, 6, Ends.SQUARE).orElseThrow())
                .toList();
        List<Region> union = Booleans.union(bands);
        assertThat(union).hasSize(1);
        assertThat(union.get(0).holes()).hasSize(33);
    }

    /** A lattice of 40 by 40 rings at 0.8 of their radius: 5,776 exact triple points, 24,485 faces. */
    @Test
    void aLatticeOfRingsKeepsItsTriplePoints() {
        List<Path> lattice = lattice(40);
        Subdivision plane = Subdivision.of(lattice);
        assertThat(plane.faces() - 1).isEqualTo(24_485);
        List<Region> union = plane.regions(w -> w.covered() > 0);
        assertThat(union).hasSize(1);
    }

    /** The union of the same lattice as bands 0.15 of the radius wide: 33,488 arcs, one outline, 6,853 holes. */
    @Test
    void theUnionOfALatticeOfBands() {
        List<Region> bands = bands(40);
        List<Region> union = Booleans.union(bands);
        assertThat(union).hasSize(1);
        assertThat(union.get(0).holes()).hasSize(6_853);
        assertThat(curves(union)).isEqualTo(33_488);
    }

    @Test
    void theUnionOfBandsHasNoMoreCurvesThanItsDrawingNeeds() {
        List<Region> annuli = bands(12);
        List<Region> union = Booleans.union(annuli);
        assertThat(union).hasSize(1);
        int corners = 0;
        for (Path hole : union.get(0).holes()) {
            for (int i = 0; i < hole.size(); i++) {
                Arc a = (Arc) hole.curves().get(i);
                Arc b = (Arc) hole.curves().get((i + 1) % hole.size());
                corners += a.centre().equals(b.centre()) && a.radius() == b.radius() ? 0 : 1;
            }
        }
        assertThat(curves(union) - union.get(0).outline().size())
                .as("every curve ends at a true corner")
                .isEqualTo(corners);
    }

    /** Areas of unions, common parts and differences against JTS on flattened copies, within what flattening costs. */
    @Test
    void areasAgreeWithJts() {
        for (int trial = 0; trial < 60; trial++) {
            Random random = new Random(9000 + trial);
            List<Region> regions = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                regions.add(Shapes.any(random));
            }
            Geometry union = Flattened.JTS.createPolygon();
            for (Region region : regions) {
                union = OverlayNGRobust.overlay(union, Flattened.polygon(region, 4_000), OverlayNG.UNION);
            }
            assertThat(area(Booleans.union(regions))).as("trial " + trial).isCloseTo(union.getArea(), within(2e-2));
            Geometry a = Flattened.polygon(regions.get(0), 4_000);
            Geometry b = Flattened.polygon(regions.get(1), 4_000);
            assertThat(area(Booleans.common(regions.subList(0, 2))))
                    .isCloseTo(
                            OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION)
                                    .getArea(),
                            within(1e-2));
            assertThat(area(Booleans.minus(regions.get(0), regions.subList(1, 6))))
                    .isCloseTo(
                            regions.subList(1, 6).stream()
                                    .map(r -> (Geometry) Flattened.polygon(r, 4_000))
                                    .reduce(
                                            a,
                                            (left, taken) -> OverlayNGRobust.overlay(left, taken, OverlayNG.DIFFERENCE))
                                    .getArea(),
                            within(2e-2));
        }
    }

    @Test
    void theVerySmallBesideTheVeryLarge() {
        List<Path> paths = List.of(circle(0, 0, 1e4), circle(1e4, 0, 1e-3), circle(2, 2, 1e-3));
        Subdivision plane = Subdivision.of(paths);
        assertThat(plane.faces() - 1).isEqualTo(4);
        assertThat(area(plane.regions(w -> w.of(1) != 0))).isCloseTo(Math.PI * 1e-6, within(1e-8));
    }
}
