package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javafx.stage.Stage;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Ramp;
import org.hyphantes.scene.Mark;
import org.hyphantes.treatment.Inlay;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Coloured pieces that designers make, each in the window with its acts counted, and changed at the end. */
@ExtendWith(ApplicationExtension.class)
class ColourOutcomesWindowTest extends OutcomeFixture {
    @Start
    void start(Stage window) throws Exception {
        open(window);
    }

    @TestFactory
    Stream<DynamicTest> piecesAreColouredInFewActs(FxRobot hand) {
        Map<String, Executable> pieces = new LinkedHashMap<>();
        pieces.put("four linked ovals each its colour lifted by shading", this::fourLinkedOvals);
        pieces.put("a knot in two strands with its grounds filled", this::aKnotInTwoStrandsWithItsGroundsFilled);
        pieces.put("a flower of twelve petals its in-between petals darker", this::aFlowerOfTwelvePetals);
        pieces.put("leaves in three rows in three steps of one colour", this::leavesInThreeStepsOfOneColour);
        return each(hand, pieces);
    }

    private static Colour well(int number) {
        return Colourway.QUAY.well(number).colour();
    }

    private Map<Integer, Fill> byRing() {
        made();
        Inlay inlay = desk.resolved().finished().work().mosaics().get(0);
        Map<Integer, Fill> byRing = new TreeMap<>();
        for (int i = 0; i < inlay.colours().size(); i++) {
            if (!inlay.mosaic().pieces().get(i).dropped()) {
                byRing.put(
                        inlay.mosaic().pieces().get(i).ring(),
                        inlay.colours().get(i).orElseThrow());
            }
        }
        return byRing;
    }

    private void fourLinkedOvals() {
        words("oval 60", "shift 0 -30", "turn 4", "band 4", "interlace");
        choose("shading", "deep");
        words("colouring");
        assertThat(colours()).isEqualTo(4);
        assertThat(made().crossings()).hasSize(8);
        assertThat(desk.resolved().finished().scene().flat().stream()
                        .filter(Mark.Shade.class::isInstance)
                        .count())
                .as("each dive is darkened at both its ends")
                .isEqualTo(16);
        in(9);
        words("colourway harebell", "turn 6");
        assertThat(colours()).isEqualTo(6);
    }

    private void aKnotInTwoStrandsWithItsGroundsFilled() {
        words("circle 75", "shift 0 -60", "turn 3", "circle 47.5", "band 9", "interlace", "fill 4 A", "fill 6 D");
        words("divide", "colouring");
        choose("by", "ground");
        made();
        List<Colour> shown = desk.resolved().finished().scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .flatMap(m -> ((Mark.Area) m).paint().fill().stream())
                .map(Fill::colour)
                .distinct()
                .toList();
        assertThat(shown).as("two strands, and grounds in rings").contains(well(4), well(6), well(1), well(2));
        in(13);
        words("well 4 teal");
        made();
        assertThat(desk.resolved().finished().scene().flat().stream())
                .as("what has the well")
                .anyMatch(m -> m instanceof Mark.Area a
                        && a.paint()
                                .fill()
                                .filter(f -> f.colour().equals(new Colour("#008080")))
                                .isPresent());
    }

    private void aFlowerOfTwelvePetals() {
        words("lens 50", "shift 0 -30", "turn 12", "divide", "colouring");
        choose("fill", "radial");
        type("towards", "8");
        Map<Integer, Fill> rings = byRing();
        assertThat(rings).hasSizeGreaterThan(2);
        assertThat(desk.resolved().finished().scene().flat())
                .filteredOn(Mark.Area.class::isInstance)
                .allMatch(m -> ((Mark.Area) m).paint().fill().orElseThrow() instanceof Ramp);
        in(12);
        words("fill 7 ring 2");
        assertThat(byRing().get(2).colour()).isEqualTo(well(7));
        words("turn 10");
        assertThat(byRing().get(2).colour()).as("darker with other counts too").isEqualTo(well(7));
    }

    private void leavesInThreeStepsOfOneColour() {
        words("lens 50", "shift 0 -62", "turn 18", "divide", "keep rings 3 4 5", "colouring");
        choose("order", "in steps");
        type("well", "4");
        type("last", "1");
        Map<Integer, Fill> rings = byRing();
        assertThat(rings).hasSize(3);
        assertThat(rings.values().stream().map(Fill::colour).distinct()).hasSize(3);
        in(15);
        words("well 4 #7A2E22", "turn 16");
        assertThat(byRing().values().stream().map(Fill::colour).distinct()).hasSize(3);
    }
}
