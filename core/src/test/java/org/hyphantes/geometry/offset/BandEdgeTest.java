package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Lines beside a path: how far they run from it, where, and where they cannot. */
class BandEdgeTest {
    private static final Path LINE = Path.open(new Line(new Point(0, 0), new Point(60, 20)));
    private static final Path BENT = Path.open(
            new Line(new Point(0, 0), new Point(30, 0)),
            new Arc(new Point(30, 20), 20, -Math.PI / 2, Math.PI / 2),
            new Line(new Point(50, 20), new Point(50, 60)));
    private static final Path RING = Path.closed(Arc.circle(new Point(3, 4), 25, 77));
    private static final Path WAVE = Path.open(
            new Cubic(new Point(0, 0), new Point(20, 0), new Point(30, 25), new Point(50, 25)),
            new Cubic(new Point(50, 25), new Point(70, 25), new Point(80, 0), new Point(100, 0)));

    static Stream<Path> paths() {
        return Stream.of(LINE, BENT, RING, WAVE);
    }

    @ParameterizedTest
    @MethodSource("paths")
    void anEvenBandHasItsLinesAtTheirShares(Path path) {
        WidthProfile widths = WidthProfile.even(6);
        for (double share : new double[] {-1, -0.5, 0, 0.5, 1}) {
            BandEdge edge = BandEdge.of(path, widths, share, share == 0 ? 0 : 0.7);
            assertThat(edge.tight().isEmpty()).isTrue();
            assertThat(edge.path().closed()).isEqualTo(path.closed());
            double wanted = Math.abs(share) * 3 + (share == 0 ? 0 : 0.7);
            for (int i = 1; i < 40; i++) {
                Point p = edge.path().at(edge.path().positionAt(edge.path().length() * i / 40));
                double position = path.nearest(p);
                assertThat(path.at(position).distance(p)).isCloseTo(wanted, within(2e-4));
                if (share != 0) {
                    double side = path.tangent(position).cross(p.minus(path.at(position)));
                    assertThat(Math.signum(side)).as("right is positive").isEqualTo(Math.signum(share));
                }
            }
            assertThat(edge.isPlain()).isEqualTo(path != WAVE);
        }
    }

    @ParameterizedTest
    @MethodSource("paths")
    void aPlaceOnItIsFoundBesideAPlaceOnThePath(Path path) {
        BandEdge edge = BandEdge.of(path, WidthProfile.even(5), 1, 0);
        for (int i = 1; i < 30; i++) {
            double position = path.size() * i / 30.0;
            Point beside = path.at(position).plus(path.tangent(position).right().times(2.5));
            double there = edge.beside(path, position, beside);
            assertThat(edge.path().at(there).distance(beside)).isLessThan(2e-3);
            assertThat(Math.abs(edge.about(path, position) - there))
                    .isLessThan(edge.path().size() / (double) path.size() + 1e-9);
        }
        if (path.closed()) {
            assertThat(edge.about(path, -0.25))
                    .isCloseTo(edge.about(path, 0.75) - edge.path().size(), within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("paths")
    void aTaperStandsOffByHalfItsWidthThere(Path path) {
        WidthProfile widths = path.closed()
                ? new WidthProfile(List.of(
                        new WidthProfile.Stop(0, 2), new WidthProfile.Stop(0.5, 5), new WidthProfile.Stop(1, 2)))
                : WidthProfile.taper(2, 5);
        for (int side : new int[] {-1, 1}) {
            BandEdge edge = BandEdge.of(path, widths, side, 0);
            assertThat(edge.tight().isEmpty()).isTrue();
            for (int i = 1; i < 20; i++) {
                double along = path.length() * i / 20;
                double position = path.positionAt(along);
                Point beside = path.at(position)
                        .plus(path.tangent(position).right().times(side * widths.width(along / path.length()) / 2));
                Path line = edge.path();
                assertThat(line.at(line.nearest(beside)).distance(beside)).isLessThan(2e-3);
            }
        }
    }

    @Test
    void whereThePathBendsTooTightlyItIsOnlyStoodInFor() {
        BandEdge inner = BandEdge.of(BENT, WidthProfile.even(44), 1, 0);
        assertThat(inner.tight().get(1)).isTrue();
        assertThat(inner.isSound(BENT, 0, 0.9)).isTrue();
        assertThat(inner.isSound(BENT, 0.5, 1.2)).isFalse();
        assertThat(BandEdge.of(BENT, WidthProfile.even(44), -1, 0).tight().isEmpty())
                .isTrue();
        Path corner = Path.open(
                new Line(new Point(0, 0), new Point(40, 0)),
                new Cubic(new Point(40, 0), new Point(40, 20), new Point(50, 40), new Point(40, 60)));
        BandEdge beside = BandEdge.of(corner, WidthProfile.even(4), 1, 0);
        assertThat(beside.tight().cardinality())
                .as("a corner beside a fitted curve")
                .isEqualTo(2);
        assertThat(BandEdge.of(RING, WidthProfile.even(50), 1, 0).tight().get(0))
                .isTrue();
    }

    @Test
    void aProfileIsCutAndWidened() {
        WidthProfile there = new WidthProfile(
                List.of(new WidthProfile.Stop(0, 2), new WidthProfile.Stop(0.5, 6), new WidthProfile.Stop(1, 2)));
        WidthProfile part = there.stretch(0.25, 0.75);
        assertThat(part.width(0)).isEqualTo(4);
        assertThat(part.width(0.5)).isEqualTo(6);
        assertThat(part.width(1)).isEqualTo(4);
        assertThat(there.plus(1.5).widest()).isEqualTo(7.5);
        assertThat(WidthProfile.even(3).stretch(0.1, 0.2)).isEqualTo(WidthProfile.even(3));
        assertThat(there.isEven()).isFalse();
    }
}
