package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The recipe strip, the slots, the gauges and what is kept aside, driven in the real window. */
class RecipeWindowTest extends WindowFixture {
    @Start
    void start(javafx.stage.Stage window) {
        open(window);
    }

    private Point2D station(FxRobot robot, int index, double y) {
        Bounds cord = robot.lookup("#cord")
                .query()
                .localToScreen(robot.lookup("#cord").query().getBoundsInLocal());
        return new Point2D(cord.getMinX() + (index + 0.5) * 132, cord.getMinY() + y);
    }

    private Point2D shuttle(FxRobot robot, int after) {
        return station(robot, after, 49).subtract(66, 0);
    }

    private List<String> recipe() {
        return desk.root().recipe().stream()
                .map(s -> s.treatment().schema().word())
                .toList();
    }

    private double band() {
        return ((Band) desk.root().recipe().get(1).treatment()).width().value();
    }

    @Test
    void barsPassAStepUnderAndOverAgain(FxRobot robot) {
        robot.clickOn(station(robot, 1, 20))
                .clickOn(station(robot, 0, 78))
                .clickOn(station(robot, 1, 49).add(20, 0));
        eventually(() -> assertThat(desk.view().subject()).contains(new Subject.OfStep("design", "band-1")));
        assertThat(desk.design())
                .as("beside the bars a station only opens its sentence")
                .isEqualTo(Demo.TIDE_RING.design());
        robot.clickOn(station(robot, 2, 20)).clickOn(station(robot, 1, 49));
        eventually(() -> assertThat(desk.root().recipe()).extracting(Step::over).containsExactly(true, false, true));
        assertThat(desk.view().subject())
                .as("and the sentence is about it")
                .contains(new Subject.OfStep("design", "band-1"));
        eventually(() ->
                assertThat(robot.lookup("#snag").queryAs(Label.class).getText()).contains("Interlace finds no bands"));
        robot.clickOn(station(robot, 0, 78));
        robot.push(KeyCode.CONTROL, KeyCode.U);
        eventually(() -> assertThat(desk.root().recipe()).extracting(Step::over).containsExactly(false, false, true));
        robot.push(KeyCode.CONTROL, KeyCode.U);
        robot.clickOn(station(robot, 1, 49));
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
    }

