package org.hyphantes.desktop.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

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
}
