package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.chrome.ClothSeen;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.OtherWay;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.FileChoice;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Circle;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real window with the demo on the desk, files chosen by the test, and helpers that point at things. */
@ExtendWith(ApplicationExtension.class)
@Timeout(90)
abstract class WindowFixture {
    @TempDir
    static Path folder;

    final Desk desk = new Desk();
    Frame frame;
    Path chosen;

    /** What a file is called in place of the name suggested; null for that. */
    String written;

    /** Opens the window; each test class calls this from its own start, for TestFX looks for that in the class itself only. */
    void open(Stage window) {
        frame = HyphantesApp.open(window, desk, new Remembered(folder.resolve("state")));
        desk.lay(Demo.TIDE_RING.design());
        frame.documents().choosingBy(new FileChoice() {
            @Override
            public Optional<Path> toOpen() {
                return Optional.ofNullable(chosen);
            }

            @Override
            public Optional<Path> toTrace() {
                return Optional.ofNullable(chosen);
            }

            @Override
            public Optional<Path> toWrite(String title, String suggestedName, String ending) {
                return Optional.of(folder.resolve((written == null ? suggestedName : written) + ending));
            }

            @Override
            public Optional<Path> toWrite(String title, String suggestedName, List<Format> formats) {
                String name = written == null ? suggestedName : written;
                boolean ended = formats.stream().anyMatch(f -> name.endsWith(f.ending()));
                return Optional.of(
                        folder.resolve(ended ? name : name + formats.get(0).ending()));
            }
        });
    }

    @BeforeEach
    void settle() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, desk.settledProperty());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What one test settles for all windows is no other's. */
    @AfterEach
    void habits() {
        TestDesk.on(() -> {
            Habits.type().set(1);
            Habits.otherWay().set(OtherWay.ALT);
            Habits.cloth().set(ClothSeen.STARTING);
            return null;
        });
    }

    /** Waits until a check holds, for what a key or a click sets going takes its time. */
    void eventually(Runnable check) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(15);
        while (true) {
            try {
                WaitForAsyncUtils.waitForFxEvents(2);
                check.run();
                if (desk.settledProperty().get()) {
                    return;
                }
                WaitForAsyncUtils.sleep(20, TimeUnit.MILLISECONDS);
            } catch (AssertionError | RuntimeException e) {
                if (System.nanoTime() > end) {
                    throw e;
                }
                WaitForAsyncUtils.sleep(50, TimeUnit.MILLISECONDS);
            }
        }
    }

    /** Clicks what a query finds once the window has come to rest; what is being laid anew just then is sought again. */
    FxRobot click(FxRobot robot, String query) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(15);
        while (true) {
            try {
                eventually(() -> assertThat(robot.lookup(query).tryQuery()).isPresent());
                robot.clickOn(query);
                return robot;
            } catch (RuntimeException e) {
                if (System.nanoTime() > end) {
                    throw e;
                }
                WaitForAsyncUtils.sleep(100, TimeUnit.MILLISECONDS);
            }
        }
    }

    /** Types words to whatever has the keyboard; the robot's own writing waits for the window after each letter. */
    FxRobot write(FxRobot robot, String words) {
        WaitForAsyncUtils.waitForFxEvents(1);
        onFx(() -> words.chars().forEach(this::letter));
        return robot;
    }

    /** Types a word with its Enter, which is fired as the letters are: one sent by the screen may come later than the next word. */
    void typed(FxRobot robot, String words) {
        write(robot, words);
        onFx(() -> Event.fireEvent(
                frame.getScene().getFocusOwner(),
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false)));
        eventually(() -> {});
    }

    /** Does something on the interface thread, and waits for what comes of it once; the robot waits five times. */
    private static void onFx(Runnable act) {
        WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(act));
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    private void letter(int character) {
        Event.fireEvent(
                frame.getScene().getFocusOwner(),
                new KeyEvent(
                        KeyEvent.KEY_TYPED,
                        Character.toString(character),
                        "",
                        KeyCode.UNDEFINED,
                        false,
                        false,
                        false,
                        false));
    }

    Weave weave() {
        return desk.resolved().finished().work().weaves().get(0).weave();
    }

    Circle circle() {
        return (Circle) desk.root().figure("circle-1").orElseThrow().form();
    }

    static Turn turn(Design design) {
        return (Turn) design.root().recipe().get(0).treatment();
    }

    Point2D onScreen(Point place) {
        Camera camera = frame.field().camera();
        return frame.field().localToScreen(camera.x(place), camera.y(place));
    }

    Point2D rimAt(double bearing) {
        double radius = Math.min(frame.field().getWidth(), frame.field().getHeight()) / 2 - 14;
        Point p = Point.polar(radius, bearing);
        return frame.field()
                .localToScreen(
                        frame.field().getWidth() / 2 + p.x(), frame.field().getHeight() / 2 + p.y());
    }

    /** What is asked, in words; empty when nothing is. */
    String asked(FxRobot robot) {
        StringBuilder words = new StringBuilder();
        robot.lookup(".sentence .words").queryAllAs(Text.class).forEach(t -> words.append(t.getText()));
        return words.toString();
    }

    String message(FxRobot robot) {
        return robot.lookup("#message").queryAs(Label.class).getText();
    }
}
