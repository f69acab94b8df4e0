package org.hyphantes.desktop.stage.repeat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.symmetry.Tiling;
import org.hyphantes.treatment.Repeat;

/** All groups, by their turns, each a small tile drawn with the motif in hand; one is chosen by a click or Enter. */
final class GroupsCard extends BorderPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final double WIDE = 34;
    private static final double HIGH = 24;

    /** So many cells of a pattern are seen on a small tile. */
    private static final double CELLS = 2;

    /** Of a motif of more lines only so many are drawn small. */
    private static final int MOST = 60;

    /** A line so many times as large as a cell would be laid too often to show anything. */
    private static final double LARGEST = 60;

    /** By the highest order of turning; after them the friezes. */
    private static final Map<String, List<RepeatGroup>> ROWS = rows();

    private final Desk desk;
    private final RepeatActs acts;
    private final Map<RepeatGroup, Button> tiles = new EnumMap<>(RepeatGroup.class);
    private final List<Unhurried> pictures = new ArrayList<>();

    /**
     * What may be chosen next is resolved when what was chosen has been drawn, and told in words: it takes a core of its own. Before that is drawn again
     * exactly, though: a hand that pages fast would wait for the next, which then would have to be drawn within the act.
     */
    private final PauseTransition drawn = new PauseTransition(Duration.millis(60));

    private List<Path> motif = List.of();
    private Repeat shown;
    private boolean dark;

    GroupsCard(Desk desk) {
        this.desk = desk;
        this.acts = new RepeatActs(desk);
        setId("groups-card");
        getStyleClass().add("card");
        Label title = new Label("Turns");
        title.getStyleClass().add("title");
        setTop(title);
        VBox rows = new VBox(5);
        rows.setPadding(new Insets(4, 0, 0, 0));
        ROWS.forEach((name, groups) -> {
            Label turns = new Label(name);
            turns.getStyleClass().add("second");
            turns.setMinWidth(12);
            FlowPane flow = new FlowPane(2, 2);
            flow.setPrefWrapLength(190);
            groups.forEach(g -> flow.getChildren().add(tile(g)));
            HBox row = new HBox(3, turns, flow);
            row.setAlignment(Pos.TOP_LEFT);
            rows.getChildren().add(row);
        });
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare-scroll");
        setCenter(scroll);
        drawn.setOnFinished(e -> {
            if (desk.view().stage().equals("repeat")) {
                acts.foreseeNext();
            }
        });
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener(o -> unhurried.wish());
        desk.settledProperty().addListener((o, was, settled) -> {
            if (settled) {
                drawn.playFromStart();
            } else {
                drawn.stop();
            }
        });
        refresh();
    }

    private static Map<String, List<RepeatGroup>> rows() {
        Map<String, List<RepeatGroup>> rows = new java.util.LinkedHashMap<>();
        rows.put("1", List.of(RepeatGroup.P1, RepeatGroup.PM, RepeatGroup.PG, RepeatGroup.CM));
        rows.put("2", List.of(RepeatGroup.P2, RepeatGroup.P2MM, RepeatGroup.P2MG, RepeatGroup.P2GG, RepeatGroup.C2MM));
        rows.put("3", List.of(RepeatGroup.P3, RepeatGroup.P3M1, RepeatGroup.P31M));
        rows.put("4", List.of(RepeatGroup.P4, RepeatGroup.P4MM, RepeatGroup.P4GM));
        rows.put("6", List.of(RepeatGroup.P6, RepeatGroup.P6MM));
        rows.put(
                "\u2194",
                List.of(
                        RepeatGroup.FRIEZE_P1,
                        RepeatGroup.FRIEZE_P211,
                        RepeatGroup.FRIEZE_P1M1,
                        RepeatGroup.FRIEZE_P11M,
                        RepeatGroup.FRIEZE_P11G,
                        RepeatGroup.FRIEZE_P2MM,
                        RepeatGroup.FRIEZE_P2MG));
        return rows;
    }

    private Button tile(RepeatGroup group) {
        String word = Entry.word(group);
        Button tile = new Button(word.replace("frieze ", ""), new Canvas(WIDE, HIGH));
        tile.setId("group-" + word.replace(' ', '-'));
        tile.setContentDisplay(ContentDisplay.TOP);
        tile.getStyleClass().add("group-tile");
        tile.setTooltip(new Tooltip("Repeat by " + word));
        tile.setAccessibleText("Repeat by " + word);
        tile.setOnAction(e -> acts.group(group));
        tile.hoverProperty().addListener((o, was, now) -> foresee(group, now));
        tile.focusedProperty().addListener((o, was, now) -> foresee(group, now));
        tiles.put(group, tile);
        // One by one: all together would hold up the window for half a second.
        pictures.add(Unhurried.picture(() -> draw((Canvas) tile.getGraphic(), group)));
        return tile;
    }

    /** What the pointer or the needle rests on is likely to be chosen. */
    private void foresee(RepeatGroup group, boolean likely) {
        if (likely && desk.settledProperty().get()) {
            acts.foresee(group);
        }
    }

    private void refresh() {
        if (desk.resolved() == null || !desk.view().stage().equals("repeat")) {
            return;
        }
        Optional<Repeat> repeat = acts.repeat();
        List<Path> lines = acts.motif(MOST);
        Repeat now = repeat.orElseGet(() -> fitted(lines));
        tiles.forEach(
                (group, tile) -> tile.pseudoClassStateChanged(CHOSEN, repeat.isPresent() && now.group() == group));
        // Every tile is of a group of its own, whichever the design is repeated by.
        boolean alike =
                shown != null && shown.with("group", Entry.word(now.group())).equals(now);
        if (lines.equals(motif) && alike && dark == desk.view().dark()) {
            return;
        }
        motif = lines;
        shown = now;
        dark = desk.view().dark();
        pictures.forEach(Unhurried::wish);
    }

    /** A repeat whose cells hold the lines, while there is none yet. */
    private static Repeat fitted(List<Path> lines) {
        Box box = Box.round(lines.stream().map(Path::box).toList());
        double wide = Math.max(1, 1.4 * Math.max(box.width(), box.height()));
        return Repeat.STARTING.with("width", Amount.of(wide)).with("height", Amount.of(wide));
    }

    private void draw(Canvas canvas, RepeatGroup group) {
        Palette palette = Palette.of(dark);
        GraphicsContext gc = canvas.getGraphicsContext2D();
        gc.setFill(palette.paper());
        gc.fillRect(0, 0, WIDE, HIGH);
        Tiling tiling = shown.with("group", Entry.word(group)).tiling();
        Lattice lattice = tiling.lattice();
        Point centre = tiling.origin().plus(lattice.at(0.5, lattice.down().isEmpty() ? 0 : 0.5));
        double least = Math.min(
                lattice.across().length(),
                lattice.down().map(Point::length).orElse(lattice.across().length()));
        double scale = WIDE / (CELLS * lattice.across().length());
        if (least * scale < 1) {
            // Cells of less than a pixel are no picture.
            return;
        }
        Camera camera = new Camera(WIDE, HIGH, centre, scale);
        Box seen = camera.seen();
        Tracer tracer = new Tracer(gc, camera);
        gc.setStroke(palette.ink());
        gc.setLineWidth(0.8);
        gc.beginPath();
        for (Affine map : tiling.tile(1, 1)) {
            for (Path path : motif) {
                Path there = path.map(map);
                if (isTooLarge(there.box(), seen)) {
                    continue;
                }
                for (Lattice.Steps steps : lattice.reaching(there.box(), seen)) {
                    tracer.trace(there.map(Affine.shift(lattice.shift(steps))));
                }
            }
        }
        gc.stroke();
    }

    private static boolean isTooLarge(Box line, Box seen) {
        return line.width() > LARGEST * seen.width() || line.height() > LARGEST * seen.height();
    }
}
