package org.hyphantes.desktop.stage.repeat;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.design.Group;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.desk.Bench;
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
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Repeat;

/** The stage in which a tile is seen among its copies: its size, its group and its seams. */
public final class RepeatStage implements Stage {
    @Override
    public String id() {
        return "repeat";
    }

    @Override
    public String title() {
        return "Repeat";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F5;
    }

    @Override
    public Home home() {
        return Home.SOUTH_EAST;
    }

    @Override
    public List<String> bite() {
        return List.of("seam");
    }

    @Override
    public Scene corner(Resolved resolved) {
        return resolved.design().root().lastOf(Repeat.class).isEmpty()
                ? Scene.EMPTY
                : resolved.finished().scene();
    }

    @Override
    public String emptyCorner() {
        return "One tile alone. Open it to repeat it.";
    }

    @Override
    public void drawHint(GraphicsContext gc, double x, double y) {
        gc.strokeRect(x - 22, y - 22, 44, 44);
    }

    @Override
    public boolean shows(Phase phase, Group root) {
        return phase == Phase.REPEAT;
    }

    @Override
    public View opened(View there, Group root) {
        return there.about(root.last(Repeat.class)
                .map(s -> (Subject) new Subject.OfStep(root.id(), s.id()))
                .orElse(null));
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return new RepeatHand(bench.desk(), glass);
    }

    @Override
    public Optional<Region> card(Bench bench) {
        return Optional.of(new GroupsCard(bench.desk()));
    }

    @Override
    public List<Offer> offers(Bench bench) {
        Offer group = Offer.hint("Page Up, Page Down", "group");
        if (bench.desk().root().lastOf(Repeat.class).filter(Repeat::isAlong).isPresent()) {
            // Along a line there is no tile.
            return List.of(group);
        }
        return List.of(
                Offer.hint("drag a rail", "tile size"),
                Offer.hint("drag a line", "move its figure, in any copy"),
                Offer.hint(Habits.otherWay().get().doing("drag") + " a corner", "skew"),
                group,
                Offer.hint("1 to 9", "tiles seen"),
                Offer.hint("Space", "neighbours full, pale, hidden"));
    }

    @Override
    public List<Deed> deeds() {
        return List.of(
                new Deed("drag a rail, or a side of the tile", "the size of the tile; by its lower corner both ways"),
                new Deed("drag its upper corner", "where the tile begins"),
                new Deed(
                        Habits.otherWay().get().doing("drag") + " its lower corner",
                        "skew: how far each row is set off from the one before"),
                new Deed("drag a line", "move its figure, in whichever copy; Shift along one axis"),
                new Deed("click a line", "the sentence about its figure"),
                new Deed("Page Up, Page Down", "the group before, the next"),
                new Deed("1 to 9", "so many tiles each way are seen"),
                new Deed("Space", "neighbours full, pale or hidden"),
                new Deed("Insert", "centres of turning, mirrors, glides and the share of a cell, shown or not"),
                new Deed("arrows", "carry the needle from seam mark to seam mark"),
                new Deed("Esc", "let go"));
    }

    @Override
    public String why() {
        return "One motif in every place of a pattern: what leaves a tile on one side enters it on the other, woven throughout.";
    }

    @Override
    public List<Phrase> idle(Bench bench) {
        RepeatActs acts = new RepeatActs(bench.desk());
        if (acts.step().isPresent()) {
            return Stage.super.idle(bench);
        }
        return bench.desk().root().members().isEmpty()
                ? List.of(Phrase.of("Nothing is set out yet that could be repeated."))
                : List.of(
                        Phrase.of("One motif, no repeat. "),
                        Phrase.answer("Repeat it?", () -> acts.group(RepeatGroup.P1)));
    }
}
