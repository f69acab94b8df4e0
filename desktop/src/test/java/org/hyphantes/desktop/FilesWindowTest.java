package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.zip.CRC32;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Sketch;
import org.hyphantes.desktop.act.SketchActs;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Files that are damaged, hostile or left behind, in the real window: it stands, says so, and goes on. */
class FilesWindowTest extends WindowFixture {
    private static Path hostile(String name) throws Exception {
        Path file = folder.resolve(name + ".hyphantes");
        Files.copy(
                Path.of("..", "exchange", "src", "test", "resources", "hostile", name + ".hyphantes"),
                file,
                StandardCopyOption.REPLACE_EXISTING);
        return file;
    }

    @Start
    void start(Stage window) {
        open(window);
    }

    private void load(FxRobot robot, Path file) {
        robot.interact(() -> frame.documents().load(file));
    }

    @Test
    void whatCanBeReadOfADamagedFileIsOpenedOnWish(FxRobot robot) throws Exception {
        String whole = ProjectFile.text(Demo.FERRYMANS_PLAIT.design());
        Path cut = folder.resolve("cut short.hyphantes");
        Files.writeString(cut, whole.substring(0, whole.lastIndexOf("\"treatment\"") + 20));
        int steps = Demo.FERRYMANS_PLAIT.design().root().recipe().size();
        load(robot, cut);
        click(robot, "#answer-open-it");
        eventually(() -> assertThat(desk.design().name())
                .isEqualTo(Demo.FERRYMANS_PLAIT.design().name()));
        eventually(() ->
                assertThat(message(robot)).isEqualTo("Opened up to step " + (steps - 1) + "; the rest is kept aside."));
        assertThat(desk.isSaved()).isFalse();
        assertThat(frame.documents().fileProperty().get()).isEmpty();
        assertThat(frame.documents().recovered())
                .as("the damaged file itself")
                .anyMatch(k -> k.title().equals("cut-short"));
    }

