package org.hyphantes.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.CannotRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourwayTest {
    /** CSS Color Module Level 4: section 5.2, and the examples of sections 6.1 and 7.1 (values from memory). */
    @ParameterizedTest
    @CsvSource({
        "#1A2523, #1A2523",
        "1a2523, #1A2523",
        "#0f0, #00FF00",
        "teal, #008080",
        "RebeccaPurple, #663399",
        "hsl(120 100% 25%), #008000",
        "hsl(120 75% 75%), #8FEF8F",
        "hsl(0deg 100% 50%), #FF0000",
        "hsl(-120 100% 50%), #0000FF"
    })
    void coloursAreReadAsCssHasThem(String text, String hex) {
        assertThat(ColourText.read(text)).contains(new Colour(hex));
    }

    @Test
    void whatIsNoColourIsNone() {
        for (String text : new String[] {"", "#12", "#12345", "hsl()", "hsl(1)", "sea", "#GGGGGG", "hsl(. . .)"}) {
            assertThat(ColourText.read(text)).as(text).isEmpty();
        }
    }

    /**
     * WCAG 2.2: black on white has the ratio 21; #767676 on white just passes 4.5, #777777 just fails; #949494 passes 3 (the greys are common
     * practice, values from memory).
     */
    @Test
    void contrastIsThatOfWcag() {
        Colour white = new Colour("#FFFFFF");
        assertThat(white.contrast(new Colour("#000000"))).isCloseTo(21, within(1e-12));
        assertThat(white.contrast(white)).isEqualTo(1);
        assertThat(new Colour("#767676").contrast(white)).isCloseTo(4.54, within(0.005));
        assertThat(white.contrast(new Colour("#777777"))).isCloseTo(4.48, within(0.005));
        assertThat(white.contrast(new Colour("#949494"))).isCloseTo(3.03, within(0.005));
    }

    @Test
    void eachReadyColourwayIsReadBackAsItIsWritten() throws CannotRead {
        Set<String> names = new HashSet<>();
        for (Colourway colourway : Colourway.EACH) {
            assertThat(ColourwayText.read(ColourwayText.write(colourway))).isEqualTo(colourway);
            assertThat(names.add(colourway.name())).isTrue();
            assertThat(new HashSet<>(
                            colourway.wells().stream().map(Well::colour).toList()))
                    .as("twelve different colours")
                    .hasSize(Colourway.WELLS);
        }
        assertThat(Colourway.EACH).hasSize(7);
        Colourway named = ColourwayText.read("Colourway Own\r\n3 slack  green teal; spot 072 C\n\n12 #123");
        assertThat(named.well(3)).isEqualTo(new Well("slack  green", new Colour("#008080"), "spot 072 C"));
        assertThat(named.well(12).colour()).isEqualTo(new Colour("#112233"));
        assertThat(named.well(1)).as("what it lacks is as it was").isEqualTo(Colourway.QUAY.well(1));
        assertThat(ColourwayText.read(ColourwayText.write(named)).well(3)).isEqualTo(named.well(3));
    }

    @ParameterizedTest
    @CsvSource({
        "'Colourway X\n1 bone #EDE6D6\n2 sea', line 3",
        "'1 bone #EDE6D6\n13 more #000000', line 2",
        "'bone #EDE6D6', line 1",
        "'Colourway X', line 1"
    })
    void aWrongLineIsSaidByItsNumber(String text, String line) {
        assertThatThrownBy(() -> ColourwayText.read(text))
                .isInstanceOfSatisfying(
                        CannotRead.class, e -> assertThat(e.place()).isEqualTo(line));
    }

    @Test
    void swappedWellsChangePlaces() {
        Colourway swapped = Colourway.QUAY.swapped(2, 5);
        assertThat(swapped.well(2)).isEqualTo(Colourway.QUAY.well(5));
        assertThat(swapped.well(5)).isEqualTo(Colourway.QUAY.well(2));
        assertThat(swapped.number("kelp")).contains(2);
        assertThat(Colourway.QUAY.well(13)).isEqualTo(Colourway.QUAY.well(1));
    }

    /** SVG 2, section 14: a linear gradient runs from x1, y1 to x2, y2, a radial one from the centre to its circle. */
    @Test
    void aGradientIsLaidOverTheBoxItFills() {
        List<Stop> stops = List.of(new Stop(0, new Colour("#000000")), new Stop(1, new Colour("#FFFFFF")));
        Path part = Path.polygon(List.of(new Point(10, 20), new Point(30, 20), new Point(30, 60), new Point(10, 60)));
        Box all = new Box(0, 0, 100, 100);
        Point middle = new Point(50, 50);
        Ramp down = (Ramp) new Gradient(Gradient.Way.LINEAR, stops, Gradient.Over.EACH_PART, 180, Point.ORIGIN)
                .laid(part, middle, all);
        assertThat(down.from().distance(new Point(20, 20))).isLessThan(1e-12);
        assertThat(down.to().distance(new Point(20, 60))).isLessThan(1e-12);
        Ramp round = (Ramp) new Gradient(Gradient.Way.RADIAL, stops, Gradient.Over.ALL_TOGETHER, 0, Point.ORIGIN)
                .laid(part, middle, all);
        assertThat(round.from()).isEqualTo(middle);
        assertThat(round.from().distance(round.to())).isCloseTo(Math.hypot(50, 50), within(1e-12));
        // What is turned about the middle has its gradient turned with it.
        for (Gradient.Way way : List.of(Gradient.Way.LINEAR, Gradient.Way.RADIAL)) {
            Gradient outward = new Gradient(way, stops, Gradient.Over.EACH_OUTWARD, 20, Point.ORIGIN);
            Affine turn = Affine.turn(77, middle);
            Ramp here = (Ramp) outward.laid(part, middle, all);
            Ramp there = (Ramp) outward.laid(part.map(turn), middle, all);
            assertThat(there.from().distance(turn.of(here.from()))).isLessThan(1e-9);
            assertThat(there.from().distance(there.to())).isCloseTo(here.from().distance(here.to()), within(1e-9));
        }
        assertThatThrownBy(() -> new Gradient(Gradient.Way.RADIAL, List.of(), Gradient.Over.EACH_PART, 0, Point.ORIGIN))
                .hasMessageContaining("a stop at least");
    }
}
