package org.hyphantes.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

class ReshapingTest {
    private static final Path SQUARE =
            Path.polygon(List.of(new Point(0, 0), new Point(20, 0), new Point(20, 20), new Point(0, 20)));

    /** A star of 10 tips with all 20 sides bent alike: equal arcs, whose chords stay; a segment has area r^2 (a - sin a) / 2. */
    @Test
    void everySideIsBentAlike() {
        Path star = Star.STARTING
                .schema()
                .put(Star.STARTING, "tips", org.hyphantes.setting.Amount.of(10))
                .paths(PageBox.WIDE)
                .get(0);
        Path bent = Reshaping.everySideBent(star, 0.1);
        assertThat(bent.size()).isEqualTo(20);
        double chord = star.curves().get(0).length();
        double half = 2 * Math.atan(0.2);
        double radius = chord / (2 * Math.sin(half));
        for (int i = 0; i < 20; i++) {
            assertThat(bent.curves().get(i)).isInstanceOf(Arc.class);
            assertThat(((Arc) bent.curves().get(i)).radius()).isCloseTo(radius, within(1e-9));
            assertThat(Reshaping.points(bent)
                            .get(i)
                            .distance(Reshaping.points(star).get(i)))
                    .isLessThan(1e-9);
        }
        double segment = radius * radius * (2 * half - Math.sin(2 * half)) / 2;
        assertThat(Math.abs(bent.signedArea()) - Math.abs(star.signedArea()))
                .as("outward by a positive share")
                .isCloseTo(20 * segment, within(1e-6));
        assertThat(Math.abs(Reshaping.everySideBent(star, -0.1).signedArea()))
                .isCloseTo(Math.abs(star.signedArea()) - 20 * segment, within(1e-6));
        assertThat(Reshaping.everySideBent(bent, 0).covers(star, 1e-9)).isTrue();
    }

    @Test
    void pointsAreMovedAddedAndDeleted() {
        Path moved = Reshaping.moved(SQUARE, 0, new Point(-5, -5));
        assertThat(moved.start()).isEqualTo(new Point(-5, -5));
        assertThat(Math.abs(moved.signedArea())).isCloseTo(500, within(1e-9));
        Path more = Reshaping.withPoint(SQUARE, 1.25);
        assertThat(more.size()).isEqualTo(5);
        assertThat(Reshaping.points(more).get(2).distance(new Point(20, 5))).isLessThan(1e-9);
        assertThat(Math.abs(more.signedArea())).isCloseTo(400, within(1e-9));
        assertThat(Reshaping.withoutPoint(more, 2).covers(SQUARE, 1e-9)).isTrue();
        Path triangle = Reshaping.withoutPoint(SQUARE, 2);
        assertThat(Math.abs(triangle.signedArea())).isCloseTo(200, within(1e-9));
        Path soft = Reshaping.smooth(SQUARE, 1);
        assertThat(Reshaping.isSmooth(SQUARE, 1)).isFalse();
        assertThat(Reshaping.isSmooth(soft, 1)).isTrue();
        assertThat(Reshaping.isSmooth(Reshaping.corner(soft, 1), 1)).isFalse();
        Path circle = Reshaping.withPoints(Path.closed(Arc.circle(Point.ORIGIN, 10, 0)));
        assertThat(Reshaping.points(circle)).hasSize(4);
        assertThat(Reshaping.moved(circle, 1, new Point(20, 0)).box().right()).isGreaterThanOrEqualTo(20);
        Path bent = Reshaping.bent(SQUARE, 0, 10);
        assertThat(bent.curves().get(0).at(0.5).distance(new Point(10, 10)))
                .as("a half circle, to its right")
                .isLessThan(1e-9);
    }

    @Test
    void pathsAreCutJoinedExtendedAndMadeWhole() {
        List<Path> open = PathEnds.cut(SQUARE, 0.5);
        assertThat(open).hasSize(1);
        assertThat(open.get(0).closed()).isFalse();
        List<Path> two = PathEnds.cut(open.get(0), 2);
        assertThat(two).hasSize(2);
        List<Path> again = PathEnds.joined(two, 0.01);
        assertThat(again).hasSize(1);
        assertThat(again.get(0).closed()).isTrue();
        assertThat(Math.abs(again.get(0).signedArea())).isCloseTo(400, within(1e-9));
        Path line = Path.open(new org.hyphantes.geometry.Line(new Point(5, 5), new Point(8, 5)));
        Path longer = PathEnds.extended(line, List.of(SQUARE), 100).orElseThrow();
        assertThat(longer.start().distance(new Point(0, 5))).isLessThan(1e-9);
        assertThat(longer.end().distance(new Point(20, 5))).isLessThan(1e-9);
        // Half a leaf mirrored is the lens of its arc.
        Path half = Path.open(new Arc(Point.ORIGIN, 10, -1, 2));
        Path leaf = PathEnds.whole(half).orElseThrow();
        assertThat(leaf.closed()).isTrue();
        assertThat(Math.abs(leaf.signedArea())).isCloseTo(100 * (2 - Math.sin(2)), within(1e-9));
        assertThat(PathEnds.whole(SQUARE)).isEmpty();
    }

    @Test
    void aLineDrawnByHandIsSmoothAndClosesOnItsFirstPoint() {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i <= 200; i++) {
            places.add(Point.polar(30 + (i % 2) * 0.1, 360.0 * i / 200));
        }
        Path drawn = Freehand.path(places, 0.5);
        assertThat(drawn.closed()).isTrue();
        assertThat(drawn.size()).isLessThan(50);
        assertThat(Math.abs(drawn.signedArea())).isCloseTo(Math.PI * 900, within(40.0));
        Path open = Freehand.path(places.subList(0, 100), 0.5);
        assertThat(open.closed()).isFalse();
        assertThat(open.end()).isEqualTo(places.get(99));
    }
}
