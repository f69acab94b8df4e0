package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.plane.Subdivision;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Faces between strands, walked from their crossings, beside those of a subdivision and those that JTS polygonizes. */
class CrossingFacesTest {
    private static Optional<List<Region>> faces(List<Path> paths) {
        List<Strand> strands = paths.stream()
                .map(p -> new Strand("A", new StrandKey("f", List.of()), p, 1, Ends.BUTT))
                .toList();
        return CrossingFaces.of(Projection.of(strands, Watch.NONE).orElseThrow());
    }

    private static Path circle(double x, double y, double radius) {
        return Path.closed(Arc.circle(new Point(x, y), radius, 20));
    }

    private static List<Double> areas(List<Region> regions) {
        return regions.stream().map(Region::area).sorted().toList();
    }

    /** A closed line of straight sides, which crosses itself as it may. */
    private static Path polygon(Random random) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            corners.add(new Point(60 * random.nextDouble(), 60 * random.nextDouble()));
        }
        return Path.polygon(corners);
    }

    @Test
    void theyAreThoseOfASubdivisionAndThoseThatJtsPolygonizes() {
        int walked = 0;
        int many = 0;
        for (int trial = 0; trial < 300; trial++) {
            Random random = new Random(trial);
            List<Path> paths = new ArrayList<>();
            for (int i = 0; i < 1 + trial % 7; i++) {
                double radius = 10 + 20 * random.nextDouble();
                paths.add(
                        random.nextInt(3) == 0
                                ? polygon(random)
                                : circle(50 * random.nextDouble(), 50 * random.nextDouble(), radius));
            }
            Optional<List<Region>> faces = faces(paths);
            if (faces.isEmpty()) {
                continue;
            }
            List<Double> areas = areas(faces.get());
            List<Double> divided = areas(Subdivision.of(paths).faceRegions());
            assertThat(areas).as("trial %d", trial).hasSameSizeAs(divided);
            for (int i = 0; i < areas.size(); i++) {
                assertThat(areas.get(i)).as("trial %d", trial).isCloseTo(divided.get(i), within(1e-6));
            }
            List<Geometry> lines = paths.stream()
                    .map(p -> (Geometry) Flattened.polygon(Region.of(p), 800).getExteriorRing())
                    .toList();
            Polygonizer polygonizer = new Polygonizer();
            polygonizer.add(UnaryUnionOp.union(lines));
            double whole = 0;
            for (Object polygon : polygonizer.getPolygons()) {
                whole += ((Geometry) polygon).getArea();
            }
            assertThat(areas.stream().mapToDouble(a -> a).sum()).isCloseTo(whole, within(1e-3 * whole));
            walked++;
            many += areas.size() > 20 ? 1 : 0;
        }
        assertThat(walked).isGreaterThan(150);
        assertThat(many).isGreaterThan(50);
    }

    @Test
    void noneAreTakenForKnownWhereTheStrandsDoNotTellThemPlainly() {
        // Apart, within one another, touching, through one point, upon one another.
        assertThat(faces(List.of(circle(0, 0, 5), circle(20, 0, 5)))).isEmpty();
        assertThat(faces(List.of(circle(0, 0, 9), circle(0, 0, 5)))).isEmpty();
        assertThat(faces(List.of(circle(0, 0, 5), circle(10, 0, 5), circle(5, 0, 4))))
                .isEmpty();
        assertThat(faces(List.of(circle(5, 0, 5), circle(-3, 4, 5), circle(-3, -4, 5))))
                .isEmpty();
        assertThat(faces(List.of(circle(0, 0, 5), circle(0, 0, 5), circle(6, 0, 5))))
                .isEmpty();
        // Two circles that cross enclose two crescents and what they have in common (closed form).
        List<Double> areas =
                areas(faces(List.of(circle(0, 0, 5), circle(6, 0, 5))).orElseThrow());
        double lens = 2 * 25 * Math.acos(0.6) - 6 * 4;
        assertThat(areas).hasSize(3);
        assertThat(areas.get(0)).isCloseTo(lens, within(1e-9));
        assertThat(areas.get(2)).isCloseTo(25 * Math.PI - lens, within(1e-9));
    }
}
