package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.FileChoice;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.setting.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Edits, undo, redo, saves, ends without a farewell and recoveries in an order that a seed gives: the design is the expected one throughout.
 * An end is a window that goes away without anything being asked or cleared; a process that is really killed is in {@code KillsTest}.
 * {@code -Dhyphantes.window.steps=200} goes further, {@code -Dhyphantes.window.seed=K} another way.
 */
class LostNothingWindowTest extends WindowFixture {
    private static final int STEPS = Integer.getInteger("hyphantes.window.steps", 60);
    private static final int ENDS = Math.max(2, STEPS / 40);

    private Desk now;
    private Frame window;
    private Stage stage;
    private final List<Design> past = new ArrayList<>();
    private int at;
    private Optional<Design> saved = Optional.empty();

    @Start
    void start(Stage opened) {
        stage = opened;
        begin();
    }

    private void begin() {
        now = new Desk();
        window = HyphantesApp.open(stage, now, new Remembered(folder.resolve("walk")));
        now.lay(Design.empty("Walk"));
        window.documents().choosingBy(new FileChoice() {
            @Override
            public Optional<java.nio.file.Path> toOpen() {
                return Optional.empty();
            }

            @Override
            public Optional<java.nio.file.Path> toTrace() {
                return Optional.empty();
            }

            @Override
            public Optional<java.nio.file.Path> toWrite(String title, String suggestedName, String ending) {
                return Optional.of(folder.resolve("walk" + ending));
            }
        });
        window.documents().autosave().begin();
    }

    @Override
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    @Timeout(240)
    void theDesignIsTheExpectedOneThroughout(FxRobot robot) throws Exception {
        Random random = new Random(Long.getLong("hyphantes.window.seed", 3));
        past.add(now.design());
        for (int step = 0; step < STEPS; step++) {
            if (step % (STEPS / ENDS) == STEPS / ENDS - 1) {
                endAndRecover(robot);
            } else {
                act(robot, random.nextInt(10), random);
            }
            await(() -> now.design().equals(past.get(at)));
            assertThat(now.design()).as("step %d", step).isEqualTo(past.get(at));
        }
        assertThat(saved).as("saved at least once").isPresent();
    }

    private void act(FxRobot robot, int act, Random random) throws Exception {
        robot.interact(() -> window.field().requestFocus());
        if (act < 2) {
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            at = Math.max(0, at - 1);
        } else if (act == 2) {
            robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
            at = Math.min(past.size() - 1, at + 1);
        } else if (act == 3) {
            robot.push(KeyCode.CONTROL, KeyCode.S);
            await(() -> now.isSaved());
            saved = Optional.of(past.get(at));
            assertThat(ProjectFile.open(folder.resolve("walk.hyphantes"))).isEqualTo(past.get(at));
        } else {
            String other = now.design().unit() == Unit.MM ? "unit in" : "unit mm";
            String word = List.of("circle", "box", "oval", other).get(random.nextInt(4));
            Design before = now.design();
            robot.write(word).type(KeyCode.ENTER);
            await(() -> !now.design().equals(before));
            while (past.size() > at + 1) {
                past.remove(past.size() - 1);
            }
            past.add(now.design());
            at++;
        }
    }

    private static void await(BooleanSupplier done) {
        long end = System.nanoTime() + 15_000_000_000L;
        while (!done.getAsBoolean() && System.nanoTime() < end) {
            WaitForAsyncUtils.waitForFxEvents();
            WaitForAsyncUtils.sleep(20, TimeUnit.MILLISECONDS);
        }
    }

    /** Two seconds after the last change the window goes; the next one is asked to take its work up, or has the saved file. */
    private void endAndRecover(FxRobot robot) throws Exception {
        Design expected = past.get(at);
        boolean unsaved = !now.isSaved();
        WaitForAsyncUtils.sleep(2_800, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            stage.hide();
            stage = new Stage();
            begin();
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();
        if (unsaved) {
            await(() -> robot.lookup("#answer-take-it-up")
                    .tryQuery()
                    .filter(javafx.scene.Node::isFocused)
                    .isPresent());
            robot.type(KeyCode.ENTER);
        } else {
            Platform.runLater(() -> window.documents().load(folder.resolve("walk.hyphantes")));
        }
        await(() -> now.design().equals(expected));
        assertThat(now.design()).as("recovered").isEqualTo(expected);
        past.clear();
        past.add(expected);
        at = 0;
    }
}
