package org.hyphantes.desktop.stage.weave;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.design.Group;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Offer;
import org.hyphantes.desktop.stage.Phrase;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Pieces;

/** The stage in which over and under are seen and set. */
public final class WeaveStage implements Stage {
    @Override
    public String id() {
        return "weave";
    }

    @Override
    public String title() {
        return "Weave";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F3;
    }

    @Override
    public Home home() {
        return Home.NORTH_EAST;
    }

    @Override
    public List<String> bite() {
        return List.of("crossings");
    }

    @Override
    public Scene corner(Resolved resolved) {
        return resolved.finished().scene();
    }

    @Override
    public boolean shows(Phase phase, Group root) {
        return phase != Phase.SETTING_OUT
                && phase != Phase.REPEAT
                && phase != Phase.PIECES
                && (phase != Phase.COLOUR || root.last(Pieces.class).isEmpty());
    }

    @Override
    public View opened(View there, Group root) {
        return there.about(root.last(Interlace.class)
                .map(s -> (Subject) new Subject.OfStep(root.id(), s.id()))
                .orElse(null));
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return new WeaveHand(bench.desk(), glass);
    }

    @Override
    public Optional<Region> card(Bench bench) {
        return Optional.of(new StrandsCard(bench.desk()));
    }

    @Override
    public List<Offer> offers(Bench bench) {
        return List.of(
                Offer.hint("click", "swap"),
                Offer.hint("drag along a strand", "lay it"),
                Offer.hint("stroke from the ground", "break, rejoin"),
                Offer.hint(Habits.otherWay().get().doing("click"), "release"),
                Offer.hint("letter, 1 to 9", "lift, fill"),
                Offer.hint("Space, Insert", "swap, break at the needle"));
    }

    @Override
    public List<Deed> deeds() {
        return List.of(
                new Deed("click, Space", "swap the crossing, with all that the act reaches"),
                new Deed("Ctrl+click, Shift+click", "swap this one only; one step broader"),
                new Deed(
                        Habits.otherWay().get().doing("click") + ", right button, Enter",
                        "release it, so that it follows the rhythm again"),
                new Deed(
                        "drag along a band",
                        "lay its strand over, under, over from there; with "
                                + Habits.otherWay().get().held() + " under first"),
                new Deed(
                        "stroke from ground to ground",
                        "break the crossing between; again rejoins it, across it turns the break"),
                new Deed("Insert", "break level, then upright, then rejoin, at the needle"),
                new Deed(
                        "1 to 9, 0; fill 11 B",
                        "fill the strand that is lifted, or take its fill away; again as before"),
                new Deed("click a letter", "lift that strand; again, or Esc, lays it down"),
                new Deed("arrows", "carry the needle from crossing to crossing"),
                new Deed("Esc", "let go"));
    }

    @Override
    public String why() {
        return "Only what is out of turn needs to be said; all else follows the rhythm, whatever the lines do.";
    }

    @Override
    public List<Phrase> idle(Bench bench) {
        Desk desk = bench.desk();
        boolean woven = desk.root().last(Interlace.class).isPresent();
        if (woven || desk.resolved() == null) {
            return Stage.super.idle(bench);
        }
        int lines = desk.resolved().finished().work().strandlike().size();
        if (lines == 0 && !desk.root().members().isEmpty()) {
            return Stage.super.idle(bench);
        }
        String crossings = desk.resolved().inspection().reading("crossings").text();
        return List.of(
                Phrase.of((lines == 1 ? "1 line: " : lines + " lines: ") + crossings + ". "),
                Phrase.answer("Interlace them?", () -> new RecipeActs(desk).interlace()));
    }

    @Override
    public List<String> words() {
        return WeaveWords.ALL;
    }

    @Override
    public boolean run(Bench bench, String word, String rest) {
        return new WeaveWords(bench.desk()).run(word, rest);
    }
}
