package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ObjIntConsumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.card.Clasp;
import org.hyphantes.desktop.card.MeasuresCard;
import org.hyphantes.desktop.card.ProofCard;
import org.hyphantes.desktop.card.StrandsCard;
import org.hyphantes.desktop.corner.CornerPiece;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.field.Camera;
import org.hyphantes.desktop.field.Field;
import org.hyphantes.desktop.files.Documents;
import org.hyphantes.desktop.files.FileChoice;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.rail.GaugeRail;
import org.hyphantes.desktop.rail.Snags;
import org.hyphantes.desktop.strip.RecipeStrip;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.geometry.Point;

/** The window as a bound cover: the field in the middle, a picture in each corner, the cord along the top, a sentence below. */
public final class Frame extends Pane {
    private static final double MENU = 26;
    private static final double STRIP = 96;
    private static final double WORDING = 68;
    private static final double RAIL = 46;
    private static final double GAP = 8;
    private static final double NARROW = 1180;
    private static final double WIDE = 1500;

    private final Desk desk;
    private final Field field;
    private final Wording wording;
    private final Documents documents;
    private final RecipeStrip strip;
    private final MenuBar menu;
    private final Label name = new Label();
    private final GaugeRail rail;
    private final StrandsCard strands;
    private final MeasuresCard measures;
    private final ProofCard proof;
    private final Clasp clasp;
    private final List<CornerPiece> corners = new ArrayList<>();
    private Runnable fullScreen = () -> {};

