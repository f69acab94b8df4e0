package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Crossing;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Drives the real window with pointer and keys, and looks at the design, the drawing and the written files. */
class WindowTest extends WindowFixture {
    @Start
    void start(javafx.stage.Stage window) {
        open(window);
    }

    @Test
    void opensWithTheDemoWovenAndItsGaugesWhole(FxRobot robot) {
        eventually(() -> assertThat(weave().strands()).hasSize(9));
        eventually(() -> assertThat(weave().crossings()).hasSize(32));
        eventually(() -> assertThat(robot.lookup("#gauge-strands").query().getAccessibleText())
                .isEqualTo("Strands: 9, all closed, whole"));
        eventually(() -> assertThat(robot.lookup("#gauge-crossings").query().getAccessibleText())
                .isEqualTo("Crossings: 32 of 32 alternate, whole"));
    }

    @Test
    void aNumberTypedIntoASlotReweavesAndUndoTakesItBack(FxRobot robot) throws Exception {
        robot.type(KeyCode.F2);
        click(robot, "#slot-radius");
        write(robot, "360/8 - 7").type(KeyCode.ENTER);
        eventually(() -> assertThat(circle().radius()).isEqualTo(new Amount(38, "360/8 - 7")));
        eventually(
                () -> assertThat(weave().strands().get(0).path().length()).isCloseTo(2 * Math.PI * 38, within(1e-9)));
        click(robot, "#slot-out").write("sepat").type(KeyCode.ENTER);
        eventually(() -> assertThat(message(robot)).contains("sepat is not a measure"));
        eventually(() -> assertThat(circle().out().value()).isEqualTo(62));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        eventually(
                () -> assertThat(weave().strands().get(0).path().length()).isCloseTo(2 * Math.PI * 38, within(1e-9)));
    }

    @Test
    void aTonguePulledChangesTheTurnsInOneUndoableStep(FxRobot robot) throws Exception {
        robot.drag(rimAt(45), MouseButton.PRIMARY)
                .moveTo(rimAt(52))
                .moveTo(rimAt(60))
                .drop();
        eventually(() -> assertThat(turn(desk.design()).count()).isEqualTo(6));
        eventually(() -> assertThat(weave().strands()).hasSize(7));
        robot.drag(rimAt(0), MouseButton.PRIMARY)
                .moveTo(rimAt(10))
                .moveTo(rimAt(28.5))
                .drop();
        eventually(() -> assertThat(turn(desk.design()).start().value())
                .as("caught at half a step")
                .isEqualTo(30));
        robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
    }

    @Test
    void tonguesPulledApartMakeATurnWhereThereIsNone(FxRobot robot) throws Exception {
        robot.type(KeyCode.F2);
        robot.interact(() -> desk.edit(org.hyphantes.design.Recipes.removeStep(desk.design(), "design", "turn-1")));
        eventually(() -> assertThat(weave().strands()).hasSize(2));
        robot.drag(rimAt(0), MouseButton.PRIMARY)
                .moveTo(rimAt(20))
                .moveTo(rimAt(72))
                .drop();
        eventually(() -> assertThat(desk.root().recipe().get(0).treatment()).isInstanceOf(Turn.class));
        eventually(() -> assertThat(turn(desk.design()).count()).isEqualTo(5));
    }

    @Test
    void aCrossingClickedSwapsWithItsSiblingsAndIsReleasedAgain(FxRobot robot) throws Exception {
        Crossing before = weave().crossings().get(5);
        robot.clickOn(onScreen(before.place()));
        eventually(() -> assertThat(weave().crossings().get(5).over()).isEqualTo(before.under()));
        eventually(() -> assertThat(weave().crossings())
                .filteredOn(c -> c.state() == Crossing.State.OUT_OF_RHYTHM)
                .hasSize(8));
        robot.press(KeyCode.CONTROL).clickOn(onScreen(before.place())).release(KeyCode.CONTROL);
        eventually(() -> assertThat(weave().crossings())
                .filteredOn(c -> c.state() == Crossing.State.OUT_OF_RHYTHM)
                .hasSize(7));
        click(robot, "#mend");
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        robot.clickOn(onScreen(before.place()));
        eventually(() -> assertThat(desk.design()).isNotEqualTo(Demo.TIDE_RING.design()));
        robot.rightClickOn(onScreen(before.place()));
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
    }

