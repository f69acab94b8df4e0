package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.act.SketchActs;
import org.hyphantes.figure.Drawn;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Selecting by strokes, sketches and paths drawn by hand, in the real window. */
class SketchAndPathWindowTest extends SetOutFixture {
    @Start
    void start(javafx.stage.Stage window) {
        open(window);
    }

    @Test
    void figuresAreSelectedByABoxALassoAndATouch(FxRobot robot) {
        say(robot, "circle 8");
        say(robot, "shift -30 0");
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ESCAPE);
        say(robot, "box 16");
        say(robot, "shift 30 0");
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ESCAPE);
        eventually(() -> assertThat(desk.view().chosen()).isEmpty());
        robot.press(KeyCode.SHIFT);
        drag(robot, new Point(-45, -20), new Point(-15, 20));
        robot.release(KeyCode.SHIFT);
        eventually(() ->
                assertThat(new Chosen(desk).members()).extracting(Member::name).containsExactly("Circle"));
        robot.type(KeyCode.ESCAPE);
        // An open stroke selects what it touches.
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT);
        drag(robot, new Point(30, -45), new Point(30, 45));
        robot.release(KeyCode.CONTROL, KeyCode.SHIFT);
        eventually(() ->
                assertThat(new Chosen(desk).members()).extracting(Member::name).containsExactly("Box"));
        robot.type(KeyCode.ESCAPE);
        robot.clickOn(onScreen(new Point(-22, 0)));
        eventually(() ->
                assertThat(new Chosen(desk).members()).extracting(Member::name).containsExactly("Circle"));
        say(robot, "colour oxide");
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ESCAPE);
        say(robot, "select oxide");
        eventually(() ->
                assertThat(new Chosen(desk).members()).extracting(Member::name).containsExactly("Circle"));
        say(robot, "helper");
        eventually(() -> assertThat(desk.resolved().finished().scene().flat()).hasSize(1));
    }

    @Test
    void aSketchIsLaidMovedAndSampled(FxRobot robot) throws Exception {
        BufferedImage picture = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 20; y++) {
                picture.setRGB(x, y, x < 20 ? 0xA4472F : 0x1F4E5F);
            }
        }
        chosen = folder.resolve("sketch.png");
        ImageIO.write(picture, "png", chosen.toFile());
        robot.interact(() -> frame.documents().picture(new SketchActs(desk)::lay));
        eventually(() -> assertThat(desk.design().sketch().isPresent()).isTrue());
        eventually(() -> assertThat(robot.lookup("#slot-opacity").tryQuery()).isPresent());
        robot.moveTo(onScreen(new Point(-30, 5)));
        robot.interact(() -> new SketchActs(desk).sampleColour());
        eventually(() -> assertThat(message(robot)).contains("#A4472F"));
        drag(robot, new Point(-30, 5), new Point(-30, 25));
        eventually(() -> assertThat(desk.design().sketch().middle().y()).isCloseTo(20, within(1.0)));
        assertThat(desk.resolved().finished().scene().flat())
                .as("it never reaches the result")
                .isEmpty();
        chosen = folder.resolve("none.png");
        java.nio.file.Files.writeString(chosen, "no picture");
        robot.interact(() -> frame.documents().picture(new SketchActs(desk)::lay));
        eventually(() -> assertThat(message(robot)).contains("no PNG or JPEG picture"));
    }

    @Test
    void aPathIsDrawnPointByPointAndByHand(FxRobot robot) {
        click(robot, "#offer-path");
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        // Two points by the dividers, each further press one more, and on the first it closes.
        drag(robot, new Point(-30, 20), new Point(30, 20));
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.clickOn(onScreen(new Point(10, -30)));
        eventually(() -> assertThat(((Drawn) form(0)).paths().get(0).size()).isEqualTo(2));
        robot.clickOn(onScreen(((Drawn) form(0)).paths().get(0).start()));
        eventually(() -> assertThat(((Drawn) form(0)).paths().get(0).closed()).isTrue());
        robot.type(KeyCode.ESCAPE);
        // By hand, with Ctrl.
        robot.press(KeyCode.CONTROL).moveTo(onScreen(new Point(-30, -25))).press(MouseButton.PRIMARY);
        for (int i = 1; i <= 12; i++) {
            robot.moveTo(onScreen(new Point(-30 + 5 * i, -25 - 6 * Math.sin(i / 2.0))));
        }
        robot.release(MouseButton.PRIMARY).release(KeyCode.CONTROL);
        eventually(() -> assertThat(desk.root().members()).hasSize(2));
        assertThat(((Drawn) form(1)).paths().get(0).curves())
                .allSatisfy(c -> assertThat(c).isInstanceOf(org.hyphantes.geometry.Cubic.class));
    }
}
