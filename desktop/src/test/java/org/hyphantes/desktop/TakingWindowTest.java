package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.design.Subject;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Turn;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Which figures a step takes: typed, chosen in its slot, shown by the chips. */
class TakingWindowTest extends WindowFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    private void word(FxRobot robot, String typed) {
        write(robot, typed).type(KeyCode.ENTER);
        eventually(() -> assertThat(frame.field().isFocused()).isTrue());
    }

    private String taken(int step) {
        return desk.root().recipe().get(step).treatment().figures();
    }

    private Node chip(FxRobot robot, String name) {
        return robot.lookup(".chip").queryAll().stream()
                .filter(c -> c.getAccessibleText().startsWith("Figure " + name + ","))
                .findFirst()
                .orElseThrow();
    }

    private static void item(FxRobot robot, String words) {
        robot.clickOn(robot.lookup(".context-menu .label").queryAllAs(Label.class).stream()
                .filter(l -> l.getText().equals(words))
                .findFirst()
                .orElseThrow());
    }

    @Test
    void aKnownPointGoesWithItsFigure(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        word(robot, "circle 20");
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.moveTo(onScreen(new Point(20, 0))).moveBy(1, 1);
        eventually(() -> assertThat(frame.field().at()).startsWith("Needle on"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        eventually(() -> assertThat(frame.field().at()).startsWith("Set out"));
    }

    @Test
    void theRimStandsRoundWhatTurnsAndAFrameRoundAStrap(FxRobot robot) {
        Node rim = robot.lookup("#rim").query();
        eventually(() -> assertThat(rim.isVisible()).as("the demo turns").isTrue());
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        eventually(
                () -> assertThat(rim.isVisible()).as("what is begun may turn").isTrue());
        word(robot, "wave");
        eventually(() -> assertThat(rim.isVisible()).isFalse());
        // Nothing of the strap lies under the rails.
        eventually(() -> assertThat(frame.field().camera().x(new Point(-60, 0))).isGreaterThan(34));
        assertThat(frame.field().camera().x(new Point(60, 0)))
                .isLessThan(frame.field().getWidth() - 34);
        word(robot, "turn 8");
        eventually(() -> assertThat(rim.isVisible()).isTrue());
    }

    @Test
    void sectorsAreTurnedOnAHexagonThatIsNot(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        word(robot, "polygon 6");
        word(robot, "line 40");
        word(robot, "turn 48");
        eventually(() -> assertThat(taken(0)).isEqualTo("line-1"));
        eventually(() -> assertThat(desk.resolved().finished().work().lines()).hasSize(49));
        eventually(() -> assertThat(chip(robot, "Line").getStyleClass()).contains("taken"));
        assertThat(chip(robot, "Polygon").getStyleClass()).contains("left");
        assertThat(chip(robot, "Polygon").getAccessibleText()).endsWith("taken by no step");
        // The slot's menu takes a figure more, and all of them.
        click(robot, "#slot-figures");
        item(robot, "Polygon");
        eventually(() -> assertThat(taken(0)).isEqualTo("line-1, polygon-1"));
        click(robot, "#slot-figures");
        item(robot, "every figure");
        eventually(() -> assertThat(taken(0)).isEqualTo("every figure"));
        eventually(() -> assertThat(chip(robot, "Polygon").getStyleClass()).contains("taken"));
        robot.interact(frame.field()::requestFocus);
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(taken(0)).isEqualTo("line-1"));
        // A band takes all that is set out, though a figure has just been laid and is still selected.
        word(robot, "circle 25");
        word(robot, "band 1");
        eventually(() -> assertThat(chip(robot, "Polygon").getAccessibleText()).endsWith("taken by Band"));
        // What is selected by hand is taken alone, also by a band, and has a step of its own.
        robot.interact(() -> desk.look(desk.view().choosing("design", Set.of("circle-1"))));
        word(robot, "band 3");
        eventually(() -> assertThat(desk.root().recipe()).hasSize(3));
        word(robot, "turn 7");
        eventually(() -> assertThat(((Turn) desk.root().recipe().get(0).treatment()).count())
                .as("with a step in the sentence it is the last of its kind that is set")
                .isEqualTo(7));
        robot.interact(() -> desk.look(desk.view().about(new Subject.OfStep("design", "band-2"))));
        eventually(() -> assertThat(chip(robot, "Circle").getStyleClass()).contains("taken"));
        assertThat(chip(robot, "Line").getStyleClass()).contains("left");
    }
}
