package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What suits a drawing to begin with. */
class FittingTest {
    /** A square lattice: the disc in each ground is as wide as its cell, and a band takes two fifths, in round figures. */
    @ParameterizedTest
    @CsvSource({"10, 4", "1, 0.4", "7, 2.5", "250, 100"})
    void aBandLeavesTheGroundsOfALatticeWhole(double cell, double band) {
        List<Path> lines = new ArrayList<>();
        for (int i = 0; i <= 8; i++) {
            lines.add(Path.open(new Line(new Point(i * cell, 0), new Point(i * cell, 8 * cell))));
            lines.add(Path.open(new Line(new Point(0, i * cell), new Point(8 * cell, i * cell))));
        }
        assertThat(Fitting.band(lines, Watch.NONE)).hasValue(band);
        assertThat(Fitting.clearance(band)).isEqualTo(band / 10);
    }

    @Test
    void withoutGroundsItGoesByTheSizeOfTheDrawing() {
        Path line = Path.open(new Line(new Point(0, 0), new Point(90, 0)));
        assertThat(Fitting.band(List.of(line), Watch.NONE)).hasValue(3);
        assertThat(Fitting.band(List.of(), Watch.NONE)).isEmpty();
        Path circle = Path.closed(Arc.circle(Point.ORIGIN, 40, 0));
        assertThat(Fitting.band(List.of(circle), Watch.NONE))
                .as("no wider than an eighth of it")
                .hasValue(10);
    }
}
