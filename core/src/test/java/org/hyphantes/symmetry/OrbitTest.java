package org.hyphantes.symmetry;

import static org.assertj.core.api.Assertions.assertThat;

import org.hyphantes.figure.Circle;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Upward;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;

/** By the orbit-stabiliser theorem the images of a figure number the group's order over that of its own turns. */
class OrbitTest {
    private static int size(Path path, int turns) {
        return Orbit.size(path, new Turning(turns, Point.ORIGIN), 1e-7);
    }

    @Test
    void figuresThatTurnsLayOnThemselvesHaveFewerImages() {
        Path centred = Circle.STARTING.paths(PageBox.WIDE).get(0);
        Path seated = new Circle(Amount.of(40), Amount.of(62), Amount.of(10))
                .paths(PageBox.WIDE)
                .get(0);
        Path octagon = new Polygon(Amount.of(8), Amount.of(30), Upward.SIDE, Amount.of(0), Amount.of(3), Amount.of(0))
                .paths(PageBox.WIDE)
                .get(0);
        assertThat(size(centred, 8)).isEqualTo(1);
        assertThat(size(seated, 8)).isEqualTo(8);
        // 48 turns of a line through the centre are 24 lines, 7.5 degrees apart; common practice, no published source.
        assertThat(size(LineForm.STARTING.paths(PageBox.WIDE).get(0), 48)).isEqualTo(24);
        assertThat(size(LineForm.STARTING.paths(PageBox.WIDE).get(0), 5)).isEqualTo(5);
        assertThat(size(octagon, 12)).isEqualTo(3);
        assertThat(size(octagon, 16)).isEqualTo(2);
    }
}
