package org.hyphantes.geometry.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Subdivision;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.operation.distance.DistanceOp;

class MeasuresTest {
    private static Region disc(double x, double y, double r) {
        return Region.of(Path.closed(Arc.circle(new Point(x, y), r, 20)));
    }

    /** Centroids by the closed forms of handbooks: half disc 4 r / 3 pi, segment, a disc less a smaller one. */
    @Test
    void centroidsAreThoseOfHandbooks() {
        Path half = Path.closed(new Arc(Point.ORIGIN, 30, 0, Math.PI), new Line(new Point(-30, 0), new Point(30, 0)));
        assertThat(Region.of(half).centroid().distance(new Point(0, 4 * 30 / (3 * Math.PI))))
                .isLessThan(1e-9);
        Region bored = new Region(
                disc(0, 0, 10).outline(), List.of(disc(4, 0, 3).outline().reversed()));
        assertThat(bored.centroid().distance(new Point(-4 * 9.0 / 91, 0))).isLessThan(1e-9);
        for (int trial = 0; trial < 40; trial++) {
            Region shape = Shapes.any(new Random(trial));
            org.locationtech.jts.geom.Point centroid =
                    Flattened.polygon(shape, 4_000).getCentroid();
            assertThat(shape.centroid().distance(new Point(centroid.getX(), centroid.getY())))
                    .as("trial " + trial)
                    .isLessThan(1e-3);
        }
    }

    @Test
    void whatLiesWithinIsWhatJtsSays() {
        Random random = new Random(8);
        for (int trial = 0; trial < 40; trial++) {
            Region shape = Shapes.any(random);
            org.locationtech.jts.geom.Polygon flat = Flattened.polygon(shape, 800);
            for (int i = 0; i < 50; i++) {
                Point p = new Point(130 * random.nextDouble() - 15, 130 * random.nextDouble() - 15);
                org.locationtech.jts.geom.Point q =
                        Flattened.JTS.createPoint(new org.locationtech.jts.geom.Coordinate(p.x(), p.y()));
                if (flat.getBoundary().distance(q) > 5e-2) {
                    assertThat(shape.contains(p)).as("trial " + trial).isEqualTo(flat.contains(q));
                }
            }
        }
    }

    @Test
    void distancesAreThoseOfClosedFormsAndOfJts() {
        Gap discs = Distances.between(disc(0, 0, 40), disc(90, 0, 49.9));
        assertThat(discs.distance()).isCloseTo(0.1, within(1e-9));
        assertThat(discs.from().distance(new Point(40, 0))).isLessThan(1e-6);
        assertThat(Distances.between(disc(0, 0, 40), disc(5, 0, 3)).distance()).isZero();
        assertThat(Distances.between(disc(0, 0, 40), disc(70, 0, 35)).distance())
                .isZero();
        for (int trial = 0; trial < 80; trial++) {
            Random random = new Random(50 + trial);
            Region a = Shapes.any(random);
            Region b = Shapes.any(random);
            double expected = DistanceOp.distance(Flattened.polygon(a, 1_200), Flattened.polygon(b, 1_200));
            Gap gap = Distances.between(a, b);
            assertThat(gap.distance()).as("trial " + trial).isCloseTo(expected, within(2e-3));
            assertThat(gap.from().distance(gap.to())).isCloseTo(gap.distance(), within(1e-9));
        }
    }

    @Test
    void theNarrowestPlaceOfPlainShapes() {
        assertThat(Narrowest.of(disc(3, 4, 25)).distance()).isCloseTo(50, within(1e-6));
        Region annulus =
                new Region(disc(0, 0, 40).outline(), List.of(disc(3, 0, 30).outline()));
        Gap thin = Narrowest.of(annulus);
        assertThat(thin.distance()).isCloseTo(7, within(1e-6));
        assertThat(thin.middle().distance(new Point(36.5, 0))).isLessThan(1e-2);
        List<Point> oblong = List.of(new Point(0, 0), new Point(50, 0), new Point(50, 12), new Point(0, 12));
        assertThat(Narrowest.of(Region.of(Path.polygon(oblong))).distance()).isCloseTo(12, within(1e-9));
        Path ellipse = Shapes.ellipse(new Point(5, 5), 40, 15, 33);
        assertThat(Narrowest.of(Region.of(ellipse)).distance()).isCloseTo(30, within(1e-3));
        // An equilateral triangle only narrows into its corners: its inscribed circle has r = side / (2 sqrt 3).
        List<Point> triangle = List.of(new Point(0, 0), new Point(30, 0), new Point(15, 15 * Math.sqrt(3)));
        assertThat(Narrowest.of(Region.of(Path.polygon(triangle))).distance())
                .isCloseTo(30 / Math.sqrt(3), within(1e-4));
        assertThat(InscribedDisc.of(Region.of(Path.polygon(triangle))).radius())
                .isCloseTo(15 / Math.sqrt(3), within(5e-5));
        // A notch from one side comes within 4 of the other.
        Region notched = Region.of(Path.polygon(List.of(
                new Point(0, 0),
                new Point(20, 0),
                new Point(25, 8),
                new Point(30, 0),
                new Point(50, 0),
                new Point(50, 12),
                new Point(0, 12))));
        Gap neck = Narrowest.of(notched);
        assertThat(neck.distance()).isCloseTo(4, within(1e-9));
        assertThat(neck.middle().distance(new Point(25, 10))).isLessThan(1e-6);
    }

    /** The ground of a made-up ring narrows between three bands: 1.68 mm, as its designers were told. */
    @Test
    void theGroundOfAWovenRingNarrowsTo168() {
        List<Region> bands = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            Point at = Point.polar(62, 45.0 * k);
            bands.add(new Region(
                    disc(at.x(), at.y(), 43).outline(),
                    List.of(disc(at.x(), at.y(), 37).outline())));
        }
        bands.add(new Region(disc(0, 0, 73).outline(), List.of(disc(0, 0, 67).outline())));
        Region union = Booleans.union(bands).get(0);
        double narrowest = union.holes().stream()
                .mapToDouble(h -> Narrowest.of(Region.of(h)).distance())
                .min()
                .orElseThrow();
        assertThat(narrowest).isCloseTo(1.68, within(0.005));
        List<Path> all = new ArrayList<>();
        bands.forEach(b -> all.addAll(b.borders()));
        assertThat(Subdivision.of(all).faces() - 1).isGreaterThan(64);
    }

    @Test
    void theNarrowestPlaceOfMadeUpShapesIsNoWiderThanAnyLineAcrossTheirDiscs() {
        for (int trial = 0; trial < 30; trial++) {
            Region shape = Shapes.any(new Random(300 + trial));
            Gap gap = Narrowest.of(shape);
            InscribedDisc disc = InscribedDisc.of(shape);
            assertThat(gap.distance()).as("trial " + trial).isLessThanOrEqualTo(2 * disc.radius() + 2e-4);
            assertThat(shape.contains(gap.middle())).isTrue();
            Curve first = shape.outline().curves().get(0);
            assertThat(first.at(first.nearest(disc.centre())).distance(disc.centre()))
                    .isGreaterThanOrEqualTo(disc.radius() - 1e-4);
        }
    }
}
