package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.hyphantes.geometry.plane.Subdivision;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class OffsetTest {
    private static final Path SQUARE =
            Path.polygon(List.of(new Point(0, 0), new Point(20, 0), new Point(20, 20), new Point(0, 20)));

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }

    private static Geometry flat(List<Region> regions, int chords) {
        return regions.stream()
                .map(r -> (Geometry) Flattened.polygon(r, chords))
                .reduce(Flattened.JTS.createPolygon(), Geometry::union);
    }

    private static Geometry buffer(Geometry flat, double distance, int join, int cap) {
        BufferParameters parameters = new BufferParameters(100, cap, join, 10);
        parameters.setSimplifyFactor(1e-5);
        return BufferOp.bufferOp(flat, distance, parameters);
    }

    /** Steiner: growing a convex outline of length l by d adds l d + pi d^2 with round corners. Closed forms for the others. */
    @Test
    void aGrownSquareHasTheClosedFormOfItsCorners() {
        Region square = Region.of(SQUARE);
        assertThat(area(OffsetCurves.outset(square, 3, Corners.ROUND)))
                .isCloseTo(400 + 80 * 3 + Math.PI * 9, within(1e-9));
        assertThat(area(OffsetCurves.outset(square, 3, Corners.MITRED))).isCloseTo(26 * 26, within(1e-9));
        assertThat(area(OffsetCurves.outset(square, 3, Corners.BEVELLED))).isCloseTo(26 * 26 - 4 * 4.5, within(1e-9));
        // A right angle has a mitre of the square root of two.
        assertThat(area(OffsetCurves.outset(square, 3, new Corners(Corner.MITRED, 1.4))))
                .isCloseTo(658, within(1e-9));
        assertThat(OffsetCurves.outset(square, 3, Corners.MITRED)
                        .get(0)
                        .outline()
                        .size())
                .isEqualTo(4);
        assertThat(OffsetCurves.outset(square, 3, Corners.ROUND)
                        .get(0)
                        .outline()
                        .size())
                .isEqualTo(8);
        assertThat(area(OffsetCurves.inset(square, 3, Corners.ROUND))).isCloseTo(14 * 14, within(1e-9));
        assertThat(OffsetCurves.inset(square, 10, Corners.ROUND)).isEmpty();
        assertThat(OffsetCurves.inset(square, 12, Corners.MITRED)).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> OffsetCurves.inset(square, 0, Corners.ROUND));
    }

    @Test
    void annuliGrowAndShrinkAsTwoArcsEach() {
        Region annulus = new Region(
                Path.closed(Arc.circle(Point.ORIGIN, 40, 0)), List.of(Path.closed(Arc.circle(Point.ORIGIN, 30, 9))));
        List<Region> grown = OffsetCurves.outset(annulus, 2, Corners.ROUND);
        assertThat(area(grown)).isCloseTo(Math.PI * (42 * 42 - 28 * 28), within(1e-9));
        assertThat(grown.get(0).borders()).allSatisfy(b -> assertThat(b.size()).isEqualTo(1));
        assertThat(area(OffsetCurves.outset(annulus, 30, Corners.ROUND))).isCloseTo(Math.PI * 4900, within(1e-9));
        assertThat(OffsetCurves.outset(annulus, 31, Corners.ROUND).get(0).holes())
                .isEmpty();
        assertThat(area(OffsetCurves.inset(annulus, 4.9, Corners.ROUND)))
                .isCloseTo(Math.PI * 2 * 35 * 0.2, within(1e-9));
        assertThat(OffsetCurves.inset(annulus, 5.1, Corners.ROUND)).isEmpty();
        // Down to a thousand-millionth of a millimetre the change of area is length times distance.
        assertThat(area(OffsetCurves.outset(annulus, 1e-6, Corners.ROUND)) - annulus.area())
                .isCloseTo(2 * Math.PI * 70 * 1e-6, within(1e-9));
    }

    /** Two round holes grow together: what is left is the disc less two discs and their lens. Closed form. */
    @Test
    void holesThatGrowIntoOneAnotherBecomeOne() {
        Region plate = new Region(
                Path.closed(Arc.circle(Point.ORIGIN, 40, 0)),
                List.of(
                        Path.closed(Arc.circle(new Point(-8, 0), 5, 0)),
                        Path.closed(Arc.circle(new Point(8, 0), 5, 0))));
        assertThat(OffsetCurves.inset(plate, 2.9, Corners.ROUND).get(0).holes()).hasSize(2);
        List<Region> shrunk = OffsetCurves.inset(plate, 4, Corners.ROUND);
        double lens = 2 * 81 * Math.acos(16 / 18.0) - 8 * Math.sqrt(4 * 81 - 256);
        assertThat(shrunk).hasSize(1);
        assertThat(shrunk.get(0).holes()).hasSize(1);
        assertThat(area(shrunk)).isCloseTo(Math.PI * (36 * 36 - 2 * 81) + lens, within(1e-9));
    }

    /** Two discs joined by a neck come apart where the neck is narrower than twice the distance. */
    @Test
    void aShrunkDumbbellComesApart() {
        Path dumbbell = Path.closed(
                new Arc(new Point(-30, 0), 20, Math.asin(0.2), 2 * Math.PI - 2 * Math.asin(0.2)),
                new Line(new Point(-30 + 20 * Math.sqrt(0.96), -4), new Point(30 - 20 * Math.sqrt(0.96), -4)),
                new Arc(new Point(30, 0), 20, Math.PI + Math.asin(0.2), 2 * Math.PI - 2 * Math.asin(0.2)),
                new Line(new Point(30 - 20 * Math.sqrt(0.96), 4), new Point(-30 + 20 * Math.sqrt(0.96), 4)));
        assertThat(OffsetCurves.inset(Region.of(dumbbell), 3.9, Corners.ROUND)).hasSize(1);
        List<Region> apart = OffsetCurves.inset(Region.of(dumbbell), 4.1, Corners.ROUND);
        assertThat(apart).hasSize(2);
        Geometry shrunk = buffer(
                Flattened.polygon(Region.of(dumbbell), 8_000),
                -4.1,
                BufferParameters.JOIN_ROUND,
                BufferParameters.CAP_ROUND);
        assertThat(area(apart)).isCloseTo(shrunk.getArea(), within(1e-2));
    }

    /** Seeded shapes of lines, arcs, cubics, with round corners, against JTS buffers of flattened copies. */
    @ParameterizedTest
    @EnumSource(Corner.class)
    void offsetsAgreeWithJtsBuffers(Corner corner) {
        int join = switch (corner) {
            case ROUND -> BufferParameters.JOIN_ROUND;
            case MITRED -> BufferParameters.JOIN_MITRE;
            case BEVELLED -> BufferParameters.JOIN_BEVEL;
        };
        Corners corners = new Corners(corner, 10);
        for (int trial = 0; trial < 60; trial++) {
            Random random = new Random(400 + trial);
            Region shape = Shapes.any(random);
            boolean curved = shape.outline().curves().stream().anyMatch(c -> !(c instanceof Line));
            boolean whole = shape.outline().size() == 1;
            if (corner != Corner.ROUND && curved && !whole) {
                // A flattened copy has corners where ours has none, and mitres run on along arcs.
                continue;
            }
            double d = 0.5 + 8 * random.nextDouble();
            Geometry flat = Flattened.polygon(shape, 2_000);
            double slack = 2e-3 * shape.borderLength();
            Geometry grown = buffer(flat, d, join, BufferParameters.CAP_ROUND);
            assertThat(flat(OffsetCurves.outset(shape, d, corners), 2_000)
                            .symDifference(grown)
                            .getArea())
                    .as("%s outset, trial %d by %f", corner, trial, d)
                    .isLessThan(slack);
            Geometry shrunk = buffer(flat, -d, join, BufferParameters.CAP_ROUND);
            assertThat(flat(OffsetCurves.inset(shape, d, corners), 2_000)
                            .symDifference(shrunk)
                            .getArea())
                    .as("%s inset, trial %d by %f", corner, trial, d)
                    .isLessThan(slack);
        }
    }

    /** What circles and a square enclose, shrunk by little and by much, until nothing is left, against JTS buffers. */
    @Test
    void facesAgreeWithJtsBuffers() {
        int vanished = 0;
        for (int trial = 0; trial < 16; trial++) {
            Random random = new Random(900 + trial);
            List<Path> paths = new ArrayList<>();
            paths.add(Path.polygon(List.of(new Point(0, 0), new Point(60, 0), new Point(60, 60), new Point(0, 60))));
            for (int i = 0; i < 2 + random.nextInt(4); i++) {
                Point centre = new Point(60 * random.nextDouble(), 60 * random.nextDouble());
                paths.add(Path.closed(Arc.circle(centre, 10 + 20 * random.nextDouble(), 0)));
            }
            for (Region face : Subdivision.of(paths).faceRegions()) {
                double d = 0.2 + 6 * random.nextDouble();
                Geometry shrunk = buffer(
                        Flattened.polygon(face, 500), -d, BufferParameters.JOIN_MITRE, BufferParameters.CAP_ROUND);
                List<Region> left = OffsetCurves.inset(face, d, Corners.MITRED);
                vanished += left.isEmpty() ? 1 : 0;
                assertThat(flat(left, 500).symDifference(shrunk).getArea())
                        .as("trial %d by %f", trial, d)
                        .isLessThan(8e-3 * face.borderLength());
            }
        }
        assertThat(vanished).isBetween(20, 300);
    }

    /** Bands along open and closed lines, arcs and cubics that bend tightly and cross themselves, against JTS buffers. */
    @ParameterizedTest
    @EnumSource(
            value = Ends.class,
            names = {"BUTT", "ROUND", "SQUARE"})
    void bandsAgreeWithJtsBuffers(Ends ends) {
        int cap = switch (ends) {
            case BUTT -> BufferParameters.CAP_FLAT;
            case ROUND -> BufferParameters.CAP_ROUND;
            default -> BufferParameters.CAP_SQUARE;
        };
        for (int trial = 0; trial < 40; trial++) {
            Random random = new Random(700 + trial);
            Path path = trial % 2 == 0
                    ? Shapes.open(random)
                    : Shapes.loop(random, new Point(50, 50), 30, 3 + random.nextInt(4));
            double width = 1 + 14 * random.nextDouble();
            if (cap != BufferParameters.CAP_ROUND && bendsAtAnEnd(path, width / 2)) {
                // A flush end and a fold at one place: what is the end's and what the bend's is a matter of taste.
                continue;
            }
            List<Region> band = Bands.of(path, WidthProfile.even(width), ends, Corners.ROUND);
            Geometry expected = buffer(Flattened.line(path, 2_000), width / 2, BufferParameters.JOIN_ROUND, cap);
            assertThat(flat(band, 2_000).symDifference(expected).getArea())
                    .as("%s, trial %d, width %f", ends, trial, width)
                    .isLessThan(4e-4 * path.length() * width + 3e-3 * width * width);
        }
    }

    private static boolean bendsAtAnEnd(Path path, double half) {
        if (path.closed() || !(path.curves().get(0) instanceof Cubic cubic)) {
            return false;
        }
        for (int i = 0; i <= 100; i++) {
            double t = i / 100.0;
            double toEnd = Math.min(cubic.lengthTo(t), cubic.length() - cubic.lengthTo(t));
            if (toEnd < 2 * half && Math.abs(cubic.curvature(t)) * half > 1) {
                return true;
            }
        }
        return false;
    }

    @Test
    void everyPlaceOfALineBesideAPathIsAtItsDistance() {
        for (int trial = 0; trial < 60; trial++) {
            Random random = new Random(900 + trial);
            Path path = trial % 3 == 0
                    ? Shapes.any(random).outline()
                    : trial % 3 == 1 ? Shapes.open(random) : Shapes.loop(random, new Point(50, 50), 30, 4);
            for (double d : new double[] {-6, 1.5, 4}) {
                for (Path line : OffsetCurves.beside(path, d, Corners.ROUND)) {
                    for (int i = 0; i <= 10 * line.size(); i++) {
                        Point p = line.at(i / 10.0);
                        double away = path.at(path.nearest(p)).distance(p);
                        assertThat(away).as("trial %d at %f", trial, d).isCloseTo(Math.abs(d), within(2e-4));
                    }
                }
            }
        }
    }

    @Test
    void linesBesideLoseTheirLoopsAndVanish() {
        // A dent of 120 degrees: the parallel on its inner side has no loop, on its outer side an arc.
        Path bent = Path.open(new Line(new Point(-50, 0), Point.ORIGIN), new Line(Point.ORIGIN, Point.polar(50, 30)));
        assertThat(OffsetCurves.beside(bent, 5, Corners.ROUND))
                .singleElement()
                .satisfies(l -> assertThat(l.size()).isEqualTo(3));
        assertThat(OffsetCurves.beside(bent, -5, Corners.ROUND)).singleElement().satisfies(l -> {
            assertThat(l.size()).isEqualTo(2);
            // Each side is shorter by d tan(30) where the lines meet: half the turn of 60 degrees.
            assertThat(l.length()).isCloseTo(100 - 2 * 5 * Math.tan(Math.PI / 6), within(1e-9));
        });
        assertThat(OffsetCurves.beside(bent, 5, Corners.MITRED)).singleElement().satisfies(l -> {
            assertThat(l.size()).isEqualTo(2);
            assertThat(l.length()).isCloseTo(100 + 2 * 5 * Math.tan(Math.PI / 6), within(1e-9));
        });
        assertThat(OffsetCurves.beside(SQUARE, 10.5, Corners.ROUND)).isEmpty();
        assertThat(OffsetCurves.beside(SQUARE, 4, Corners.MITRED))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.closed()).isTrue();
                    assertThat(l.length()).isCloseTo(48, within(1e-9));
                });
        // Beyond its tightest bend a parallel would swing over itself: it must not.
        Cubic hairpin = new Cubic(new Point(0, 0), new Point(60, 0), new Point(60, 8), new Point(0, 8));
        for (Path line : OffsetCurves.beside(Path.open(hairpin), 6, Corners.ROUND)) {
            assertThat(org.hyphantes.geometry.meet.PathMeetings.of(List.of(line)))
                    .isEmpty();
        }
    }

    @Test
    void aTaperedBandHasTheAreaOfItsProfile() {
        Path line = Path.open(new Line(new Point(3, 4), new Point(43, 34)));
        assertThat(area(Bands.of(line, WidthProfile.taper(1, 5), Ends.BUTT, Corners.MITRED)))
                .isCloseTo(50 * 3, within(1e-9));
        List<Region> tip = Bands.of(line, WidthProfile.taper(0, 6), Ends.BUTT, Corners.MITRED);
        assertThat(tip)
                .singleElement()
                .satisfies(r -> assertThat(r.outline().size()).isEqualTo(3));
        WidthProfile swelling = new WidthProfile(
                List.of(new WidthProfile.Stop(0, 0), new WidthProfile.Stop(0.5, 8), new WidthProfile.Stop(1, 0)));
        assertThat(area(Bands.of(line, swelling, Ends.BUTT, Corners.MITRED))).isCloseTo(200, within(1e-9));
        // Pappus: along an arc the mean width times the length, the centre line being the centroid's way.
        Path arc = Path.open(new Arc(Point.ORIGIN, 40, 0.2, 2.5));
        assertThat(area(Bands.of(arc, WidthProfile.taper(2, 6), Ends.BUTT, Corners.MITRED)))
                .isCloseTo(100 * 4, within(1e-3));
        // Down to nothing on the way: two pieces that share a point.
        WidthProfile waist = new WidthProfile(
                List.of(new WidthProfile.Stop(0, 4), new WidthProfile.Stop(0.5, 0), new WidthProfile.Stop(1, 4)));
        assertThat(area(Bands.of(line, waist, Ends.BUTT, Corners.MITRED))).isCloseTo(100, within(1e-9));
    }

    @Test
    void cornersAreRoundedByTheirRadiusWhereTheyHaveRoom() {
        Rounding all = Rounding.of(SQUARE, 5, i -> true);
        assertThat(all.refused()).isEmpty();
        assertThat(all.path().size()).isEqualTo(8);
        assertThat(all.path().signedArea()).isCloseTo(400 - (4 - Math.PI) * 25, within(1e-9));
        assertThat(Rounding.of(SQUARE, 5, i -> i == 2).path().size()).isEqualTo(5);
        assertThat(Rounding.of(SQUARE, 10, i -> true).path().size()).isEqualTo(4);
        Rounding tooWide = Rounding.of(SQUARE, 11, i -> true);
        assertThat(tooWide.refused()).isNotEmpty();
        // A half disc: where the chord meets the arc, r = 3 about (sqrt(17^2 - 3^2), 3). Closed form.
        Path half = Path.closed(new Arc(Point.ORIGIN, 20, 0, Math.PI), new Line(new Point(-20, 0), new Point(20, 0)));
        Path rounded = Rounding.of(half, 3, i -> i == 0).path();
        assertThat(rounded.curves())
                .filteredOn(c -> c instanceof Arc a && a.radius() == 3)
                .singleElement()
                .satisfies(c -> assertThat(((Arc) c).centre().distance(new Point(Math.sqrt(17 * 17 - 9), 3)))
                        .isLessThan(1e-9));
        // On cubics the arc leaves and arrives with the headings of its sides.
        Path leaf = Path.closed(
                new Cubic(new Point(0, 0), new Point(20, -15), new Point(40, -15), new Point(60, 0)),
                new Cubic(new Point(60, 0), new Point(40, 15), new Point(20, 15), new Point(0, 0)));
        Path soft = Rounding.of(leaf, 2, i -> true).path();
        assertThat(soft.size()).isEqualTo(4);
        for (int i = 0; i < 4; i++) {
            assertThat(soft.tangent(i).cross(soft.arrival(i))).isCloseTo(0, within(1e-7));
        }
    }
}
