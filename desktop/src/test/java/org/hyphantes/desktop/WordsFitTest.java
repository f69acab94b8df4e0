package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Form;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * No word of the window is cut off, whatever its sentence is about and however large its type: a label shows all that it says, or its
 * tooltip does, and lies within the part of the window that it belongs to.
 */
class WordsFitTest extends WindowFixture {
    private final Set<String> amiss = new LinkedHashSet<>();

    @Start
    void start(Stage window) {
        open(window);
    }

    /** One of every kind of figure, and of every treatment, passed under. */
    private static Design everything() {
        Design design = Design.empty("Sixty-three Anchors of the Old Ferry House");
        for (Form form : Form.EACH) {
            design = Recipes.addFigure("design", form).change().apply(design);
        }
        List<Step> steps = new ArrayList<>();
        Treatment.each().forEach(t -> steps.add(new Step(false, t)));
        return design.change("design", g -> g.withRecipe(steps));
    }

    private void size(double width, double height, double type) {
        TestDesk.on(() -> {
            Habits.type().set(type);
            var window = frame.getScene().getWindow();
            window.setWidth(width + window.getWidth() - frame.getScene().getWidth());
            window.setHeight(height + window.getHeight() - frame.getScene().getHeight());
            return null;
        });
        eventually(() -> {
            assertThat(frame.getWidth()).isEqualTo(width);
            assertThat(frame.getHeight()).isEqualTo(height);
        });
    }

    /** Every sentence, in the stage that it belongs to, at the largest type in the smallest window, and as the window was drawn. */
    @Test
    void nothingIsCutOffAtAnySizeOfType(FxRobot robot) {
        robot.interact(() -> desk.lay(everything()));
        eventually(() -> assertThat(desk.root().members()).hasSize(Form.EACH.size()));
        for (double[] size : new double[][] {{1280, 800, 1}, {1100, 700, 1.5}}) {
            size(size[0], size[1], size[2]);
            String at = size[0] + " by " + size[1] + " at " + size[2] + ": ";
            for (Subject subject : subjects()) {
                TestDesk.on(() -> {
                    desk.open(subject instanceof Subject.OfStep ? "weave" : "set-out");
                    desk.look(desk.view().about(subject));
                    return look(at + subject);
                });
            }
        }
        assertThat(amiss).isEmpty();
    }

    private List<Subject> subjects() {
        List<Subject> subjects = new ArrayList<>(List.of(Subject.OfDesign.values()));
        desk.root().members().forEach(m -> subjects.add(new Subject.OfFigure("design", m.id())));
        desk.root().recipe().forEach(s -> subjects.add(new Subject.OfStep("design", s.id())));
        return subjects;
    }

    /** Snags with their mends, an empty design, help, keys and settings. */
    @Test
    void snagsOffersAndLeavesAreReadWhole(FxRobot robot) {
        for (double[] size : new double[][] {{1280, 800}, {1100, 700}}) {
            for (double type : new double[] {1, 1.25, 1.5}) {
                size(size[0], size[1], type);
                String at = size[0] + " by " + size[1] + " at " + type + ": ";
                robot.interact(() -> desk.lay(Demo.TIDE_RING.design()));
                eventually(() -> assertThat(desk.resolved().design()).isEqualTo(desk.design()));
                for (KeyCode key : List.of(KeyCode.F8, KeyCode.F1)) {
                    robot.type(key);
                    eventually(() -> {});
                    TestDesk.on(() -> look(at + key));
                }
                robot.type(KeyCode.F1).push(KeyCode.CONTROL, KeyCode.COMMA);
                eventually(() -> assertThat(robot.lookup("#settings").query().isVisible())
                        .isTrue());
                TestDesk.on(() -> look(at + "settings"));
                robot.type(KeyCode.ESCAPE);
                robot.interact(() -> desk.lay(Design.empty("New design")));
                eventually(() -> assertThat(desk.root().members()).isEmpty());
                TestDesk.on(() -> look(at + "empty"));
            }
        }
        assertThat(amiss).isEmpty();
    }

    private boolean look(String where) {
        frame.applyCss();
        frame.layout();
        frame.layout();
        for (Node part : frame.getChildrenUnmodifiable()) {
            if (part.isVisible()) {
                look(part, part, where);
            }
        }
        return true;
    }

    private void look(Node node, Node part, String where) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled label
                && label.getText() != null
                && !label.getText().isEmpty()) {
            String words = label.isMnemonicParsing() ? label.getText().replaceFirst("_", "") : label.getText();
            if (label.lookup(".text") instanceof Text shown
                    && !shown.getText().equals(words)
                    && !isToldElsewhere(label, words)) {
                amiss.add(where + ": cut: " + words + " as " + shown.getText());
            }
            within(label, part, label.getText(), where);
        } else if (node instanceof Text text && node.getStyleClass().contains("words")) {
            within(text, part, text.getText(), where);
        }
        if (node instanceof Parent parent && !(node instanceof Labeled) && !(node instanceof ScrollPane)) {
            parent.getChildrenUnmodifiable().forEach(c -> look(c, part, where));
        }
    }

    private void within(Node node, Node part, String words, String where) {
        Bounds inner = node.localToScene(node.getLayoutBounds());
        Bounds outer = part.localToScene(part.getLayoutBounds());
        boolean holds = inner.getMinX() >= outer.getMinX() - 2
                && inner.getMaxX() <= outer.getMaxX() + 2
                && inner.getMinY() >= outer.getMinY() - 2
                && inner.getMaxY() <= outer.getMaxY() + 2;
        if (!holds) {
            amiss.add(where + ": outside " + part.getId() + ": " + words + ", " + inner + " in " + outer);
        }
    }

    private static boolean isToldElsewhere(Node node, String words) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getProperties().get("javafx.scene.control.Tooltip") instanceof Tooltip tip
                    && tip.getText().contains(words)) {
                return true;
            }
        }
        return false;
    }
}
