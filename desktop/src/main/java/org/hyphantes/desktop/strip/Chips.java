package org.hyphantes.desktop.strip;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.GroupActs;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.act.Taking;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.scene.Scene;

/** The figures and groups in hand, each as a chip with its picture and its name. */
final class Chips extends HBox {
    /** What can be done with a chip. */
    private static final List<Deed> DEEDS = List.of(
            new Deed("click, Enter", "select it, and make the sentence about it"),
            new Deed("Shift+click", "take it into the selection, or out of it"),
            new Deed("double-click, Alt+Down", "into a group; Alt+Up leads out again"),
            new Deed("Delete", "remove it"));

    private final Desk desk;
    private Consumer<Node> chosen = chip -> {};

    /** The picture of each member, kept while it is there. */
    private final Map<String, Picture> pictures = new HashMap<>();

    Chips(Bench bench) {
        super(5);
        this.desk = bench.desk();
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.subject().equals(now.subject())
                    || !was.chosen().equals(now.chosen())
                    || !was.group().equals(now.group())
                    || was.dark() != now.dark()) {
                refresh();
            }
        });
    }

    private void refresh() {
        pictures.keySet()
                .retainAll(desk.root().members().stream().map(Member::id).toList());
        getChildren().setAll(desk.root().members().stream().map(this::chip).toList());
        if (desk.view().chosen().size() == 1) {
            getChildren().stream()
                    .filter(c -> c.getStyleClass().contains("chosen"))
                    .findFirst()
                    .ifPresent(c -> Platform.runLater(() -> chosen.accept(c)));
        }
    }

    /** Is told of the chip of what has just been selected alone. */
    void onChosen(Consumer<Node> act) {
        chosen = act;
    }

    private VBox chip(Member member) {
        Picture picture = pictures.computeIfAbsent(member.id(), Picture::new);
        Label label = new Label(member.name());
        VBox chip = new VBox(picture.canvas, label);
        chip.getStyleClass().add("chip");
        if (!member.standing().counts() || member.standing().locked()) {
            // Said in words, for a mark alone would have to be learned.
            label.setText(String.join(", ", member.standing().words()));
            chip.getStyleClass().add("aside");
        }
        chip.setFocusTraversable(true);
        String taken = taken(member);
        chip.setAccessibleText((member instanceof Group ? "Group " : "Figure ") + member.name() + ", " + taken);
        Tooltip.install(chip, new Tooltip(member.name() + ": " + taken + "."));
        // While the sentence is about a step, what it takes stands out.
        new RecipeActs(desk)
                .chosen()
                .ifPresent(step -> chip.getStyleClass().add(Taking.takes(step, member) ? "taken" : "left"));
        Note.on(chip, () -> note(member));
        picture.draw();
        if (desk.view().chosen().contains(member.id())) {
            chip.getStyleClass().add("chosen");
        }
        chip.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && member instanceof Group group) {
                new GroupActs(desk).into(group);
            } else if (e.isShiftDown()) {
                desk.look(desk.view().toggling(desk.root().id(), member.id()));
            } else {
                choose(member);
            }
        });
        chip.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                choose(member);
            } else if (e.getCode() == KeyCode.DELETE) {
                choose(member);
                new Arrange(desk).remove();
            } else {
                return;
            }
            e.consume();
        });
        return chip;
    }

    private Note note(Member member) {
        String why = member instanceof Figure figure
                ? figure.form().schema().why()
                : "A group is set out, woven and coloured by a recipe of its own.";
        return new Note(member.name(), taken(member), DEEDS, why);
    }

    /** Which steps take a member, in words. */
    private String taken(Member member) {
        List<String> steps = desk.root().recipe().stream()
                .filter(s -> Taking.takes(s, member))
                .map(Step::title)
                .toList();
        return steps.isEmpty() ? "taken by no step" : "taken by " + String.join(", ", steps);
    }

    private void choose(Member member) {
        desk.open(Gallery.SET_OUT);
        desk.look(desk.view().choosing(desk.root().id(), Set.of(member.id())));
    }

    /** A member's lines by themselves, as they were last resolved. */
    private final class Picture {
        private final Canvas canvas = new Canvas(50, 34);
        private final Painter painter = new Painter(this::draw);
        private final String member;

        private Picture(String member) {
            this.member = member;
        }

        private void draw() {
            Scene scene = desk.resolved() == null
                    ? Scene.EMPTY
                    : desk.resolved().members().getOrDefault(member, Scene.EMPTY);
            GraphicsContext gc = canvas.getGraphicsContext2D();
            gc.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
            if (!scene.isEmpty()) {
                Camera camera = Camera.whole(scene.box(), canvas.getWidth(), canvas.getHeight(), 4);
                painter.draw(scene, Looks.own(Palette.of(desk.view().dark()), 1.2), gc, camera);
            }
        }
    }
}
