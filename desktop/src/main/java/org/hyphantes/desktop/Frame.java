package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import org.hyphantes.desktop.card.Clasp;
import org.hyphantes.desktop.card.ProofCard;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.corner.CornerPiece;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.desktop.field.Field;
import org.hyphantes.desktop.files.Documents;
import org.hyphantes.desktop.files.FileChoice;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.leaf.HelpLeaf;
import org.hyphantes.desktop.leaf.KeyLine;
import org.hyphantes.desktop.leaf.KeysLeaf;
import org.hyphantes.desktop.leaf.SettingsLeaf;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.desktop.rail.GaugeRail;
import org.hyphantes.desktop.rail.Snags;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.desktop.strip.RecipeStrip;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.exchange.format.Formats;

/** The window as a bound cover: the field in the middle, a picture in each corner, the cord along the top, a sentence below. */
public final class Frame extends Pane {
    private static final double MENU = 26;
    private static final double STRIP = 96;
    private static final double WORDING = 84;
    private static final double RAIL = 46;
    private static final double GAP = 8;
    private static final double NARROW = 1180;
    private static final double WIDE = 1500;
    private static final double CLASP = 88;

    /** The simulated machine in this window. */
    Workshop workshop() {
        return workshop;
    }

    /** The desk in this window, for what works it from outside. */
    Desk desk() {
        return desk;
    }

    /** What the cards between two corners need for all they say. */
    private static final double CARDS = 220;

    private final Desk desk;
    private final Workshop workshop;
    private final Field field;
    private final Wording wording;
    private final Documents documents;
    private final RecipeStrip strip;
    private final MenuBar menu;
    private final Label name = new Label();
    private final GaugeRail rail;
    private final ProofCard proof;
    private final Clasp clasp;
    private final Map<Home, CornerPiece> corners = new EnumMap<>(Home.class);
    private final Map<String, Region> cards = new LinkedHashMap<>();

    /** Those of the right wing, which stand where the proof is. */
    private final Map<String, Region> rightCards = new LinkedHashMap<>();

    private final Theme theme;
    /** Seen round the field while it has the keyboard. */
    private final Region ring = new Region();

    private final HelpLeaf help;
    private final KeysLeaf keys;
    private final SettingsLeaf settings;
    private final InvalidationListener typeSized = o -> typeSized();
    private Runnable fullScreen = () -> {};

    public Frame(Bench bench, Remembered remembered, FileChoice choice, Runnable quit) {
        this.desk = bench.desk();
        this.workshop = bench.workshop();
        workshop.formatProperty()
                .set(Formats.of(Path.of("a" + remembered.machined())).orElseThrow());
        workshop.formatProperty().addListener((o, was, now) -> remembered.machined(now.ending()));
        getStyleClass().add("frame");
        wording = new Wording(bench, Stages.EACH);
        documents = new Documents(desk, wording, remembered, choice);
        field = new Field(bench, Stages.EACH);
        wording.words().onTyped(text -> field.ask(h -> h.typed(text)));
        wording.onHeight(this::requestLayout);
        strip = new RecipeStrip(bench);
        Snags snags = new Snags(desk);
        rail = new GaugeRail(bench, snags);
        proof = new ProofCard(desk);
        Stage handOver = Stages.EACH.stream()
                .filter(s -> s.home() == Home.CLASP)
                .findFirst()
                .orElseThrow();
        clasp = new Clasp(bench, handOver, documents::write);
        WindowActs acts = new WindowActs(desk, field, wording);
        help = new HelpLeaf(desk);
        keys = new KeysLeaf(this::keyLines);
        settings = new SettingsLeaf(desk);
        menu = new Menus(
                        bench,
                        acts,
                        new MenuTargets(
                                documents, snags, quit, () -> fullScreen.run(), help::turn, keys::lay, settings::lay),
                        remembered)
                .bar();
        name.getStyleClass().add("second");
        name.setId("design-name");
        name.setMouseTransparent(true);
        ring.getStyleClass().add("field-ring");
        ring.setMouseTransparent(true);
        ring.visibleProperty().bind(field.focusedProperty());
        getChildren().addAll(menu, name, strip, field, ring);
        Stages.EACH.forEach(stage -> lay(stage, bench));
        getChildren().addAll(proof, clasp, wording, rail);
        for (Stage stage : Stages.EACH) {
            if (stage.home() != Home.CLASP) {
                corners.put(stage.home(), new CornerPiece(desk, stage));
            }
        }
        // Last, and so in front of the field, over which they lie while the wings are folded.
        getChildren().addAll(corners.values());
        getChildren().addAll(help, keys, settings);
        Note.on(field, this::fieldNote);
        bench.focus().at(Focus.Place.CORNERS, () -> corners.get(Home.NORTH_WEST));
        theme = new Theme(this);
        listen(remembered, acts);
    }

    /** Lays the cards of a stage into the wings. */
    private void lay(Stage stage, Bench bench) {
        stage.card(bench).ifPresent(card -> {
            cards.put(stage.id(), card);
            getChildren().add(card);
        });
        stage.rightCard(bench).ifPresent(card -> {
            rightCards.put(stage.id(), card);
            getChildren().add(card);
        });
    }

    private List<KeyLine> keyLines() {
        return KeyLines.of(menu, Stages.EACH);
    }

    private Note fieldNote() {
        Stage stage = Stages.EACH.stream()
                .filter(s -> s.id().equals(desk.view().stage()))
                .findFirst()
                .orElseThrow();
        return new Note(stage.title(), field.at() + ".", stage.deeds(), stage.why());
    }

