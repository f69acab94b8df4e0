package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.input.KeyCode;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Ring;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Set out in the real window: dividers, known points, arranging and reshaping, by mouse and by keyboard alone. */
class SetOutWindowTest extends SetOutFixture {
    @Start
    void start(javafx.stage.Stage window) {
        open(window);
    }

    @Test
    void threeCirclesOnTheCornersOfATriangleByTheKeyboardAlone(FxRobot robot) {
        say(robot, "polygon 3");
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        // The second number of the sentence is its radius.
        robot.push(KeyCode.CONTROL, KeyCode.ENTER)
                .type(KeyCode.TAB)
                .write("120")
                .type(KeyCode.ENTER);
        eventually(() -> assertThat(form(0).paths(null).get(0).start().y()).isCloseTo(-120, within(1e-9)));
        say(robot, "helper");
        eventually(() ->
                assertThat(desk.root().members().get(0).standing().helper()).isTrue());
        // The needle from the centre up to the corner; both legs on it: the noun as large as it was, about the corner.
        robot.type(KeyCode.ESCAPE).type(KeyCode.HOME).type(KeyCode.UP);
        eventually(() -> assertThat(frame.field().at()).isEqualTo("Needle on corner 1 of Polygon"));
        robot.type(KeyCode.ENTER).type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.root().members()).hasSize(2));
        say(robot, "circle 150");
        eventually(() -> assertThat(form(1)).isInstanceOf(Circle.class));
        eventually(() -> assertThat(((Circle) form(1)).radius().value()).isEqualTo(150));
        assertThat(form(1).centre().distance(new Point(0, -120))).isLessThan(1e-9);
        say(robot, "turn 3");
        eventually(() -> assertThat(desk.resolved().setOut().spread().lines()).hasSize(3));
        robot.type(KeyCode.ESCAPE).type(KeyCode.HOME).type(KeyCode.ENTER).type(KeyCode.ENTER);
        say(robot, "circle 95");
        eventually(() -> assertThat(desk.resolved().setOut().spread().lines()).hasSize(4));
        say(robot, "band 6");
        say(robot, "interlace");
        // The classic measured knot: 4 strands, 12 crossings; all over and under in turn.
        eventually(() -> assertThat(weave().strands()).hasSize(4));
        eventually(() -> assertThat(weave().crossings()).hasSize(12));
        assertThat(weave().alternates()).isTrue();
        // One number changed at the end, and everything follows.
        say(robot, "turn 4");
        eventually(() -> assertThat(weave().strands()).hasSize(5));
    }

    @Test
    void theDividersLayWhatIsWantedBetweenKnownPoints(FxRobot robot) {
        drag(robot, Point.ORIGIN, new Point(0, -40));
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        double radius = ((Circle) form(0)).radius().value();
        assertThat(radius).isCloseTo(40, within(0.5));
        // While it is loose it can become another figure, by key and by a click on its word.
        robot.type(KeyCode.DOWN);
        eventually(() -> assertThat(form(0)).isInstanceOf(Ring.class));
        click(robot, "#offer-circle");
        eventually(() -> assertThat(form(0)).isInstanceOf(Circle.class));
        assertThat(((Circle) form(0)).radius().value()).isCloseTo(radius, within(1e-9));
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ENTER).type(KeyCode.ESCAPE);
        // A quarter point is caught near it, and says what it is.
        robot.moveTo(onScreen(new Point(radius + 0.8, 0.8)));
        eventually(() -> assertThat(label(robot)).isEqualTo("1 of 4 quarters along Circle"));
        say(robot, "points quarters");
        robot.moveTo(onScreen(new Point(radius + 1.2, 0.8)));
        eventually(() -> assertThat(frame.field().at()).startsWith("Set out"));
        say(robot, "points quarters");
        drag(robot, new Point(-36, -36), new Point(-36, -28));
        eventually(() -> assertThat(desk.root().members()).hasSize(2));
        // The next drag keeps what the last one laid, and begins anew.
        drag(robot, new Point(-36, 36), new Point(-36, 28));
        eventually(() -> assertThat(desk.root().members()).hasSize(3));
        assertThat(form(2).centre().distance(new Point(-36, 36))).isLessThan(2);
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.type(KeyCode.ESCAPE);
        drag(robot, new Point(radius, 0), new Point(radius, 20));
        eventually(() -> assertThat(desk.root().members()).hasSize(2));
        assertThat(form(1).centre().distance(new Point(radius, 0)))
                .as("set on the known point")
                .isLessThan(1e-9);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
    }

    @Test
    void figuresAreSelectedMovedGroupedAndCopied(FxRobot robot) {
        say(robot, "circle 10");
        say(robot, "box 30");
        eventually(() -> assertThat(desk.root().members()).hasSize(2));
        robot.interact(() -> frame.field().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        eventually(() -> assertThat(desk.view().chosen()).hasSize(2));
        robot.type(KeyCode.RIGHT).push(KeyCode.SHIFT, KeyCode.DOWN);
        eventually(() -> assertThat(form(0).centre().distance(new Point(1, 10))).isLessThan(1e-9));
        robot.push(KeyCode.CONTROL, KeyCode.B);
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.CONTROL, KeyCode.C).push(KeyCode.CONTROL, KeyCode.V);
        eventually(
                () -> assertThat(desk.root().members()).extracting(Member::name).containsExactly("Group", "Group 2"));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.B);
        eventually(() -> assertThat(desk.root().members()).hasSize(3));
        say(robot, "select circle");
        eventually(() -> assertThat(desk.view().chosen()).hasSize(1));
        say(robot, "name Boss");
        eventually(
                () -> assertThat(desk.root().members()).extracting(Member::name).contains("Boss"));
        say(robot, "lock");
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(message(robot)).isEqualTo("Locked: unlock it first."));
        say(robot, "lock");
        theSelectionIsTurnedByItsPeg(robot);
        say(robot, "select Boss");
        eventually(() -> assertThat(desk.view().chosen()).hasSize(1));
        say(robot, "align left page");
        eventually(() -> assertThat(org.hyphantes.design.Arranging.box(
                                desk.design(), desk.root().id(), desk.view().chosen())
                        .left())
                .isCloseTo(desk.design().page().box().left(), within(1e-9)));
    }

    /** By its peg what is selected is turned, with Shift by steps of 15 degrees. */
    private void theSelectionIsTurnedByItsPeg(FxRobot robot) {
        Form before = desk.root()
                .figure(desk.view().chosen().iterator().next())
                .orElseThrow()
                .form();
        org.hyphantes.geometry.Box box = org.hyphantes.design.Arranging.box(
                desk.design(), desk.root().id(), desk.view().chosen());
        double aside = 14 / frame.field().camera().scale();
        Point peg = new Point(box.right() + aside, box.top() - aside);
        robot.press(KeyCode.SHIFT);
        drag(robot, peg, new Point(box.right() + aside, box.bottom() + aside));
        robot.release(KeyCode.SHIFT);
        eventually(() -> assertThat(message(robot)).isEqualTo("Rotated by 90 deg."));
        // A circle turned about its middle is the same, and leaves nothing to undo.
        assertThat(desk.root()
                        .figure(desk.view().chosen().iterator().next())
                        .orElseThrow()
                        .form())
                .isEqualTo(before);
        say(robot, "select box");
        eventually(() -> assertThat(desk.view().chosen()).hasSize(1));
        org.hyphantes.geometry.Box upright = org.hyphantes.design.Arranging.box(
                desk.design(), desk.root().id(), desk.view().chosen());
        Point corner = new Point(upright.right() + aside, upright.top() - aside);
        robot.press(KeyCode.SHIFT);
        drag(robot, corner, new Point(corner.x(), 2 * upright.centre().y() - corner.y()));
        robot.release(KeyCode.SHIFT);
        eventually(() -> assertThat(org.hyphantes.design.Arranging.box(
                                desk.design(), desk.root().id(), desk.view().chosen())
                        .width())
                .as("the box lies on its side or aslant")
                .isNotCloseTo(upright.width(), within(0.5)));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(org.hyphantes.design.Arranging.box(
                                desk.design(), desk.root().id(), desk.view().chosen())
                        .width())
                .isCloseTo(upright.width(), within(1e-6)));
    }

    /** A star of 10 tips with all 20 sides bent alike, and back to the star. */
    @Test
    void aStarIsReshapedAndIsAStarAgain(FxRobot robot) {
        say(robot, "star 10");
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        Form star = form(0);
        say(robot, "bend 0.15");
        eventually(() -> assertThat(form(0)).isInstanceOf(Drawn.class));
        assertThat(((Drawn) form(0)).paths().get(0).curves())
                .hasSize(20)
                .allSatisfy(c -> assertThat(Math.abs(c.curvature(0.5)))
                        .isCloseTo(
                                Math.abs(((Drawn) form(0))
                                        .paths()
                                        .get(0)
                                        .curves()
                                        .get(0)
                                        .curvature(0.5)),
                                within(1e-4)));
        // A point is dragged by the mouse.
        Point tip = ((Drawn) form(0)).paths().get(0).start();
        drag(robot, tip, tip.plus(new Point(9, -7)));
        eventually(() -> assertThat(((Drawn) form(0)).paths().get(0).start().distance(tip))
                .isGreaterThan(5));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        click(robot, "#answer-back-to-star");
        eventually(() -> assertThat(form(0)).isEqualTo(star));
    }

    @Test
    void netPageMirrorAndErrorsInWords(FxRobot robot) {
        say(robot, "net square 8");
        eventually(() -> assertThat(desk.design().net().net()).isEqualTo(Net.Pattern.SQUARE));
        say(robot, "circle 3 sq");
        eventually(() -> assertThat(((Circle) form(0)).radius().value()).isEqualTo(24));
        say(robot, "net square 10");
        eventually(() -> assertThat(((Circle) form(0)).radius().value())
                .as("three squares still")
                .isEqualTo(30));
        say(robot, "page 100 x 80");
        eventually(() -> assertThat(desk.design().page().box().width()).isEqualTo(100));
        say(robot, "page 96 px x 1 in");
        eventually(() -> assertThat(desk.design().page().box().width()).isCloseTo(25.4, within(1e-9)));
        eventually(() -> assertThat(desk.design().page().box().height()).isCloseTo(25.4, within(1e-9)));
        say(robot, "page 1 2 3");
        eventually(() -> assertThat(message(robot)).contains("its width and its height"));
        say(robot, "turn 6");
        say(robot, "mirror");
        eventually(() -> assertThat(desk.root().indexOf("mirror-1")).isEqualTo(1));
        say(robot, "unit furlong");
        eventually(() -> assertThat(message(robot)).contains("Units are mm, cm, in, pt and px"));
        say(robot, "select star");
        eventually(() -> assertThat(message(robot)).contains("Nothing is called \"star\"."));
    }

    /** A group has a recipe of its own: into it, a step, and out again. */
    @Test
    void aGroupIsWorkedOnByItself(FxRobot robot) {
        say(robot, "circle 10");
        say(robot, "shift 0 -30");
        robot.interact(() -> frame.field().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.CONTROL, KeyCode.B);
        eventually(() -> assertThat(desk.root().members().get(0)).isInstanceOf(Group.class));
        robot.push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.ALT, KeyCode.DOWN);
        eventually(() -> assertThat(desk.root().name()).isEqualTo("Group"));
        say(robot, "turn 5");
        eventually(() -> assertThat(desk.resolved().setOut().spread().lines()).hasSize(5));
        assertThat(desk.resolved().field().work().lines())
                .as("the field shows the group in hand")
                .hasSize(5);
        robot.interact(() -> frame.field().requestFocus());
        robot.push(KeyCode.ALT, KeyCode.UP);
        eventually(() -> assertThat(desk.root().id()).isEqualTo("design"));
        assertThat(desk.root().recipe()).isEmpty();
        eventually(() -> assertThat(desk.resolved().finished().work().lines()).hasSize(5));
        say(robot, "row 100 100");
        eventually(() -> assertThat(desk.resolved().finished().work().lines()).hasSize(15));
    }
}
