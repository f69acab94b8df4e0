package org.hyphantes.desktop.strip;

import java.util.List;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Standing;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.field.Camera;
import org.hyphantes.desktop.field.Painter;
import org.hyphantes.desktop.wording.Words;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Watch;

/** The recipe of the design: at one end what it contains, then the cord of treatments, at the other end what comes of it. */
public final class RecipeStrip extends Pane {
    private static final double END = 232;

    private final Desk desk;
    private final Words words;
    private final Label name = new Label();
    private final Label count = new Label();
    private final HBox chips = new HBox(5);
    private final VBox contents;
    private final Cord cord;
    private final Canvas result = new Canvas(96, 80);
    private final Label summary = new Label();

    public RecipeStrip(Desk desk, Words words) {
        this.desk = desk;
        this.words = words;
        setId("strip");
        getStyleClass().add("strip");
        name.getStyleClass().add("title");
        count.getStyleClass().add("second");
        summary.getStyleClass().add("second");
        summary.setWrapText(true);
        ScrollPane scroll = new ScrollPane(chips);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPannable(true);
        scroll.setFitToHeight(true);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(6, name, count, gap, adder());
        head.setAlignment(Pos.CENTER_LEFT);
        name.setMinWidth(40);
        contents = new VBox(3, head, scroll);
        contents.setPadding(new Insets(5, 8, 4, 10));
        cord = new Cord(desk);
        getChildren().addAll(contents, cord, result, summary);
        Unhurried contentsDrawn = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> contentsDrawn.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.subject().equals(now.subject())
                    || !was.chosen().equals(now.chosen())
                    || !was.group().equals(now.group())
                    || was.dark() != now.dark()) {
                refresh();
                drawResult();
            }
        });
        Unhurried resultDrawn = new Unhurried(this::drawResult);
        desk.resolvedProperty().addListener(o -> resultDrawn.wish());
    }

    @Override
    protected void layoutChildren() {
        contents.resizeRelocate(0, 0, END, getHeight());
        cord.resizeRelocate(END + 8, 0, getWidth() - 2 * (END + 8), getHeight());
        result.relocate(getWidth() - END + 8, 8);
        summary.resizeRelocate(getWidth() - END + 112, 8, 112, 80);
    }

    private void refresh() {
        name.setText(
                desk.view().group().equals(View.OUTERMOST)
                        ? desk.root().name()
                        : "in " + desk.root().name());
        int figures = desk.root().members().size();
        count.setText(figures == 1 ? "1 figure" : figures + " figures");
        chips.getChildren().clear();
        for (Member member : desk.root().members()) {
            chips.getChildren().add(chip(member));
        }
    }

    private Label adder() {
        Label add = new Label("+ add");
        add.setId("add-figure");
        add.setAccessibleText("Add a figure");
        add.getStyleClass().add("add");
        add.setFocusTraversable(true);
        add.setOnMouseClicked(e -> adding(add));
        add.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                adding(add);
                e.consume();
            }
        });
        return add;
    }

    private void adding(Label at) {
        ContextMenu menu = new ContextMenu();
        for (Form form : Form.EACH) {
            MenuItem item = new MenuItem(form.schema().title());
            item.setOnAction(e -> words.figure(form, ""));
            menu.getItems().add(item);
        }
        menu.show(at, Side.BOTTOM, 0, 0);
    }

    private VBox chip(Member member) {
        Canvas picture = new Canvas(50, 34);
        Label label = new Label(member.name());
        VBox chip = new VBox(picture, label);
        chip.getStyleClass().add("chip");
        if (!member.standing().counts() || member.standing().locked()) {
            // Said in words, for a mark alone would have to be learned.
            label.setText(String.join(", ", member.standing().words()));
            chip.getStyleClass().add("aside");
        }
        chip.setFocusTraversable(true);
        chip.setAccessibleText((member instanceof Group ? "Group " : "Figure ") + member.name());
        drawMember(picture, member.standing(Standing.PLAIN));
        if (desk.view().chosen().contains(member.id())) {
            chip.getStyleClass().add("chosen");
        }
        chip.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && member instanceof Group group) {
                desk.into(group);
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
                desk.selection().remove();
            } else {
                return;
            }
            e.consume();
        });
        return chip;
    }

    private void choose(Member member) {
        desk.openStage(Stage.SET_OUT);
        desk.look(desk.view().choosing(desk.root().id(), Set.of(member.id())));
    }

    private void drawMember(Canvas picture, Member figure) {
        Palette palette = Palette.of(desk.view().dark());
        Artwork artwork = new Resolver()
                .resolve(
                        desk.root().withRecipe(List.of()).withMembers(List.of(figure)),
                        desk.design().page().ground(),
                        Watch.NONE);
        Camera camera = Camera.whole(artwork.box(), picture.getWidth(), picture.getHeight(), 4);
        new Painter(picture.getGraphicsContext2D(), camera, palette, desk.root()).lines(artwork, Set.of(), 1.2);
    }

    private void drawResult() {
        if (desk.resolved() == null) {
            return;
        }
        Palette palette = Palette.of(desk.view().dark());
        Artwork artwork = desk.resolved().finished();
        Camera camera = Camera.whole(artwork.box(), result.getWidth(), result.getHeight(), 5);
        Painter painter = new Painter(result.getGraphicsContext2D(), camera, palette, desk.root());
        painter.clear(palette.paper());
        painter.bands(artwork, 0.5);
        int crossings = artwork.work().weaves().stream()
                .mapToInt(l -> l.weave().crossings().size())
                .sum();
        summary.setText(desk.resolved().inspection().readings().get(0).text().replaceAll(",.*", " strands") + "\n"
                + crossings + " crossings\n" + artwork.shapes().size()
                + (crossings > 0 ? " courses" : " lines"));
    }
}
