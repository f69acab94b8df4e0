package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.hyphantes.design.Figure;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;

/** The real window in Set out with an empty design. */
abstract class SetOutFixture extends WindowFixture {
    @BeforeEach
    void empty(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        robot.type(KeyCode.F2);
        eventually(() -> assertThat(desk.view().stage()).isEqualTo("set-out"));
        eventually(() -> assertThat(desk.resolved().known()).isPresent());
        robot.interact(() -> frame.field().requestFocus());
    }

    Form form(int i) {
        return ((Figure) desk.root().members().get(i)).form();
    }

    void say(FxRobot robot, String words) {
        robot.interact(() -> frame.field().requestFocus());
        write(robot, words).type(KeyCode.ENTER);
    }

    void drag(FxRobot robot, Point from, Point to) {
        Point2D a = onScreen(from);
        Point2D b = onScreen(to);
        robot.moveTo(a)
                .press(MouseButton.PRIMARY)
                .moveTo(a.midpoint(b))
                .moveTo(b)
                .release(MouseButton.PRIMARY);
    }

    String label(FxRobot robot) {
        return robot.lookup(".field-label").queryAs(Label.class).getText();
    }

    /** Three circles on the corners of a triangle of radius 120, a ring woven round its centre: by the keyboard alone. */
}
