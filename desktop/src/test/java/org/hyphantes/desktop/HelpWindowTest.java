package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.design.Making;
import org.hyphantes.design.Material;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.OtherWay;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Gauges;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What a newcomer asks of the window: what is this, which keys are there, where am I. */
class HelpWindowTest extends WindowFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    private static String words(FxRobot robot, String query) {
        return robot.lookup(query).queryAs(Label.class).getText();
    }

    @Test
    void everyKindSaysWhatItIsGoodFor() {
        assertThat(Form.EACH).allMatch(f -> f.schema().why().endsWith("."));
        assertThat(Treatment.each()).allMatch(t -> t.schema().why().endsWith("."));
        assertThat(Gauges.EACH).allMatch(g -> g.why().endsWith("."));
        assertThat(Stages.EACH).allMatch(s -> s.why().endsWith("."));
    }

    @Test
    void helpFollowsTheKeyboard(FxRobot robot) {
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.F1);
        eventually(() -> assertThat(words(robot, "#help-what")).isEqualTo("Weave: Tide Ring."));
        eventually(
                () -> assertThat(robot.lookup("#help").query().getLayoutBounds().getHeight())
                        .as("all of it is seen")
                        .isGreaterThan(300));
        robot.type(KeyCode.RIGHT);
        eventually(() -> assertThat(words(robot, "#help-what")).startsWith("Crossing "));
        robot.push(KeyCode.CONTROL, KeyCode.ENTER);
        eventually(() -> assertThat(words(robot, "#help .title")).startsWith("The slot "));
        robot.interact(() -> robot.lookup("#gauge-narrowest").query().requestFocus());
        eventually(() -> assertThat(words(robot, "#help .title")).isEqualTo("Narrowest"));
        robot.type(KeyCode.F1);
        eventually(() -> assertThat(robot.lookup("#help").query().isVisible()).isFalse());
    }

    @Test
    void keysAreSoughtAndDone(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.F1);
        ListView<?> list = robot.lookup("#keys-list").queryListView();
        eventually(() -> assertThat(list.getItems().size()).isGreaterThan(150));
        robot.write("light dark");
        eventually(() -> assertThat(list.getItems()).hasSize(1));
        boolean dark = desk.view().dark();
        robot.type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.view().dark()).isNotEqualTo(dark));
        assertThat(robot.lookup("#keys").query().isVisible()).isFalse();
        robot.push(KeyCode.CONTROL, KeyCode.F1);
        robot.write("no such thing");
        eventually(() -> assertThat(list.getItems()).isEmpty());
        robot.type(KeyCode.ESCAPE);
        eventually(() -> assertThat(robot.lookup("#keys").query().isVisible()).isFalse());
        robot.push(KeyCode.CONTROL, KeyCode.L);
    }

    @Test
    void settingsHoldAtOnce(FxRobot robot) {
        double strip = robot.lookup("#strip").query().getLayoutBounds().getHeight();
        robot.push(KeyCode.CONTROL, KeyCode.COMMA);
        eventually(() -> assertThat(robot.lookup("#size-0").query().isFocused()).isTrue());
        robot.type(KeyCode.RIGHT, KeyCode.RIGHT);
        eventually(() -> assertThat(
                        robot.lookup("#strip").query().getLayoutBounds().getHeight())
                .isEqualTo(1.5 * strip));
        robot.clickOn("#other-2");
        eventually(() -> assertThat(Habits.otherWay().get()).isEqualTo(OtherWay.BUTTON));
        robot.clickOn("#material-4");
        eventually(() -> assertThat(desk.design().making()).isEqualTo(Making.in(Material.LEATHER)));
        robot.clickOn("#settings-close");
        eventually(
                () -> assertThat(robot.lookup("#settings").query().isVisible()).isFalse());
        // A limit of one's own stays until another material is chosen.
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "material leather").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.view().subject()).contains(Subject.OfDesign.MAKING));
        TestDesk.on(() -> desk.set(Subject.OfDesign.MAKING, "narrowest", "7 mm", false));
        eventually(() -> assertThat(desk.resolved().inspection().snags())
                .anyMatch(s -> s.words().contains("limit 7")));
        write(robot, "material print").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design().making()).isEqualTo(Making.in(Material.PRINT)));
    }

    /** Menus open by Alt and their letter, also when Alt is let go first. */
    @Test
    void menusOpenByTheirLetters(FxRobot robot) {
        MenuBar bar = robot.lookup("#menu").queryAs(MenuBar.class);
        for (Menu menu : bar.getMenus()) {
            KeyCode letter = KeyCode.getKeyCode(
                    String.valueOf(menu.getText().charAt(menu.getText().indexOf('_') + 1))
                            .toUpperCase(java.util.Locale.ROOT));
            robot.interact(() -> frame.field().requestFocus());
            robot.press(KeyCode.ALT).press(letter).release(KeyCode.ALT).release(letter);
            eventually(() -> assertThat(menu.isShowing()).as(menu.getText()).isTrue());
            robot.type(KeyCode.ESCAPE);
            eventually(() -> assertThat(menu.isShowing()).isFalse());
        }
    }

    /** Each stop of Tab looks otherwise while it has the keyboard, and can be explained. */
    @Test
    void whereTheKeyboardIsCanBeSeen(FxRobot robot) {
        robot.interact(() -> frame.field().requestFocus());
        Set<Node> seen = new LinkedHashSet<>();
        List<String> amiss = new ArrayList<>();
        Node at = frame.getScene().getFocusOwner();
        WritableImage image = shot();
        while (seen.add(at) && seen.size() < 120) {
            robot.type(KeyCode.TAB);
            eventually(() -> {});
            WritableImage next = shot();
            if (isAlike(at, image, next)) {
                amiss.add("not seen: " + at);
            }
            if (Note.of(at).isEmpty() && at.getParent().getId() == null) {
                amiss.add("not explained: " + at);
            }
            at = frame.getScene().getFocusOwner();
            image = next;
        }
        assertThat(amiss).isEmpty();
        assertThat(seen).hasSizeBetween(15, 119);
    }

    private WritableImage shot() {
        return TestDesk.on(() -> frame.getScene().snapshot(null));
    }

    private static boolean isAlike(Node node, WritableImage one, WritableImage other) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        PixelReader a = one.getPixelReader();
        PixelReader b = other.getPixelReader();
        for (int x = (int) Math.max(0, bounds.getMinX() - 4); x < Math.min(one.getWidth(), bounds.getMaxX() + 4); x++) {
            for (int y = (int) Math.max(0, bounds.getMinY() - 4);
                    y < Math.min(one.getHeight(), bounds.getMaxY() + 4);
                    y++) {
                if (a.getArgb(x, y) != b.getArgb(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }
}