    @Test
    void aStationIsDraggedToAnotherPlaceAndOffTheStrip(FxRobot robot) {
        robot.drag(station(robot, 1, 20), MouseButton.PRIMARY)
                .moveTo(station(robot, 2, 20))
                .drop();
        eventually(() -> assertThat(recipe()).containsExactly("turn", "interlace", "band"));
        robot.type(KeyCode.F9);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "band", "interlace"));
        robot.drag(station(robot, 2, 20), MouseButton.PRIMARY)
                .moveTo(station(robot, 2, 170))
                .drop();
        eventually(() -> assertThat(recipe()).containsExactly("turn", "band"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.root().indexOf("interlace-1")).isEqualTo(2));
    }

    @Test
    void theShuttleIsDraggedAndAStepAddedWhereItIs(FxRobot robot) {
        robot.drag(shuttle(robot, 3), MouseButton.PRIMARY)
                .moveTo(shuttle(robot, 2))
                .moveTo(shuttle(robot, 1))
                .drop();
        eventually(() -> assertThat(desk.view().shuttle()).isEqualTo(1));
        eventually(() -> assertThat(desk.resolved().field().work().weaves()).isEmpty());
        robot.clickOn(shuttle(robot, 1).add(44, 0));
        click(robot, "Turn");
        eventually(() -> assertThat(recipe()).containsExactly("turn", "turn", "band", "interlace"));
        eventually(() -> assertThat(desk.view().subject()).contains(new Subject.OfStep("design", "turn-2")));
        eventually(() -> assertThat(desk.root().indexOf("turn-2")).isEqualTo(1));
        eventually(() -> assertThat(desk.view().shuttle()).isEqualTo(2));
    }

    @Test
    void theStripWorksFromTheKeyboard(FxRobot robot) {
        robot.interact(() -> robot.lookup("#cord").query().requestFocus());
        robot.type(KeyCode.LEFT);
        eventually(() -> assertThat(desk.view().subject()).contains(new Subject.OfStep("design", "band-1")));
        robot.type(KeyCode.SPACE);
        eventually(() -> assertThat(desk.root().recipe().get(1).over()).isFalse());
        robot.type(KeyCode.SPACE).type(KeyCode.DELETE);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "interlace"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        robot.interact(() -> desk.look(desk.view().about(new Subject.OfStep("design", "turn-1"))));
        robot.interact(() -> robot.lookup("#cord").query().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
        eventually(() -> assertThat(recipe()).containsExactly("band", "turn", "interlace"));
        eventually(() -> assertThat(weave().crossings())
                .as("bands turn as well as lines")
                .hasSize(32));
    }

    @Test
    void slotsStepScrubAndChoose(FxRobot robot) {
        robot.interact(() -> desk.look(desk.view().about(new Subject.OfStep("design", "band-1"))));
        robot.interact(() -> robot.lookup("#slot-width").query().requestFocus());
        robot.type(KeyCode.UP);
        eventually(() -> assertThat(band()).isEqualTo(7));
        robot.interact(() -> robot.lookup("#slot-width").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.DOWN);
        eventually(() -> assertThat(band()).isCloseTo(6.9, within(1e-9)));
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(band()).isEqualTo(6));
        robot.clickOn("#slot-width")
                .write("5")
                .type(KeyCode.ENTER)
                .write("offset 3")
                .type(KeyCode.ENTER);
        eventually(() ->
                assertThat(recipe()).as("after Enter letters begin a word").contains("offset"));
        assertThat(((Band) desk.root().last(Band.class).orElseThrow().treatment())
                        .width()
                        .value())
                .isEqualTo(5);
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(band()).isEqualTo(6));
        robot.interact(() -> desk.look(desk.view().about(new Subject.OfStep("design", "band-1"))));
        robot.drag("#slot-width", MouseButton.PRIMARY).moveBy(6, 0).moveBy(6, 0).drop();
        eventually(() -> assertThat(band()).isGreaterThan(6.9));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(band()).as("a scrub is one step").isEqualTo(6));
        click(robot, "#slot-ends");
        click(robot, "pointed");
        eventually(() -> assertThat(desk.design()).isNotEqualTo(Demo.TIDE_RING.design()));
        click(robot, "#slot-width").write("7").type(KeyCode.ESCAPE);
        eventually(() -> assertThat(band()).as("Escape restores").isEqualTo(6));
        click(robot, "#slot-width").write("0").type(KeyCode.ENTER);
        eventually(() -> assertThat(message(robot)).contains("must be 0.01 mm or more; kept at 0.01 mm"));
    }

    @Test
    void aMeasureNamedInASlotIsUsedAndChangedOnItsCard(FxRobot robot) {
        robot.type(KeyCode.F2);
        click(robot, "#slot-out").write("seat = 60").type(KeyCode.ENTER);
        eventually(() -> assertThat(circle().out()).isEqualTo(new Amount(60, "seat")));
        click(robot, "#measure").write("seat = 64").type(KeyCode.ENTER);
        eventually(() -> assertThat(circle().out().value()).isEqualTo(64));
        click(robot, "#measure").write("pi = 3").type(KeyCode.ENTER);
        eventually(() -> assertThat(message(robot)).contains("cannot name a measure"));
    }

    @Test
    void figuresAreAddedChosenAndRemoved(FxRobot robot) {
        click(robot, "#add-figure");
        click(robot, "Polygon");
        eventually(() -> assertThat(desk.root().members()).hasSize(3));
        eventually(() -> assertThat(desk.view().stage()).isEqualTo("set-out"));
        write(robot, "8").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.resolved().setOut().spread().lines())
                .as("an octagon turned 8 times stays one")
                .hasSize(10));
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        // A click on a line in the field chooses its figure.
        robot.clickOn(onScreen(new org.hyphantes.geometry.Point(0, 70)));
        eventually(() -> assertThat(desk.view().subject()).contains(new Subject.OfFigure("design", "circle-2")));
    }

    @Test
    void snagsAreGoneToAndMended(FxRobot robot) {
        robot.interact(() -> desk.look(desk.view().about(new Subject.OfStep("design", "band-1"))));
        click(robot, "#slot-width").write("90").type(KeyCode.ENTER);
        eventually(() -> assertThat(robot.lookup("#gauge-evenness").query().getAccessibleText())
                .endsWith("broken"));
        robot.type(KeyCode.F8);
        eventually(() -> assertThat(message(robot)).contains("Three bands meet in one place here"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.resolved().inspection().snags()).hasSize(1));
        robot.type(KeyCode.F8);
        eventually(() -> assertThat(message(robot)).contains("Ground is 1.68 mm here"));
        robot.type(KeyCode.F9);
        eventually(() -> assertThat(desk.resolved().inspection().snags()).isEmpty());
        robot.type(KeyCode.F8);
        eventually(() -> assertThat(message(robot)).contains("all is sound"));
    }

    @Test
    void reachIsSteppedAndASwapGoesNoFurther(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.R).push(KeyCode.CONTROL, KeyCode.R).push(KeyCode.CONTROL, KeyCode.R);
        eventually(() -> assertThat(new ReachActs(desk).reach()).isEqualTo(Reach.THIS_ONE));
        robot.clickOn(onScreen(weave().crossings().get(5).place()));
        eventually(() ->
                assertThat(weave().crossings()).filteredOn(c -> c.isPinned()).hasSize(1));
    }

    @Test
    void aStageNeverMovesTheShuttleAndANewStepIsSeenAtOnce(FxRobot robot) {
        robot.push(KeyCode.ALT, KeyCode.LEFT).push(KeyCode.ALT, KeyCode.LEFT);
        eventually(() -> assertThat(desk.view().shuttle()).isEqualTo(1));
        robot.type(KeyCode.F2).type(KeyCode.F3);
        eventually(() -> assertThat(desk.view().stage()).isEqualTo("weave"));
        assertThat(desk.view().shuttle()).isEqualTo(1);
        robot.push(KeyCode.ALT, KeyCode.END).type(KeyCode.F2);
        write(robot, "colouring").type(KeyCode.ENTER);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "band", "interlace", "colouring"));
        eventually(() -> assertThat(desk.view().stage()).isEqualTo("weave"));
        assertThat(desk.view().shuttle()).as("nothing is beyond it").isEqualTo(4);
        write(robot, "offset 3").type(KeyCode.ENTER);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "offset", "band", "interlace", "colouring"));
        eventually(() -> assertThat(desk.view().stage()).isEqualTo("set-out"));
        assertThat(desk.view().subject()).contains(new Subject.OfStep("design", "offset-1"));
        assertThat(desk.view().shuttle()).isEqualTo(5);
        eventually(() -> assertThat(desk.resolved().field().work().weaves()).isNotEmpty());
    }

    /** How dark the darkest is that stands within 3 pixels of a place: 0 for paper, 1 for black. */
    private double darkness(FxRobot robot, Point place) {
        double darkest = 0;
        for (int dy = -3; dy <= 3; dy++) {
            Color seen = robot.robotContext()
                    .getCaptureSupport()
                    .captureRegion(pixel(onScreen(place).add(0, dy)))
                    .getPixelReader()
                    .getColor(0, 0);
            darkest = Math.max(
                    darkest, 1 - seen.getBrightness() / Palette.LIGHT.paper().getBrightness());
        }
        return Math.max(0, darkest);
    }

    private static Rectangle2D pixel(Point2D at) {
        return new Rectangle2D(Math.floor(at.getX()), Math.floor(at.getY()), 1, 1);
    }

    @Test
    void inSetOutTheFinishedWorkLiesPaleUnderTheLinesAndFollows(FxRobot robot) {
        robot.type(KeyCode.F2);
        robot.push(KeyCode.ESCAPE);
        eventually(() -> assertThat(darkness(robot, new Point(0, -109))).isZero());
        Point edge = new Point(0, -(62 + 40 + 3));
        eventually(() -> assertThat(darkness(robot, edge)).isBetween(0.05, 0.5));
        robot.interact(() -> desk.set(new Subject.OfStep("design", "band-1"), "width", "8", false));
        Point wider = new Point(0, -(62 + 40 + 4));
        eventually(() -> assertThat(darkness(robot, wider)).isBetween(0.05, 0.5));
        robot.push(KeyCode.ALT, KeyCode.HOME);
        eventually(() -> assertThat(darkness(robot, wider)).isZero());
    }

    @Test
    void theRimWorksFromTheKeyboard(FxRobot robot) {
        robot.interact(() -> robot.lookup("#rim").query().requestFocus());
        robot.type(KeyCode.UP).type(KeyCode.UP).type(KeyCode.DOWN).type(KeyCode.RIGHT);
        eventually(() -> assertThat(turn(desk.design()).count()).isEqualTo(9));
        eventually(() -> assertThat(turn(desk.design()).start().value()).isEqualTo(1));
        eventually(() -> assertThat(robot.lookup("#rim").query().getAccessibleText())
                .isEqualTo("Rim: turned 9 times, starting at 1 deg, not mirrored"));
        eventually(() -> assertThat(desk.root().indexOf("turn-1")).isZero());
        robot.type(KeyCode.SPACE);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "mirror", "band", "interlace"));
        robot.type(KeyCode.SPACE);
        eventually(() ->
                assertThat(robot.lookup("#rim").query().getAccessibleText()).endsWith("mirrored between the spokes"));
        robot.type(KeyCode.SPACE);
        eventually(() -> assertThat(recipe()).containsExactly("turn", "band", "interlace"));
    }
}