    private void listen(Remembered remembered, WindowActs acts) {
        workshop.formatProperty()
                .set(Formats.of(Path.of("a" + remembered.machined())).orElseThrow());
        workshop.formatProperty().addListener((o, was, now) -> remembered.machined(now.ending()));
        desk.viewProperty().addListener((o, was, now) -> {
            remembered.dark(now.dark());
            remembered.textures(now.textures());
            theme.show(now.dark());
            if (!was.stage().equals(now.stage()) || was.folded() != now.folded()) {
                requestLayout();
            }
        });
        Habits.type().addListener(new WeakInvalidationListener(typeSized));
        desk.historyProperty().addListener(o -> title());
        documents.fileProperty().addListener(o -> title());
        desk.messageProperty().addListener(o -> title());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && documents.breakOff()) {
                e.consume();
            }
        });
        addEventHandler(KeyEvent.KEY_TYPED, e -> {
            if (!isTyping()) {
                acts.typed(e);
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (!e.isConsumed() && !(isTyping() && e.getCode() == KeyCode.DELETE)) {
                acts.pressed(e);
            }
        });
    }

    /** Lays all out anew for words of another size. */
    private void typeSized() {
        theme.renew();
        rail.sized();
        requestLayout();
    }

    private boolean isTyping() {
        return getScene().getFocusOwner() instanceof TextInputControl;
    }

    public Documents documents() {
        return documents;
    }

    Field field() {
        return field;
    }

    /** What the window hears keys with before all that is in it. */
    MenuLetters menuLetters() {
        return new MenuLetters(menu);
    }

    void onFullScreen(Runnable act) {
        fullScreen = act;
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
        boolean folded = desk.view().folded() || w < Habits.of(NARROW);
        double wing = w > Habits.of(WIDE) ? Habits.of(300) : Habits.of(232);
        double bar = Habits.of(MENU);
        double top = bar + Habits.of(STRIP);
        double below = rail.rows(w) * Habits.of(RAIL);
        // There is room for two lines, so that the field stays where it is; only a third makes it give way.
        double room = Habits.of(WORDING);
        double sentence = Math.max(room, Math.min(room + Habits.of(60), Math.ceil(wording.prefHeight(w))));
        double bottom = h - below - sentence;
        menu.resizeRelocate(0, 0, w, bar);
        name.autosize();
        name.relocate(w - name.getWidth() - 14, 4);
        strip.resizeRelocate(0, bar, w, top - bar);
        wording.resizeRelocate(0, bottom, w, sentence);
        rail.resizeRelocate(0, h - below, w, below);
        double side = folded ? GAP : wing + GAP;
        field.resizeRelocate(side, top, w - 2 * side, bottom - top);
        ring.resizeRelocate(side, top, w - 2 * side, bottom - top);
        corners(folded, wing, top, bottom, w);
        cards(folded, wing, top, bottom, w);
        leaves(top, w, h);
    }

    /** Leaves lie over the field and beyond it, so that they can be read: help at the left, the others in the middle. */
    private void leaves(double top, double w, double h) {
        double high = h - top - 16;
        double wide = Math.min(w - 32, Habits.of(400));
        help.resizeRelocate(8, top + 8, wide, Math.min(high, Math.ceil(help.prefHeight(wide))));
        double list = Math.min(w - 32, Habits.of(680));
        keys.resizeRelocate(Math.rint((w - list) / 2), top + 8, list, Math.min(high, Habits.of(540)));
        double board = Math.min(w - 32, Habits.of(520));
        settings.resizeRelocate(
                Math.rint((w - board) / 2), top + 8, board, Math.min(high, Math.ceil(settings.prefHeight(board))));
    }

    private void corners(boolean folded, double wing, double top, double bottom, double w) {
        double cw = folded ? Habits.of(92) : wing;
        double ch = folded ? Habits.of(34) : corner(top, bottom);
        double inset = folded ? GAP + 6 : 0;
        corners.forEach((home, corner) -> {
            double x = home.isRight() ? w - cw - inset : inset;
            double y = home.isLower() ? bottom - ch - (folded ? 6 : 0) : top + (folded ? 6 : 0);
            corner.resizeRelocate(x, y, cw, ch);
        });
    }

    /** How high the corners are: where a long sentence takes room, they give way, so that nothing on the cards is cut off. */
    private static double corner(double top, double bottom) {
        return Math.max(Habits.of(140), Math.min(Habits.of(172), (bottom - top - Habits.of(CARDS)) / 2));
    }

    private void cards(boolean folded, double wing, double top, double bottom, double w) {
        double from = top + corner(top, bottom) + 6;
        double to = bottom - corner(top, bottom) - 6;
        double clasped = Habits.of(CLASP);
        cards.forEach((stage, card) -> {
            card.setVisible(!folded && stage.equals(desk.view().stage()));
            card.resizeRelocate(0, from, wing, to - from);
        });
        rightCards.forEach((stage, card) -> {
            card.setVisible(!folded && stage.equals(desk.view().stage()));
            card.resizeRelocate(w - wing, from, wing, to - from - clasped - 4);
        });
        proof.setVisible(!folded && !rightCards.containsKey(desk.view().stage()));
        clasp.setVisible(!folded);
        proof.resizeRelocate(w - wing, from, wing, to - from - clasped - 4);
        clasp.resizeRelocate(w - wing, to - clasped, wing, clasped);
    }
}