    @Test
    void theKeyboardAloneSwapsTypesWordsAndMovesTheShuttle(FxRobot robot) throws Exception {
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.UP).type(KeyCode.SPACE);
        eventually(() ->
                assertThat(weave().crossings()).filteredOn(Crossing::isPinned).hasSize(8));
        eventually(() -> assertThat(frame.field().at()).startsWith("Crossing ").contains("pinned, 7 siblings"));
        robot.type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        write(robot, "band 8").type(KeyCode.ENTER);
        eventually(() -> assertThat(
                        ((Band) desk.root().recipe().get(1).treatment()).width().value())
                .isEqualTo(8));
        write(robot, "5").type(KeyCode.ENTER);
        eventually(() -> assertThat(
                        ((Band) desk.root().recipe().get(1).treatment()).width().value())
                .isEqualTo(5));
        write(robot, "seat = 60").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design().measures()).containsEntry("seat", Amount.of(60)));
        robot.push(KeyCode.ALT, KeyCode.LEFT).push(KeyCode.ALT, KeyCode.LEFT);
        eventually(() -> assertThat(desk.resolved().field().work().lines())
                .as("only turned")
                .hasSize(9)
                .allMatch(l -> l.band().isEmpty()));
        eventually(() -> assertThat(weave().crossings())
                .as("gauges read the finished design")
                .hasSize(32));
    }

    @Test
    void savedClosedAndOpenedAgainAllIsThere(FxRobot robot) throws Exception {
        robot.clickOn(onScreen(weave().crossings().get(2).place()));
        eventually(() -> assertThat(desk.design()).isNotEqualTo(Demo.TIDE_RING.design()));
        Design swapped = desk.design();
        robot.push(KeyCode.CONTROL, KeyCode.S);
        eventually(() -> assertThat(message(robot)).startsWith("Saved "));
        chosen = folder.resolve("tide-ring.hyphantes");
        assertThat(ProjectFile.open(chosen)).isEqualTo(swapped);
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        robot.push(KeyCode.CONTROL, KeyCode.O);
        eventually(() -> assertThat(desk.design()).isEqualTo(swapped));
        eventually(() ->
                assertThat(weave().crossings()).filteredOn(Crossing::isPinned).hasSize(8));
    }

    @Test
    void aDamagedFileSaysWhereAndLeavesTheDesignOnTheDesk(FxRobot robot) throws Exception {
        robot.clickOn(onScreen(weave().crossings().get(2).place()));
        eventually(() -> assertThat(desk.design()).isNotEqualTo(Demo.TIDE_RING.design()));
        Design mine = desk.design();
        chosen = folder.resolve("damaged.hyphantes");
        String text = ProjectFile.text(mine);
        Files.writeString(chosen, text.substring(0, text.length() / 2));
        robot.push(KeyCode.CONTROL, KeyCode.O);
        click(robot, "#answer-leave-unsaved");
        eventually(() -> assertThat(asked(robot)).contains("damaged.hyphantes", "line ", "Open it "));
        click(robot, "#answer-leave-it");
        eventually(() -> assertThat(desk.design()).isEqualTo(mine));
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(asked(robot)).contains("before beginning a new one"));
        // A question keeps the keyboard: what is typed meanwhile is not done to this design.
        write(robot, "c");
        assertThat(message(robot)).startsWith("The question comes first");
        click(robot, "#answer-stay");
        eventually(() -> assertThat(desk.design()).isEqualTo(mine));
    }

    @Test
    void anEmptyDesignIsBegunFromTheSentenceAndWoven(FxRobot robot) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        click(robot, "#answer-circle");
        click(robot, "#slot-out").write("30").type(KeyCode.ENTER);
        robot.type(KeyCode.ESCAPE);
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "turn 3").type(KeyCode.ENTER);
        robot.type(KeyCode.F3);
        robot.interact(() -> desk.look(desk.view().about(null)));
        click(robot, "#answer-interlace-them-");
        eventually(() -> assertThat(weave().strands()).hasSize(3));
        eventually(() -> assertThat(weave().crossings()).hasSize(6));
        eventually(() -> assertThat(robot.lookup("#proof-card").query().lookup(".second"))
                .isInstanceOfSatisfying(
                        Label.class, l -> assertThat(l.getText()).contains("3 turns of 120 deg")));
    }

    /** The written file drawn by JSVG, an independent library, covers the pixels that the field covers, but for their rims. */
    @Test
    void theWrittenFileLooksLikeTheField(FxRobot robot) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.T);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        eventually(() -> assertThat(message(robot)).isEqualTo("Written: tide-ring.svg, 32 paths."));
        Canvas drawing = robot.lookup("#drawing").queryAs(Canvas.class);
        WritableImage[] field = new WritableImage[1];
        robot.interact(() -> field[0] = drawing.snapshot(null, null));
        int w = (int) field[0].getWidth();
        int h = (int) field[0].getHeight();
        SVGDocument document = new SVGLoader()
                .load(Files.newInputStream(folder.resolve("tide-ring.svg")), null, LoaderContext.createDefault());
        Camera camera = frame.field().camera();
        double offset = camera.width() / 2 - w / 2.0;
        Box page = desk.resolved().finished().scene().inked();
        Point corner = new Point(page.left(), page.top());
        BufferedImage file = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = file.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.translate(camera.x(corner) - offset, camera.y(corner));
        document.render((java.awt.Component) null, g, new ViewBox((float) (page.width() * camera.scale()), (float)
                (page.height() * camera.scale())));
        g.dispose();
        List<Point> letters = new ArrayList<>();
        for (int s = 0; s < weave().strands().size(); s++) {
            Point p = weave().clearest(s);
            letters.add(new Point(camera.x(p) - offset, camera.y(p)));
        }
        Point middle = new Point(w / 2.0, h / 2.0);
        double withinRim = h / 2.0 - 38;
        int compared = 0;
        for (int y = 2; y < h - 2; y++) {
            for (int x = 2; x < w - 2; x++) {
                Point pixel = new Point(x, y);
                if (pixel.distance(middle) > withinRim || letters.stream().anyMatch(l -> l.distance(pixel) < 13)) {
                    continue;
                }
                int there = clear(file, x, y);
                int here = clear(field[0], x, y);
                assertThat(here * there).as("pixel %d, %d", x, y).isNotEqualTo(-1);
                compared += here * there;
            }
        }
        assertThat(compared).as("pixels alike with all their neighbours").isGreaterThan(w * h / 3);
    }

    /** 1 where a pixel and all round it are ground, -1 where all are band, 0 between. */
    private static int clear(BufferedImage image, int x, int y) {
        int sum = 0;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int rgb = image.getRGB(x + dx, y + dy);
                sum += (rgb & 255) > 245 ? 1 : (rgb & 255) < 225 ? -1 : 0;
            }
        }
        return sum == 9 ? 1 : sum == -9 ? -1 : 0;
    }

    private static int clear(WritableImage image, int x, int y) {
        int sum = 0;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int rgb = image.getPixelReader().getArgb(x + dx, y + dy);
                sum += (rgb & 255) > 245 ? 1 : (rgb & 255) < 225 ? -1 : 0;
            }
        }
        return sum == 9 ? 1 : sum == -9 ? -1 : 0;
    }

    @Test
    void themeAndZoomHaveTheirKeys(FxRobot robot) throws Exception {
        double whole = frame.field().camera().scale();
        robot.push(KeyCode.CONTROL, KeyCode.L);
        eventually(() -> assertThat(desk.view().dark()).isTrue());
        robot.push(KeyCode.CONTROL, KeyCode.L);
        robot.push(KeyCode.CONTROL, KeyCode.MINUS);
        eventually(() -> assertThat(frame.field().camera().scale()).isCloseTo(whole * 0.8, within(1e-9)));
        robot.interact(() -> frame.field().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.RIGHT);
        eventually(() -> assertThat(frame.field().camera().centre().x())
                .isCloseTo(frame.field().getWidth() / 8 / (whole * 0.8), within(1e-6)));
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT0);
        eventually(() -> assertThat(frame.field().camera().scale()).isCloseTo(whole, within(1e-9)));
        robot.type(KeyCode.F12);
        eventually(() -> assertThat(frame.field().getWidth()).isGreaterThan(1200));
    }
}
