package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Parallels cut off at inner corners, of many sides and with holes, beside what is known of them and beside JTS. */
class InnerCornersTest {
    /** Chords to a quarter of JTS's round corners: they stray less than 5e-6 of the distance. */
    private static final int CHORDS = 256;

    private static Path star(int points, double tips, double notches, Point middle) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 2 * points; i++) {
            corners.add(middle.plus(Point.polar(i % 2 == 0 ? tips : notches, 180.0 * i / points)));
        }
        return Path.polygon(corners);
    }

    /** The tip of an angle moves in along its bisector by the distance through the sine of half the angle (elementary geometry). */
    @Test
    void tipsOfAStarMoveInAlongTheirBisectors() {
        int points = 24;
        double distance = 0.3;
        Region star = Region.of(star(points, 10, 7, Point.ORIGIN));
        List<Region> inset = OffsetCurves.inset(star, distance, Corners.ROUND);
        assertThat(inset).hasSize(1);
        Path outline = inset.get(0).outline();
        assertThat(outline.curves().stream().filter(Line.class::isInstance)).hasSize(2 * points);
        assertThat(outline.curves().stream().filter(Arc.class::isInstance)).hasSize(points);
        Point first = Point.polar(10, 0);
        Point side = Point.polar(7, 180.0 / points).minus(first);
        double half = Math.atan2(Math.abs(side.cross(first)), -side.dot(first));
        for (int i = 0; i < points; i++) {
            Point tip = Point.polar(10 - distance / Math.sin(half), 360.0 * i / points);
            assertThat(outline.curves().stream()
                            .mapToDouble(c -> c.start().distance(tip))
                            .min()
                            .orElseThrow())
                    .as("tip %d", i)
                    .isLessThan(1e-12);
        }
    }

    /** Sides that bulge inwards in cubics, so that every corner is cut off; and as a hole, which is grown. */
    @Test
    void cubicsMeetOnTheBisectors() {
        int n = 12;
        List<Curve> sides = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = Point.polar(10, 360.0 * i / n);
            Point q = Point.polar(10, 360.0 * (i + 1) / n);
            Point in = p.middle(q).times(-0.25);
            Point along = q.minus(p).times(0.3);
            sides.add(new Cubic(p, p.plus(in).plus(along), q.plus(in).minus(along), q));
        }
        Path dented = new Path(sides, true);
        for (double distance : new double[] {0.01, 0.1, 0.4, 0.9}) {
            List<Region> inset = OffsetCurves.inset(Region.of(dented), distance, Corners.ROUND);
            assertThat(inset).as("by %s", distance).hasSize(1);
            assertAtDistance(inset.get(0).outline(), dented, distance);
            double widest = inset.get(0).outline().curves().stream()
                    .mapToDouble(c -> c.start().distance(Point.ORIGIN))
                    .max()
                    .orElseThrow();
            for (int i = 0; i < n; i++) {
                Point tip = Point.polar(widest, 360.0 * i / n);
                assertThat(inset.get(0).outline().curves().stream()
                                .mapToDouble(c -> c.start().distance(tip))
                                .min()
                                .orElseThrow())
                        .as("tip %d by %s", i, distance)
                        .isLessThan(4e-5);
            }
            Region plate = new Region(Path.closed(Arc.circle(Point.ORIGIN, 14, 0)), List.of(dented.reversed()));
            List<Region> grown = OffsetCurves.outset(plate, distance, Corners.ROUND);
            assertThat(grown).hasSize(1);
            assertThat(grown.get(0).holes()).hasSize(1);
            assertAtDistance(grown.get(0).holes().get(0), dented, distance);
        }
    }

    private static void assertAtDistance(Path border, Path source, double distance) {
        for (Curve curve : border.curves()) {
            for (double t : new double[] {0, 0.3, 0.7, 1}) {
                Point place = curve.at(t);
                double nearest = source.curves().stream()
                        .mapToDouble(c -> c.at(c.nearest(place)).distance(place))
                        .min()
                        .orElseThrow();
                assertThat(nearest).as("%s, by %s", place, distance).isCloseTo(distance, within(2.1e-5));
            }
        }
    }

    /** Whether corners can be cut off or sides are used up, and borders keep apart or not: all is as JTS's buffer has it. */
    @Test
    void platesOfManySidesWithHolesAreAsJtsBuffersThem() {
        int whole = 0;
        int parted = 0;
        int gone = 0;
        for (int seed = 0; seed < 1_000; seed++) {
            Random random = new Random(seed);
            Region plate = plate(random);
            double distance = 1.6 * random.nextDouble() * random.nextDouble() + 0.01;
            boolean outwards = seed % 4 == 0;
            List<Region> ours = outwards
                    ? OffsetCurves.outset(plate, distance, Corners.ROUND)
                    : OffsetCurves.inset(plate, distance, Corners.ROUND);
            BufferParameters round = new BufferParameters(CHORDS);
            // Else it takes corners away that are flatter than a hundredth of the distance.
            round.setSimplifyFactor(1e-9);
            Geometry theirs = BufferOp.bufferOp(Flattened.polygon(plate, 4), outwards ? distance : -distance, round);
            double area = ours.stream().mapToDouble(Region::area).sum();
            // What is offset by JTS joins straight across where it would be a thousandth of the distance long.
            double corners = plate.borders().stream().mapToInt(Path::size).sum();
            assertThat(area)
                    .as("area, seed %d, by %s", seed, distance)
                    .isCloseTo(theirs.getArea(), within(corners * 4e-5 * distance * distance + 4e-3 * distance));
            if (isPlain(theirs)) {
                assertThat(ours).as("regions, seed %d", seed).hasSize(theirs.getNumGeometries());
                assertThat(ours.stream().mapToInt(r -> r.holes().size()).sum())
                        .as("holes, seed %d", seed)
                        .isEqualTo(holes(theirs));
            }
            whole += ours.size() == 1
                            && ours.get(0).holes().size() == plate.holes().size()
                    ? 1
                    : 0;
            parted += ours.size() > 1 ? 1 : 0;
            gone += !ours.isEmpty()
                            && ours.get(0).holes().size() < plate.holes().size()
                    ? 1
                    : 0;
        }
        assertThat(whole).as("kept as they are made").isGreaterThan(100);
        assertThat(parted).as("come apart").isGreaterThan(15);
        assertThat(gone).as("with holes that ran together, out, or full").isGreaterThan(40);
    }

    /** Of 11 to 40 sides, with deep notches or up to four holes of 3 to 8. */
    private static Region plate(Random random) {
        List<Path> holes = new ArrayList<>();
        boolean notched = random.nextInt(3) == 0;
        int n = notched ? 0 : random.nextInt(5);
        for (int i = 0; i < n; i++) {
            Point middle = Point.polar(4, 360.0 * i / n + 20 * random.nextDouble());
            holes.add(jagged(random, 3 + random.nextInt(6), 0.6, 1.4, middle).reversed());
        }
        return new Region(jagged(random, 11 + random.nextInt(30), notched ? 1 : 7, 10, Point.ORIGIN), holes);
    }

    private static Path jagged(Random random, int sides, double least, double most, Point middle) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            corners.add(middle.plus(Point.polar(
                    least + (most - least) * random.nextDouble(), 360.0 * (i + 0.4 * random.nextDouble()) / sides)));
        }
        return Path.polygon(corners);
    }

    /** Whether no part is so small that it hangs on JTS's chords whether it is there. */
    private static boolean isPlain(Geometry geometry) {
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) geometry.getGeometryN(i);
            for (int k = 0; k < polygon.getNumInteriorRing(); k++) {
                if (Flattened.JTS.createPolygon(polygon.getInteriorRingN(k)).getArea() < 1e-4) {
                    return false;
                }
            }
            if (polygon.getArea() < 1e-4) {
                return false;
            }
        }
        return geometry instanceof Polygon || geometry instanceof MultiPolygon;
    }

    private static int holes(Geometry geometry) {
        int count = 0;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            count += ((Polygon) geometry.getGeometryN(i)).getNumInteriorRing();
        }
        return count;
    }
}
