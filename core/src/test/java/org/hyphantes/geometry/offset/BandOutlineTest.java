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
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class BandOutlineTest {
    private static Geometry buffer(Path path, double width, int cap) {
        BufferParameters exactish = new BufferParameters(256, cap, BufferParameters.JOIN_MITRE, 100);
        return BufferOp.bufferOp(Flattened.line(path, 20_000), width / 2, exactish);
    }

    private static Region band(Path path, double width, Ends ends) {
        return BandOutline.of(path, width, ends).orElseThrow();
    }

    @Test
    void bandsHaveTheAreasOfTheClosedFormsAndOfJts() {
        Path circle = Path.closed(Arc.circle(new Point(3, 4), 40, 17));
        assertThat(band(circle, 6, Ends.BUTT).area()).isCloseTo(2 * Math.PI * 40 * 6, within(1e-9));
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            corners.add(Point.polar(40, 360.0 * i / 7));
        }
        Path heptagon = Path.polygon(corners);
        assertThat(band(heptagon, 6, Ends.BUTT).area())
                .isCloseTo(buffer(heptagon, 6, BufferParameters.CAP_FLAT).getArea(), within(1e-6));
    }

    @Test
    void endsAreFlushRoundSquareOrPointed() {
        Path line = Path.open(new Line(new Point(-20, 5), new Point(30, 45)));
        double length = line.length();
        assertThat(band(line, 6, Ends.BUTT).area()).isCloseTo(6 * length, within(1e-9));
        assertThat(band(line, 6, Ends.ROUND).area()).isCloseTo(6 * length + Math.PI * 9, within(1e-9));
        assertThat(band(line, 6, Ends.SQUARE).area()).isCloseTo(6 * length + 36, within(1e-9));
        assertThat(band(line, 6, Ends.POINTED).area()).isCloseTo(6 * length + 18, within(1e-9));
        Geometry ours = Flattened.polygon(band(line, 6, Ends.ROUND), 4_000);
        assertThat(ours.symDifference(buffer(line, 6, BufferParameters.CAP_ROUND))
                        .getArea())
                .isLessThan(1e-2);
    }

    @Test
    void aBandWiderThanItsRingBearsIsNoBand() {
        assertThat(BandOutline.of(Path.closed(Arc.circle(Point.ORIGIN, 3, 0)), 6.1, Ends.BUTT))
                .isEmpty();
        Path small = Path.polygon(List.of(new Point(0, -4), new Point(4, 0), new Point(0, 4), new Point(-4, 0)));
        assertThat(BandOutline.of(small, 5.6, Ends.BUTT)).isPresent();
        assertThat(BandOutline.of(small, 5.7, Ends.BUTT)).isEmpty();
    }

    /**
     * A band that does not reach itself has the area of its width times its length (J. Steiner's formula for parallels, from memory), and
     * what bounds it lies half its width away: so of paths that bend little, whose outline is taken as it runs beside them.
     */
    @Test
    void aBandAlongAPathThatBendsLittleIsWhatRunsBesideIt() {
        Random random = new Random(17);
        int gentle = 0;
        for (int i = 0; i < 400; i++) {
            Cubic first = new Cubic(
                    Point.ORIGIN,
                    new Point(8 + 6 * random.nextDouble(), 12 * random.nextDouble() - 6),
                    new Point(18 + 6 * random.nextDouble(), 12 * random.nextDouble() - 6),
                    new Point(30, 10 * random.nextDouble() - 5));
            Point on = first.end().plus(first.tangent(1).times(10));
            Path path = new Path(List.of(first, new Line(first.end(), on)), false);
            double width = 0.5 + 5 * random.nextDouble();
            gentle += Gentle.isSo(path, width / 2) ? 1 : 0;
            List<Region> band = BandOutline.regions(path, WidthProfile.even(width), Ends.BUTT);
            if (!Gentle.isSo(path, width / 2)) {
                continue;
            }
            assertThat(band).hasSize(1);
            assertThat(band.get(0).area()).isCloseTo(width * path.length(), within(1e-5 * width * path.length()));
            Path outline = band.get(0).outline();
            for (double t = 0; t < outline.size(); t += 0.3) {
                double away = path.at(path.nearest(outline.at(t))).distance(outline.at(t));
                boolean cap = outline.curves().get((int) t) instanceof Line && away < width / 2 - 1e-4;
                assertThat(cap || Math.abs(away - width / 2) < 1e-4).isTrue();
            }
        }
        assertThat(gentle).isBetween(100, 399);
        assertThat(Gentle.isSo(Path.closed(Arc.circle(Point.ORIGIN, 50, 0)), 1)).isFalse();
        assertThat(Gentle.isSo(Path.open(new Arc(Point.ORIGIN, 50, 0, 6)), 1)).isFalse();
    }

    /** A drawing rounded to six figures is smooth but for parts in a million, at which the parallels of its curves no longer meet. */
    @Test
    void aPathRoundedInItsSixthFigureHasABand() {
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            double off = (random.nextDouble() - 0.5) * 2e-6;
            Arc turn = new Arc(new Point(1 + off, 1), 1, Math.PI, Math.PI / 2);
            Path path = Path.open(
                    new Line(new Point(0, 3), turn.start()),
                    turn,
                    new Line(turn.end(), new Point(3, (random.nextDouble() - 0.5) * 2e-6)));
            List<Region> band = BandOutline.regions(path, WidthProfile.even(0.5), Ends.BUTT);
            double area = band.stream().mapToDouble(Region::area).sum();
            assertThat(area).as("seed %d", seed).isCloseTo(0.5 * path.length(), within(1e-5));
        }
    }

    /** Round and cut corners against the buffers of JTS; a band that crosses itself is not bare there. */
    @Test
    void cornersAreDoneAsToldAndWhatLiesOverItselfIsWhole() {
        Path bent = Path.open(
                new Line(new Point(0, 0), new Point(20, 0)),
                new Line(new Point(20, 0), new Point(8, 9)),
                new Line(new Point(8, 9), new Point(30, 14)));
        int[] joins = {BufferParameters.JOIN_ROUND, BufferParameters.JOIN_BEVEL};
        Corners[] corners = {Corners.ROUND, Corners.BEVELLED};
        for (int k = 0; k < 2; k++) {
            BufferParameters like = new BufferParameters(512, BufferParameters.CAP_FLAT, joins[k], 10);
            double wanted =
                    BufferOp.bufferOp(Flattened.line(bent, 1_000), 1, like).getArea();
            List<Region> band = BandOutline.regions(bent, WidthProfile.even(2), Ends.BUTT, corners[k]);
            assertThat(band.stream().mapToDouble(Region::area).sum()).isCloseTo(wanted, within(1e-4));
            // The edges that woven bands are cut by run round the same corners.
            BandEdge right = BandEdge.of(bent, WidthProfile.even(2), corners[k], 1, 0);
            BandEdge left = BandEdge.of(bent, WidthProfile.even(2), corners[k], -1, 0);
            List<Curve> round = new ArrayList<>(right.path().curves());
            round.add(new Line(right.path().end(), left.path().end()));
            round.addAll(left.path().reversed().curves());
            round.add(new Line(left.path().start(), right.path().start()));
            assertThat(Math.abs(new Path(round, true).signedArea())).isCloseTo(wanted, within(1e-4));
        }
        Path loop = Path.open(
                new Line(new Point(-10, 0), new Point(5, 0)),
                new Arc(new Point(5, -5), 5, Math.PI / 2, -1.5 * Math.PI),
                new Line(new Point(0, -5), new Point(0, 12)));
        double area = BandOutline.whole(loop, WidthProfile.even(2), Ends.BUTT, Corners.MITRED).stream()
                .mapToDouble(Region::area)
                .sum();
        assertThat(area).isCloseTo(2 * loop.length() - 4, within(1e-9));
    }

    /** A course cut off just before the tip of a leaf: its inner edges meet beyond the whole of the stretch before the tip. */
    @Test
    void aBandThatBeginsJustBeforeACornerIsNoWiderThanItIs() {
        for (double before : new double[] {0.002, 0.02, 0.05, 0.1, 0.3}) {
            for (double turn : new double[] {0.6, 1.5, 2.4}) {
                Arc first = new Arc(new Point(-24, 0), 24, -before, before);
                // The tip turns to the left. Mitres of arcs are bounded by their circles, those of JTS by lines, so
                // they differ a little.
                double heading = Math.PI / 2 - turn;
                Point centre = new Point(-24 * Math.sin(heading), 24 * Math.cos(heading));
                Arc second = new Arc(centre, 24, heading - Math.PI / 2, 1.2);
                Path tip = new Path(List.of(first, second), false);
                for (Path path : List.of(tip, tip.reversed())) {
                    double expected =
                            buffer(path, 2.6, BufferParameters.CAP_FLAT).getArea();
                    List<Region> band = BandOutline.regions(path, WidthProfile.even(2.6), Ends.BUTT);
                    assertThat(band.stream().mapToDouble(Region::area).sum())
                            .as("%s rad before a turn of %s", before, turn)
                            .isCloseTo(expected, within(0.02 * expected));
                }
            }
        }
    }
}
