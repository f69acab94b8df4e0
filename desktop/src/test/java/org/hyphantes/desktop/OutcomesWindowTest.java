package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Braid;
import org.hyphantes.treatment.Laid;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * Pieces as a designer makes them, from an empty design, each in so many acts at most: an act is a click, a drag, a key, or a word typed
 * with its Enter. What they are is in docs/interface.md, under worked examples.
 */
class OutcomesWindowTest extends OutcomeFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    /** One window for all, with an empty design for each. */
    @TestFactory
    Stream<DynamicTest> piecesAreMadeInFewActs(FxRobot hand) {
        Map<String, Executable> pieces = new LinkedHashMap<>();
        pieces.put(
                "nine circles with a ring woven through changed to seven coloured saved written",
                this::nineCirclesWithARingWovenThroughChangedToSevenColouredSavedWritten);
        pieces.put(
                "a measured knot with its ring outer arcs dropped shaded",
                this::aMeasuredKnotWithItsRingOuterArcsDroppedShaded);
        pieces.put("two circles and four lines woven", this::twoCirclesAndFourLinesWoven);
        pieces.put("four linked ovals each its colour", this::fourLinkedOvalsEachItsColour);
        pieces.put("three nested arches one cut extended joined", this::threeNestedArchesOneCutExtendedJoined);
        pieces.put("initials of bars with a word beneath each alone", this::initialsOfBarsWithAWordBeneathEachAlone);
        pieces.put("a tapering vine with leaves on stems in turn", this::aTaperingVineWithLeavesOnStemsInTurn);
        pieces.put("a disc with twenty four lines one strand each", this::aDiscWithTwentyFourLinesOneStrandEach);
        pieces.put("a hexagon not turned and forty eight sectors", this::aHexagonNotTurnedAndFortyEightSectors);
        pieces.put("a rim braided squarely", this::aRimBraidedSquarely);
        pieces.put("a slotted lens leaf", this::aSlottedLensLeaf);
        pieces.put(
                "a mark of nested circles and bars on a net all one wide",
                this::aMarkOfNestedCirclesAndBarsOnANetAllOneWide);
        return each(hand, pieces);
    }

    /** By the keyboard alone, as every act here is. */
    private void nineCirclesWithARingWovenThroughChangedToSevenColouredSavedWritten() throws Exception {
        words("circle 25", "shift 0 -40", "turn 9", "circle 40", "band 4", "interlace");
        assertThat(made().strands()).hasSize(10);
        words("turn 7", "colouring");
        assertThat(made().strands()).hasSize(8);
        assertThat(made().crossings()).hasSize(7 * 2 + 7 * 2);
        written = "Seven";
        // A name and Enter in the dialogs, which the test answers.
        acts += 2;
        key(KeyCode.CONTROL, KeyCode.S);
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        eventually(() -> assertThat(folder.resolve("Seven.svg")).exists());
        eventually(() -> assertThat(folder.resolve("Seven.hyphantes")).exists());
        assertThat(ProjectFile.open(folder.resolve("Seven.hyphantes")).root()).isEqualTo(desk.root());
        assertThat(Files.readString(folder.resolve("Seven.svg"))).contains("<path");
        whole();
        in(14);
    }

    private void aMeasuredKnotWithItsRingOuterArcsDroppedShaded() {
        words("circle 75", "shift 0 -60", "turn 3", "circle 47.5", "band 9", "interlace");
        assertThat(made().strands()).hasSize(4);
        assertThat(made().crossings()).hasSize(12);
        Point outer = made().crossings().stream()
                .map(c -> c.place())
                .max(java.util.Comparator.comparingDouble(Point::length))
                .orElseThrow();
        dragged(outer.times(1 - 14 / outer.length()), outer.times(1 + 14 / outer.length()));
        choose("loops", "dropped");
        choose("shading", "light");
        assertThat(made().strands()).hasSize(2);
        assertThat(made().crossings()).hasSize(9);
        whole();
        in(12);
    }

    /** A braid named alone has so many bights that its strands cross squarely on the line that is there. */
    private void aRimBraidedSquarely() {
        words("circle 60", "braid", "band 3", "interlace");
        double bights = made().crossings().size() / 2.0;
        assertThat(desk.root().last(Braid.class).orElseThrow().treatment())
                .isEqualTo(Braid.STARTING.along(120 * Math.PI));
        assertThat(bights).isEqualTo(19);
        whole();
        in(5);
    }

    private void twoCirclesAndFourLinesWoven() {
        words("circle 30", "circle 45", "line 60", "shift 15 0", "turn 4", "band 4", "interlace");
        assertThat(made().strands()).hasSize(6);
        assertThat(made().crossings()).hasSize(2 * 4 * 2 + 4);
        whole();
        in(8);
    }

    private void fourLinkedOvalsEachItsColour() {
        words("oval 60", "shift 0 -30", "turn 4", "band 4", "interlace", "colouring");
        assertThat(made().strands()).hasSize(4);
        assertThat(made().crossings()).as("each linked with both beside it").hasSize(8);
        assertThat(colours()).isEqualTo(4);
        whole();
        in(7);
    }

    private void threeNestedArchesOneCutExtendedJoined() {
        words("arch 60", "nest 3");
        assertThat(lines()).hasSize(3);
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.K);
        key(KeyCode.ALT, KeyCode.DOWN);
        Box middle = lines().get(1).box();
        for (double side : new double[] {middle.left(), middle.right()}) {
            robot.moveTo(onScreen(new Point(side, 20)));
            words("cut");
        }
        assertThat(lines()).hasSize(4);
        clicked(new Point(0, middle.bottom()));
        key(KeyCode.DELETE);
        assertThat(lines()).hasSize(3);
        clicked(new Point(0, middle.top()));
        words("extend", "join straight");
        assertThat(lines()).hasSize(3).allMatch(Path::closed);
        assertThat(lines().stream().mapToDouble(p -> p.box().bottom()).sorted().toArray()[1])
                .as("runs on to the sill of the outer arch")
                .isCloseTo(45, within(1e-6));
        in(14);
    }

    private void initialsOfBarsWithAWordBeneathEachAlone() {
        words("line 40", "row 50 25 120 50", "lettering Ferry House", "shift 120 70", "select line", "band 12");
        made();
        List<Laid> lines = desk.resolved().finished().work().lines();
        List<Laid> bars = lines.stream().filter(l -> l.band().isPresent()).toList();
        assertThat(bars).hasSize(5);
        double[] at = bars.stream()
                .mapToDouble(l -> l.path().box().centre().x())
                .sorted()
                .toArray();
        for (int i = 0; i < 4; i++) {
            assertThat(at[i + 1] - at[i]).isCloseTo(new double[] {50, 25, 120, 50}[i], within(1e-9));
        }
        assertThat(lines.size() - bars.size()).as("the word, once").isBetween(10, 20);
        in(16);
    }

    private void aTaperingVineWithLeavesOnStemsInTurn() {
        words("wave", "lens 9", "along 6");
        type("off", "9");
        choose("stem", "curved");
        words("select wave", "taper 3");
        made();
        List<Laid> lines = desk.resolved().finished().work().lines();
        assertThat(lines).as("the vine, six leaves, six stems").hasSize(1 + 6 + 6);
        assertThat(lines.stream().filter(l -> l.band().isPresent())).hasSize(1);
        in(12);
    }

    private void aDiscWithTwentyFourLinesOneStrandEach() {
        words("circle 60", "line 20", "shift 0 -80", "turn 24", "band 2", "interlace");
        assertThat(made().strands()).as("the disc and its lines").hasSize(1 + 24);
        assertThat(made().crossings()).hasSize(24);
        whole();
        in(7);
    }

    private void aHexagonNotTurnedAndFortyEightSectors() {
        words("polygon 6", "line 40", "turn 48");
        assertThat(lines()).hasSize(1 + 48);
        in(8);
    }

    private void aSlottedLensLeaf() {
        words("lens 60", "line 30", "shift 0 -20", "lens 8", "along 6");
        choose("line", "Line");
        words("select line", "helper");
        assertThat(lines()).as("the leaf and its slots").hasSize(1 + 6);
        assertThat(desk.resolved().inspection().reading("crossings").text())
                .as("the slots lie within the leaf")
                .isEqualTo("none");
        in(11);
    }

    private void aMarkOfNestedCirclesAndBarsOnANetAllOneWide() {
        words("net square 10", "circle 42", "nest 4", "line 50", "shift -40 0", "row 10 10 10 10 10 10 10 10");
        words("band 1", "interlace");
        assertThat(made().strands()).hasSize(4 + 9);
        assertThat(made().strands()).allMatch(s -> s.passes().size() > 1);
        whole();
        in(24);
    }
}
