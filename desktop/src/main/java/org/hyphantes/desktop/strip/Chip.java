package org.hyphantes.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.GroupActs;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.act.Taking;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.scene.Scene;

/** A figure or group in hand, with its picture and its name. It stays while its member does: what is made anew is styled anew, which takes long. */
final class Chip extends VBox {
    static final String CHOSEN = "chosen";

    /** What can be done with a chip. */
    private static final List<Deed> DEEDS = List.of(
            new Deed("click, Enter", "select it, and make the sentence about it"),
            new Deed("Shift+click", "take it into the selection, or out of it"),
            new Deed("double-click, Alt+Down", "into a group; Alt+Up leads out again"),
            new Deed("Delete", "remove it"));

    private final Desk desk;
    private final Canvas canvas = new Canvas(50, 34);
    private final Painter painter = new Painter(this::draw);
    private final Label label = new Label();
    private final Tooltip tooltip = new Tooltip();
    private Member member;

    Chip(Desk desk, Member member) {
        this.desk = desk;
        this.member = member;
        getChildren().setAll(canvas, label);
        setFocusTraversable(true);
        Tooltip.install(this, tooltip);
        Note.on(this, this::note);
        setOnMouseClicked(this::clicked);
        setOnKeyPressed(this::pressed);
    }

    /** Shows the member as it is now. */
    void show(Member now) {
        member = now;
        List<String> styles = new ArrayList<>(List.of("chip"));
        boolean aside = !member.standing().counts() || member.standing().locked();
        if (aside) {
            styles.add("aside");
        }
        // While the sentence is about a step, what it takes stands out.
        new RecipeActs(desk).chosen().ifPresent(step -> styles.add(Taking.takes(step, member) ? "taken" : "left"));
        if (desk.view().chosen().contains(member.id())) {
            styles.add(CHOSEN);
        }
        if (!getStyleClass().equals(styles)) {
            getStyleClass().setAll(styles);
        }
        // Said in words, for a mark alone would have to be learned.
        label.setText(aside ? String.join(", ", member.standing().words()) : member.name());
        setAccessibleText((member instanceof Group ? "Group " : "Figure ") + member.name() + ", " + taken());
        tooltip.setText(member.name() + ": " + taken() + ".");
        draw();
    }

    private void clicked(MouseEvent event) {
        if (event.getClickCount() == 2 && member instanceof Group group) {
            new GroupActs(desk).into(group);
        } else if (event.isShiftDown()) {
            desk.look(desk.view().toggling(desk.root().id(), member.id()));
        } else {
            choose();
        }
    }

    private void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            choose();
        } else if (event.getCode() == KeyCode.DELETE) {
            choose();
            new Arrange(desk).remove();
        } else {
            return;
        }
        event.consume();
    }

    private void choose() {
        desk.open(Gallery.SET_OUT);
        desk.look(desk.view().choosing(desk.root().id(), Set.of(member.id())));
    }

    private Note note() {
        String why = member instanceof Figure figure
                ? figure.form().schema().why()
                : "A group is set out, woven and coloured by a recipe of its own.";
        return new Note(member.name(), taken(), DEEDS, why);
    }

    /** Which steps take the member, in words. */
    private String taken() {
        List<String> steps = desk.root().recipe().stream()
                .filter(s -> Taking.takes(s, member))
                .map(Step::title)
                .toList();
        return steps.isEmpty() ? "taken by no step" : "taken by " + String.join(", ", steps);
    }

    /** The member's lines by themselves, as they were last resolved. */
    private void draw() {
        Scene scene = desk.resolved() == null
                ? Scene.EMPTY
                : desk.resolved().members().getOrDefault(member.id(), Scene.EMPTY);
        GraphicsContext gc = canvas.getGraphicsContext2D();
        gc.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (!scene.isEmpty()) {
            Camera camera = Camera.whole(scene.box(), canvas.getWidth(), canvas.getHeight(), 4);
            painter.draw(scene, Looks.own(Palette.of(desk.view().dark()), 1.2), gc, camera);
        }
    }
}