    public Frame(Desk desk, Remembered remembered, FileChoice choice, Runnable quit) {
        this.desk = desk;
        getStyleClass().add("frame");
        wording = new Wording(desk);
        documents = new Documents(desk, wording, remembered, choice);
        field = new Field(desk);
        wording.words().onFraction(field::fraction);
        wording.words().onNoun(field::become);
        wording.onHeight(this::requestLayout);
        strip = new RecipeStrip(desk, wording.words());
        Snags snags = new Snags(desk);
        rail = new GaugeRail(desk, snags);
        strands = new StrandsCard(desk);
        measures = new MeasuresCard(desk);
        proof = new ProofCard(desk);
        clasp = new Clasp(desk, documents::write);
        menu = new Menus(desk, this, remembered).bar(quit, snags, rail);
        name.getStyleClass().add("second");
        name.setId("design-name");
        name.setMouseTransparent(true);
        corners.add(new CornerPiece(desk, Stage.SET_OUT, false, false));
        corners.add(new CornerPiece(desk, Stage.WEAVE, true, false));
        corners.add(new CornerPiece(desk, Stage.PIECES, false, true));
        corners.add(new CornerPiece(desk, Stage.REPEAT, true, true));
        getChildren().addAll(menu, name, strip, field, strands, measures, proof, clasp, wording, rail);
        getChildren().addAll(corners);
        desk.viewProperty().addListener((o, was, now) -> {
            remembered.dark(now.dark());
            remembered.textures(now.textures());
            theme(now.dark());
            if (was.stage() != now.stage() || was.folded() != now.folded()) {
                requestLayout();
            }
        });
        desk.historyProperty().addListener(o -> title());
        documents.fileProperty().addListener(o -> title());
        desk.messageProperty().addListener(o -> title());
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            // Plus is a shifted key on many keyboards, and has one of its own beside the digits.
            if (e.isShortcutDown() && (e.getCode() == KeyCode.EQUALS || e.getCode() == KeyCode.ADD)) {
                closer(1.25);
                e.consume();
            } else if (e.isShortcutDown() && e.getCode() == KeyCode.SUBTRACT) {
                closer(0.8);
                e.consume();
            }
            boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
            if (e.getCode() == KeyCode.DELETE && !typing && !e.isConsumed()) {
                delete();
                e.consume();
            }
        });
    }

    Documents documents() {
        return documents;
    }

    Wording wording() {
        return wording;
    }

    Field field() {
        return field;
    }

    void onFullScreen(Runnable act) {
        fullScreen = act;
    }

    void fullScreen() {
        fullScreen.run();
    }

    private void theme(boolean dark) {
        getStyleClass().remove("dark");
        if (dark) {
            getStyleClass().add("dark");
        }
    }

    private void title() {
        String file = documents
                .fileProperty()
                .get()
                .map(Path::getFileName)
                .map(Path::toString)
                .orElse("");
        String words = desk.design().name()
                + (file.isEmpty() ? "" : " \u2014 " + file)
                + (desk.isSaved() ? "" : " (not saved)");
        if (!words.equals(name.getText())) {
            name.setText(words);
            requestLayout();
        }
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        boolean folded = desk.view().folded() || w < NARROW;
        double wing = w > WIDE ? 300 : 232;
        double top = MENU + STRIP;
        // A long sentence takes a further line, and the field gives way.
        double sentence = Math.max(WORDING, Math.min(WORDING + 60, Math.ceil(wording.prefHeight(w))));
        double bottom = h - RAIL - sentence;
        menu.resizeRelocate(0, 0, w, MENU);
        name.autosize();
        name.relocate(w - name.getWidth() - 14, 4);
        strip.resizeRelocate(0, MENU, w, STRIP);
        wording.resizeRelocate(0, bottom, w, sentence);
        rail.resizeRelocate(0, h - RAIL, w, RAIL);
        double side = folded ? 0 : wing + GAP;
        field.resizeRelocate(folded ? GAP : side, top, w - 2 * (folded ? GAP : side), bottom - top);
        corners(folded, wing, top, bottom, w);
        cards(folded, wing, top, bottom, w);
        for (Node node : List.of(field, strip, wording, rail, menu)) {
            if (node instanceof Pane pane) {
                pane.requestLayout();
            }
        }
    }

    private void corners(boolean folded, double wing, double top, double bottom, double w) {
        double cw = folded ? 92 : wing;
        double ch = folded ? 34 : 172;
        double inset = folded ? GAP + 6 : 0;
        for (int i = 0; i < 4; i++) {
            double x = i % 2 == 0 ? inset : w - cw - inset;
            double y = i < 2 ? top + (folded ? 6 : 0) : bottom - ch - (folded ? 6 : 0);
            corners.get(i).resizeRelocate(x, y, cw, ch);
            corners.get(i).toFront();
        }
    }

    private void cards(boolean folded, double wing, double top, double bottom, double w) {
        boolean setOut = desk.view().stage() == Stage.SET_OUT;
        double from = top + 178;
        double to = bottom - 178;
        strands.setVisible(!folded && !setOut);
        measures.setVisible(!folded && setOut);
        proof.setVisible(!folded);
        clasp.setVisible(!folded);
        strands.resizeRelocate(0, from, wing, to - from);
        measures.resizeRelocate(0, from, wing, to - from);
        double claspHeight = 88;
        proof.resizeRelocate(w - wing, from, wing, to - from - claspHeight - 4);
        clasp.resizeRelocate(w - wing, to - claspHeight, wing, claspHeight);
    }

    private void typed(KeyEvent event) {
        String character = event.getCharacter();
        boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
        if (typing || character.isEmpty() || event.isControlDown() || event.isAltDown() || event.isMetaDown()) {
            return;
        }
        char c = character.charAt(0);
        if (Character.isDigit(c) || c == '(' || c == '=' || c == '.' || c == '-') {
            if (desk.view().stage() == Stage.SET_OUT && desk.view().subject().isEmpty() && Character.isDigit(c)) {
                wording.beginWord(character);
                event.consume();
            } else if (wording.beginNumber(character)) {
                event.consume();
            }
        } else if (Character.isLetter(c)) {
            wording.beginWord(character);
            event.consume();
        }
    }

    /** Removes what the sentence is about. */
    void delete() {
        Optional<Subject> subject = desk.view().subject();
        if (field.deletePoint()) {
            return;
        }
        if (!desk.view().chosen().isEmpty()) {
            desk.selection().remove();
        } else if (subject.isEmpty()) {
            desk.say("Nothing selected to remove.");
        } else if (subject.get() instanceof Subject.OfStep) {
            withStep((root, i) -> desk.edit(Recipes.removeStep(
                    root, i, desk.root().recipe().get(i).treatment().schema().title())));
        }
    }

    void withStep(ObjIntConsumer<String> act) {
        desk.chosenStep()
                .ifPresentOrElse(
                        i -> act.accept(desk.root().id(), i),
                        () -> desk.warn("Choose a step of the recipe first: click its station on the cord."));
    }

    void moveStep(int by) {
        withStep((root, i) -> {
            int to = i + by;
            if (to >= 0 && to < desk.root().recipe().size()) {
                desk.edit(Recipes.moveStep(
                        root,
                        i,
                        to,
                        desk.root().recipe().get(i).treatment().schema().title()));
                desk.look(desk.view().about(new Subject.OfStep(root, to)));
            }
        });
    }

    void shuttle(int to) {
        int steps = desk.root().recipe().size();
        int kept = Math.max(0, Math.min(steps, to));
        desk.look(desk.view().withShuttle(kept));
        desk.say(
                kept == 0
                        ? "Before the first step."
                        : "After "
                                + desk.root()
                                        .recipe()
                                        .get(kept - 1)
                                        .treatment()
                                        .schema()
                                        .title() + ", step " + kept + " of " + steps + ".");
    }

    void whole() {
        desk.look(desk.view().seen(0, Point.ORIGIN));
    }

    void trueSize() {
        desk.look(desk.view().seen(96 / 25.4, field.camera().centre()));
    }

    void closer(double factor) {
        Camera camera = field.camera();
        field.see(camera.closer(factor, camera.width() / 2, camera.height() / 2));
    }

    /** Moves the keyboard to the next region: strip, field, rim, card, clasp, sentence, gauges, corners. */
    void nextRegion(int way) {
        List<Node> regions = List.of(
                strip.lookup("#cord"),
                field,
                field.lookup("#rim"),
                clasp.lookup("#write"),
                wording.lookup(".slot") == null ? field : wording.lookup(".slot"),
                rail.lookup("#reach"),
                corners.get(0));
        Node owner = getScene().getFocusOwner();
        int at = -1;
        for (int i = 0; i < regions.size(); i++) {
            if (regions.get(i) == owner) {
                at = i;
            }
        }
        regions.get(Math.floorMod(at + way, regions.size())).requestFocus();
    }
}
