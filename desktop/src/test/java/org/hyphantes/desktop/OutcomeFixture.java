package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.scene.Mark;
import org.hyphantes.treatment.Laid;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Pieces made in the real window from an empty design, their acts counted: a click, a drag, a key, or a word typed with its Enter. */
abstract class OutcomeFixture extends SetOutFixture {
    FxRobot robot;
    int acts;

    /** One window for all, with an empty design for each. */
    Stream<DynamicTest> each(FxRobot hand, Map<String, Executable> pieces) {
        robot = hand;
        return pieces.entrySet().stream()
                .map(piece -> DynamicTest.dynamicTest(piece.getKey(), () -> {
                    begin();
                    piece.getValue().execute();
                }));
    }

    /** An empty design, which is the first act. */
    void begin() {
        robot.interact(() -> {
            desk.lay(Design.empty("New design"));
            desk.open("set-out");
            frame.field().requestFocus();
        });
        eventually(() -> assertThat(desk.resolved().known()).isPresent());
        acts = 1;
    }

    void words(String... typed) {
        for (String words : typed) {
            acts++;
            typed(robot, words);
        }
    }

    void key(KeyCode... keys) {
        acts++;
        robot.push(keys);
        eventually(() -> {});
    }

    void clicked(Point place) {
        acts++;
        robot.clickOn(onScreen(place), MouseButton.PRIMARY);
        eventually(() -> {});
    }

    void dragged(Point from, Point to) {
        acts++;
        drag(robot, from, to);
        eventually(() -> {});
    }

    /** Types into a slot that a click opens. */
    void type(String slot, String typed) {
        acts++;
        opened(slot);
        words(typed);
        robot.type(KeyCode.ESCAPE);
        acts++;
    }

    /** Clicks a slot until it is open: a sentence that is laid out anew just then has moved it from under the pointer. */
    private void opened(String slot) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(15);
        do {
            click(robot, "#slot-" + slot);
            WaitForAsyncUtils.waitForFxEvents(2);
        } while (!("typed-" + slot).equals(frame.getScene().getFocusOwner().getId()) && System.nanoTime() < end);
        assertThat(frame.getScene().getFocusOwner().getId()).isEqualTo("typed-" + slot);
    }

    /** Chooses a word of the menu of a slot, by a click on it and one on the word. */
    void choose(String slot, String word) {
        acts += 2;
        click(robot, "#slot-" + slot);
        robot.clickOn(word);
        eventually(() -> {});
    }

    /** Chooses the next word of the menu of a slot, by a click on it and two keys. */
    void next(String slot) {
        acts++;
        click(robot, "#slot-" + slot);
        key(KeyCode.DOWN);
        key(KeyCode.ENTER);
    }

    void in(int most) {
        assertThat(acts).isLessThanOrEqualTo(most);
    }

    Inventory made() {
        eventually(() -> assertThat(desk.resolved().design()).isEqualTo(desk.design()));
        return desk.resolved().inventory();
    }

    void whole() {
        made();
        assertThat(desk.resolved().inspection().snags()).isEmpty();
    }

    List<Path> lines() {
        made();
        return desk.resolved().setOut().spread().lines().stream()
                .map(Laid::path)
                .toList();
    }

    long colours() {
        made();
        return desk.resolved().finished().scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(m -> ((Mark.Area) m).paint())
                .distinct()
                .count();
    }
}
