package org.hyphantes.desktop.stage.pieces;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.design.Group;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Offer;
import org.hyphantes.desktop.stage.Phrase;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Pieces;

/** The stage in which enclosed pieces are joined, dropped and kept, with all their siblings. */
public final class PiecesStage implements Stage {
    @Override
    public String id() {
        return "pieces";
    }

    @Override
    public String title() {
        return "Pieces";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F4;
    }

    @Override
    public Home home() {
        return Home.SOUTH_WEST;
    }

    @Override
    public List<String> bite() {
        return List.of("narrowest", "strands");
    }

    @Override
    public Scene corner(Resolved resolved) {
        return resolved.finished().work().mosaics().isEmpty()
                ? Scene.EMPTY
                : resolved.finished().scene();
    }

    @Override
    public Look look(Palette palette) {
        return Looks.own(palette, 0.5);
    }

    @Override
    public String emptyCorner() {
        return "An undivided ring. Open it to divide.";
    }

    @Override
    public void drawHint(GraphicsContext gc, double x, double y) {
        gc.strokeOval(x - 26, y - 26, 52, 52);
        gc.strokeOval(x - 15, y - 15, 30, 30);
    }

    @Override
    public boolean shows(Phase phase, Group root) {
        return phase == Phase.PIECES
                || phase == Phase.COLOUR && root.last(Pieces.class).isPresent();
    }

    @Override
    public View opened(View there, Group root) {
        return there.about(root.last(Pieces.class)
                .map(s -> (Subject) new Subject.OfStep(root.id(), s.id()))
                .orElse(null));
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return new PiecesHand(bench, glass);
    }

    @Override
    public Optional<Region> card(Bench bench) {
        return Optional.of(new RingsCard(bench));
    }

    @Override
    public List<Offer> offers(Bench bench) {
        return List.of(
                Offer.hint("click", "select"),
                Offer.hint("drag through", "join"),
                Offer.hint(Habits.otherWay().get().doing("drag"), "drop, take back"),
                Offer.hint("double-click", "whole ring"),
                Offer.hint("Space, Insert, Delete", "select, join, drop at the needle"),
                Offer.hint("1 to 9, 0", "fill, no fill"),
                Offer.hint("keep", "only what is selected"));
    }

    @Override
    public List<Deed> deeds() {
        return List.of(
                new Deed("click, Space", "select the piece with its siblings"),
                new Deed("Ctrl+click, Shift+click", "select this one only; take in more"),
                new Deed("double-click", "select its whole ring"),
                new Deed(
                        "drag through pieces, Insert",
                        "join what the thread passes, or what is selected; again parts it"),
                new Deed(Habits.otherWay().get().doing("drag") + ", Delete", "drop pieces, or take dropped ones back"),
                new Deed(
                        Habits.otherWay().get().doing("click") + " at a corner, round 2",
                        "round that corner, or make it square again; the word by its number"),
                new Deed("1 to 9, 0; fill 11", "fill with that well, or take the fill away; again as before"),
                new Deed("drag at a gradient", "its middle, axis or a well on its way, while the sentence is about it"),
                new Deed("arrows", "carry the needle from piece to piece"),
                new Deed(
                        "select, join, drop, keep, back, round, fill 4, like 7",
                        "words, with ring 2, well 4, inside Circle, outside Circle, chequer, all"),
                new Deed("Esc", "let go"));
    }

    @Override
    public String why() {
        return "Every enclosed piece by itself, to be joined, dropped and kept, with its siblings in one act.";
    }

    @Override
    public List<Phrase> idle(Bench bench) {
        Desk desk = bench.desk();
        if (desk.root().last(Pieces.class).isPresent() || desk.resolved() == null) {
            return List.of(Phrase.of("Nothing selected. Click a piece, or type select ring 2."));
        }
        int lines = desk.resolved().finished().work().size();
        return lines == 0
                ? List.of(Phrase.of("Nothing is set out that could enclose pieces."))
                : List.of(
                        Phrase.of(
                                lines == 1
                                        ? "This line is not divided. "
                                        : "These " + lines + " lines are not divided. "),
                        Phrase.answer("Divide them?", () -> new PieceWords(bench).divide()));
    }

    @Override
    public List<String> words() {
        return PieceWords.ALL;
    }

    /** Pieces, and not figures, are selected by their rings and the like. */
    @Override
    public boolean means(String word, String rest) {
        return words().contains(word) && (rest.isEmpty() || word.equals("fill") || PieceWords.areMeantBy(rest));
    }

    @Override
    public String told(Bench bench, String word, String rest) {
        return new PieceWords(bench).told(word, rest);
    }

    @Override
    public boolean run(Bench bench, String word, String rest) {
        return new PieceWords(bench).run(word, rest);
    }
}