    /** A demo stands on the desk; each hostile file is opened over it. Keys are answered all the while. */
    @Test
    void theWindowStandsWhateverIsOpened(FxRobot robot) throws Exception {
        for (String name : Set.of("nesting-1200", "number-of-1200-digits", "control-in-name", "path-1e308", "cut")) {
            load(robot, hostile(name));
            eventually(() -> assertThat(message(robot) + asked(robot))
                    .contains('"' + name)
                    .containsPattern("line 1|At /"));
            // Keys are taken whatever is asked.
            robot.interact(() -> frame.field().requestFocus());
            robot.type(KeyCode.F2);
            eventually(() -> assertThat(desk.view().stage()).isEqualTo("set-out"));
            robot.type(KeyCode.F3);
            eventually(() -> assertThat(desk.view().stage()).isEqualTo("weave"));
            if (robot.lookup("#answer-leave-it").tryQuery().isPresent()) {
                click(robot, "#answer-leave-it");
            }
            assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design());
        }
        for (String name : Set.of("petals-20", "woven-then-turned-3600", "plain-1-8", "crossings-10000")) {
            Path file = hostile(name);
            load(robot, file);
            long begun = System.nanoTime();
            WaitForAsyncUtils.waitFor(
                    20,
                    TimeUnit.SECONDS,
                    () -> frame.documents()
                            .fileProperty()
                            .get()
                            .filter(file::equals)
                            .isPresent());
            assertThat(System.nanoTime() - begun)
                    .as("read, whatever resolving takes")
                    .isLessThan(15_000_000_000L);
            // What takes long to resolve is not drawn under another's name meanwhile.
            WaitForAsyncUtils.sleep(700, TimeUnit.MILLISECONDS);
            robot.interact(() -> assertThat(desk.resolved().design().name())
                    .isEqualTo(desk.design().name()));
            robot.interact(() -> frame.documents().openDemo(Demo.TIDE_RING));
            eventually(() -> assertThat(desk.resolved().design()).isEqualTo(Demo.TIDE_RING.design()));
        }
    }

    @Test
    void whatTwoWindowsKeepAsideIsFoundAgain(FxRobot robot) throws Exception {
        Design left = Demo.EDDY.design().named("Left behind");
        Path aside = folder.resolve("state").resolve("aside");
        Files.createDirectories(aside);
        // As a process that is no more has left it.
        Path file = aside.resolve(System.currentTimeMillis() + "-999999999-1-0-left-behind.hyphantes");
        ProjectFile.save(left, file);
        robot.interact(() -> frame.documents().autosave().begin());
        // While the question waits, this window's own work goes into a file of its own.
        robot.interact(() -> desk.edit(new Edit("Renamed.", d -> d.named("Something else"))));
        WaitForAsyncUtils.sleep(2_600, TimeUnit.MILLISECONDS);
        assertThat(ProjectFile.open(file)).isEqualTo(left);
        // The question keeps the keyboard, whatever is resolved or said meanwhile.
        eventually(() -> assertThat(robot.lookup("#answer-take-it-up").query().isFocused())
                .isTrue());
        robot.type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design()).isEqualTo(left));
        eventually(() -> assertThat(frame.field().isFocused()).isTrue());
        eventually(() -> assertThat(frame.documents().recovered())
                .as("what stood on the desk")
                .extracting(org.hyphantes.desktop.files.Aside.Kept::title)
                .contains("something-else"));
        robot.push(KeyCode.CONTROL, KeyCode.S);
        eventually(() -> assertThat(desk.isSaved()).isTrue());
        assertThat(ProjectFile.open(folder.resolve("left-behind.hyphantes"))).isEqualTo(left);
        robot.interact(
                () -> frame.documents().takeUp(frame.documents().recovered().get(0)));
        eventually(() -> assertThat(desk.design().name()).isEqualTo("Something else"));
    }

    @Test
    void aDesignTakesTheNameOfItsFirstFileAndOfNoOther(FxRobot robot) throws Exception {
        written = "harbour-gate";
        robot.push(KeyCode.CONTROL, KeyCode.S);
        eventually(() -> assertThat(desk.isSaved()).isTrue());
        assertThat(desk.design().name()).isEqualTo("Harbour gate");
        written = "another";
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        eventually(() -> assertThat(folder.resolve("another.hyphantes")).exists());
        assertThat(ProjectFile.open(folder.resolve("another.hyphantes")).name()).isEqualTo("Harbour gate");
    }

    /** The header of a picture of 40,000 squared, which a few bytes can claim. */
    private static byte[] bomb() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_GRAY), "png", out);
        byte[] png = out.toByteArray();
        ByteBuffer.wrap(png).putInt(16, 40_000).putInt(20, 40_000);
        CRC32 sum = new CRC32();
        sum.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
        return png;
    }

    @Test
    void aPictureIsReadOnlyWithinLimitsAndFromElsewhereOnlyOnWish(FxRobot robot) throws Exception {
        Path huge = folder.resolve("huge.png");
        Files.write(huge, bomb());
        robot.interact(() -> new SketchActs(desk).lay(huge));
        eventually(() -> assertThat(message(robot)).contains("40000 by 40000 pixels", "make a smaller copy"));
        assertThat(desk.design().sketch().isPresent()).isFalse();
        Path picture = folder.resolve("elsewhere").resolve("pencil.png");
        Files.createDirectories(picture.getParent());
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        Path file = folder.resolve("from a stranger").resolve("design.hyphantes");
        Files.createDirectories(file.getParent());
        ProjectFile.save(Demo.TIDE_RING.design().withSketch(Sketch.STARTING.of(picture.toString())), file);
        assertThat(Files.readString(file)).contains("\"../elsewhere/pencil.png\"");
        load(robot, file);
        robot.interact(() -> desk.open("set-out"));
        eventually(() -> assertThat(robot.lookup("#answer-show-it").tryQuery()).isPresent());
        assertThat(desk.tracing().readProperty().get().image()).isNull();
        click(robot, "#answer-show-it");
        robot.interact(() -> desk.open("set-out"));
        eventually(() -> {
            robot.interact(() -> desk.tracing().of(desk.design().sketch()));
            assertThat(desk.tracing().readProperty().get().image()).isNotNull();
        });
    }
}
