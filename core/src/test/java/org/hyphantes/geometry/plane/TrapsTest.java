package org.hyphantes.geometry.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Inputs that general libraries trip over, and that ornament is full of. */
class TrapsTest {
    private static Path circle(double x, double y, double r) {
        return Path.closed(Arc.circle(new Point(x, y), r, 0));
    }

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }

    /** Sectors that share radii: a disc cut into n of them is whole again when they are united. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 8, 48})
    void sectorsThatShareRadiiUniteToTheirDisc(int n) {
        List<Region> sectors = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double from = 2 * Math.PI * k / n;
            Arc arc = new Arc(Point.ORIGIN, 40, from, 2 * Math.PI / n);
            sectors.add(Region.of(
                    Path.closed(new Line(Point.ORIGIN, arc.start()), arc, new Line(arc.end(), Point.ORIGIN))));
        }
        List<Region> union = Booleans.union(sectors);
        assertThat(union).hasSize(1);
        assertThat(union.get(0).holes()).isEmpty();
        assertThat(union.get(0).area()).isCloseTo(Math.PI * 1600, within(1e-7));
        assertThat(Subdivision.of(sectors.stream().map(Region::outline).toList())
                                .faces()
                        - 1)
                .isEqualTo(n);
        // 48 equal sectors are 7.5 degrees; common practice, no published source.
        assertThat(sectors.get(0).area()).isCloseTo(Math.PI * 1600 / n, within(1e-7));
    }

    /** An outline united with itself, moved by less and less, down to what no bench could tell apart. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    void anOutlineBesideItselfByEverLess(int k) {
        double by = 40 * Math.pow(10, -k);
        List<Region> shapes = List.of(
                BandOutline.of(circle(0, 0, 40), 6, Ends.SQUARE).orElseThrow(),
                BandOutline.of(circle(0, 0, 40).map(Affine.shift(new Point(by, by / 3))), 6, Ends.SQUARE)
                        .orElseThrow());
        double one = shapes.get(0).area();
        double union = area(Booleans.union(shapes));
        double common = area(Booleans.common(shapes));
        assertThat(union + common).isCloseTo(2 * one, within(1e-4));
        assertThat(union).isBetween(one - 1e-6, one + 400 * by + 1e-6);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 1e6, -1e6})
    void aDrawingFarAwayIsTheSameDrawing(double far) {
        List<Path> paths = new ArrayList<>();
        for (int k = 0; k < 8; k++) {
            Point centre = Point.polar(62, 45.0 * k);
            paths.add(circle(centre.x() + far, centre.y() - far, 40));
        }
        paths.add(circle(far, -far, 70));
        assertThat(Subdivision.of(paths).faces() - 1).isEqualTo(33);
    }

    @Test
    void piecesOfNoLengthAndASpikeDoNoHarm() {
        Point corner = new Point(10, 0);
        List<Curve> sides = List.of(
                new Line(new Point(0, 0), corner),
                new Line(corner, new Point(10, 10)),
                new Line(new Point(10, 10), new Point(10 + 1e-12, 10)),
                new Line(new Point(10, 10), new Point(0, 10)),
                new Line(new Point(0, 10), new Point(-5, 10)),
                new Line(new Point(-5, 10), new Point(0, 10)),
                new Line(new Point(0, 10), new Point(0, 0)));
        List<Region> faces = Subdivision.of(List.of(new Path(sides, true))).faceRegions();
        assertThat(faces).hasSize(1);
        assertThat(faces.get(0).outline().size())
                .as("four sides, and nothing of the spike")
                .isEqualTo(4);
        assertThat(faces.get(0).area()).isCloseTo(100, within(1e-9));
    }

    @Test
    void nothingAndOneThingAreOrdinaryToo() {
        assertThat(Subdivision.of(List.of()).faces()).isEqualTo(1);
        assertThat(Booleans.union(List.of())).isEmpty();
        assertThat(Booleans.common(List.of())).isEmpty();
        Region one = Region.of(circle(3, 4, 5));
        assertThat(Booleans.union(List.of(one))).hasSize(1);
        assertThat(area(Booleans.minus(one, List.of()))).isCloseTo(Math.PI * 25, within(1e-9));
        assertThat(Booleans.minus(one, List.of(one))).isEmpty();
    }

    /** What a ring of touching circles encloses: n circles of radius r on a circle of r / sin(pi/n) touch their neighbours. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 6, 12})
    void touchingCirclesEncloseOneGround(int n) {
        double r = 20;
        double out = r / Math.sin(Math.PI / n);
        List<Path> ring = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            Point centre = Point.polar(out, 360.0 * k / n);
            ring.add(circle(centre.x(), centre.y(), r));
        }
        Subdivision plane = Subdivision.of(ring);
        assertThat(plane.vertices()).isEqualTo(n);
        assertThat(plane.faces() - 1).isEqualTo(n + 1);
        List<Region> ground = plane.faceRegions().stream()
                .filter(f -> Math.abs(f.area() - Math.PI * r * r) > 1e-6)
                .toList();
        assertThat(ground).hasSize(1);
        // The polygon through the centres less a sector of (n - 2) / 2n of each disc. Closed form.
        double polygon = n * r * r / Math.tan(Math.PI / n);
        assertThat(ground.get(0).area()).isCloseTo(polygon - n * Math.PI * r * r * (n - 2) / (2.0 * n), within(1e-6));
    }
}
