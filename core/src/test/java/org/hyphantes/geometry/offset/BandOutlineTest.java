package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
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
}
