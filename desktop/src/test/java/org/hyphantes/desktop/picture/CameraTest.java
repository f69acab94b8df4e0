package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

class CameraTest {
    private static final Box DESIGN = new Box(-105, -105, 105, 105);

    @Test
    void wholeShowsAllOfADesignInItsMargin() {
        Camera camera = Camera.whole(DESIGN, 800, 564, 50);
        assertThat(camera.scale()).isCloseTo(464.0 / 210, within(1e-12));
        assertThat(camera.x(new Point(0, 0))).isEqualTo(400);
        assertThat(camera.y(new Point(0, -105))).isCloseTo(50, within(1e-9));
        assertThat(camera.seen().with(DESIGN)).isEqualTo(camera.seen());
    }

    @Test
    void placesAndPixelsAreInverse() {
        Camera camera = new Camera(640, 480, new Point(12, -7), 3.7);
        Point place = new Point(33.25, 41.5);
        assertThat(camera.place(camera.x(place), camera.y(place)).distance(place))
                .isLessThan(1e-12);
    }

    @Test
    void zoomingKeepsThePlaceUnderThePointer() {
        Camera camera = Camera.whole(DESIGN, 800, 564, 50);
        Point under = camera.place(613, 127);
        Camera closer = camera.closer(2.5, 613, 127);
        assertThat(closer.scale()).isCloseTo(2.5 * camera.scale(), within(1e-12));
        assertThat(closer.place(613, 127).distance(under)).isLessThan(1e-9);
        assertThat(camera.closer(1e99, 0, 0).scale()).as("there is a nearest").isEqualTo(1e5);
    }

    @Test
    void panningMovesByPixels() {
        Camera camera = new Camera(640, 480, Point.ORIGIN, 4).moved(40, -20);
        assertThat(camera.x(Point.ORIGIN)).isEqualTo(360);
        assertThat(camera.y(Point.ORIGIN)).isEqualTo(220);
    }
}
