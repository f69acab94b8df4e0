package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javafx.stage.Stage;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Line;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Patched;
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
        pieces.put("a star with bent sides swept and roughened", this::aStarWithBentSides);
        pieces.put("lettering in a box filled with 202 lines on a gradient", this::letteringAndABoxFilledWithLines);
        pieces.put("a gear with depth", this::aGearWithDepth);
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

    private List<Mark.Area> areas() {
        made();
        return desk.resolved().finished().scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.paint().fill().isPresent())
                .toList();
    }

    private void aStarWithBentSides() {
        words("star 9", "bend 0.12", "divide", "colouring swept", "colouring all together");
        type("towards", "8");
        words("rough-hew");
        assertThat(areas()).isNotEmpty().allSatisfy(a -> {
            assertThat(a.paint().fill().orElseThrow()).isInstanceOf(Patched.class);
            assertThat(a.region().outline().curves()).as("strokes").allMatch(Line.class::isInstance);
        });
        in(10);
        words("rough-hew soft", "star 7");
        assertThat(areas())
                .isNotEmpty()
                .allSatisfy(a -> assertThat(a.region().outline().curves()).allMatch(Cubic.class::isInstance));
    }

    private void letteringAndABoxFilledWithLines() {
        words("line 110", "turn 202", "lettering QUAY", "scale 2.2", "box 200", "select box lettering", "divide");
        words("colouring linear", "colouring all together", "another colouring pattern");
        next("pattern");
        made();
        List<Mark.Stroke> lines = desk.resolved().finished().scene().flat().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .toList();
        assertThat(lines).as("cut at letters and the box").hasSizeGreaterThan(202);
        assertThat(lines).allMatch(l -> l.origin().piece() > 0);
        assertThat(areas()).hasSize(7).allMatch(a -> a.paint().fill().orElseThrow() instanceof Ramp);
        in(15);
        words("scale 0.9", "another colouring stipple");
        assertThat(areas().stream().filter(a -> a.paint().fill().orElseThrow() instanceof Patched))
                .as("dots over lines over the gradient")
                .hasSize(7);
    }

    private void aGearWithDepth() {
        words("cog 24", "circle 20", "divide", "drop ring 1", "colouring", "depth");
        List<Mark.Area> areas = areas();
        long sides = desk.resolved().finished().scene().marks().stream()
                .filter(m -> m instanceof Mark.Group group && group.part() == Mark.Part.SIDES)
                .count();
        assertThat(sides).isEqualTo(1);
        assertThat(areas).as("sides of teeth and of the hole, and the top").hasSizeGreaterThan(40);
        in(7);
        words("depth 9", "depth to a point");
        assertThat(areas()).hasSizeGreaterThan(20);
    }
}
