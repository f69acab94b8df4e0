package org.hyphantes.desktop.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RimShapeTest {
    @Test
    void theRimReadsBearingsClockwiseFromTheTop() {
        RimShape rim = RimShape.in(800, 564);
        assertThat(rim.outer()).isEqualTo(268);
        assertThat(rim.inner()).isEqualTo(246);
        for (double bearing : new double[] {0, 45, 90, 181, 359}) {
            assertThat(rim.bearing(rim.xAt(bearing, 200), rim.yAt(bearing, 200)))
                    .isCloseTo(bearing, within(1e-9));
        }
        assertThat(rim.yAt(0, 268)).isEqualTo(282 - 268);
    }

    /** Rails are numbered every 1, 2 or 5 units times a power of ten, no closer than 52 pixels. */
    @ParameterizedTest
    @CsvSource({"3.8, 20", "1, 100", "52, 1", "51, 2", "0.02, 5000", "600, 0.1"})
    void railsAreNumberedInRoundSteps(double pixels, double step) {
        assertThat(Rails.step(pixels)).isCloseTo(step, within(1e-9 * step));
    }
}
