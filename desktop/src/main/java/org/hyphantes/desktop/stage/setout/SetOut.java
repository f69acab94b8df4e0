package org.hyphantes.desktop.stage.setout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
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
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Phase;

/** The stage in which figures are laid. */
public final class SetOut implements Stage {
    @Override
    public String id() {
        return Gallery.SET_OUT;
    }

    @Override
    public String title() {
        return "Set out";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F2;
    }

    @Override
    public Home home() {
        return Home.NORTH_WEST;
    }

    @Override
    public List<String> bite() {
        return List.of("strands");
    }

    @Override
    public Scene corner(Resolved resolved) {
        return resolved.lines();
    }

    @Override
    public Look look(Palette palette) {
        return Looks.own(palette, 1);
    }

    @Override
    public boolean shows(Phase phase, Group root) {
        return phase == Phase.SETTING_OUT;
    }

    /** About the figure that is chosen, or else the first. */
    @Override
    public View opened(View there, Group root) {
        if (there.subject().filter(Subject.OfFigure.class::isInstance).isPresent()) {
            return there;
        }
        return there.about(root.members().stream()
                .filter(Figure.class::isInstance)
                .findFirst()
                .map(f -> (Subject) new Subject.OfFigure(root.id(), f.id()))
                .orElse(null));
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return new SetOutHand(bench, glass);
    }

    @Override
    public Optional<Region> card(Bench bench) {
        return Optional.of(new MeasuresCard(bench.desk()));
    }

    @Override
    public List<Offer> offers(Bench bench) {
        FigureActs figures = new FigureActs(bench);
        List<Offer> offers = new ArrayList<>();
        for (Form form : Form.EACH) {
            String word = form.schema().word();
            offers.add(Offer.act(word, () -> figures.add(word)));
        }
        offers.add(Offer.hint("", hint(bench.desk())));
        return offers;
    }

    /** What the hand and the keys do here, in one line. */
    private static String hint(Desk desk) {
        boolean path = desk.view()
                .subject()
                .flatMap(s -> s.in(desk.design()))
                .filter(Drawn.class::isInstance)
                .isPresent();
        if (path) {
            return "drag a point or a side \u00b7 double-click adds a point \u00b7 Space corner or smooth";
        }
        return desk.view().chosen().isEmpty()
                ? "drag lays it \u00b7 letters begin a word \u00b7 Enter, arrows, Enter too"
                : "drag or arrows move it \u00b7 Shift takes in more \u00b7 Esc lets go";
    }

    @Override
    public List<Deed> deeds() {
        return List.of(
                new Deed("drag", "lay the figure named last from one known point to another"),
                new Deed(
                        Habits.otherWay().get().doing("drag") + ", right button",
                        "lay it the other way: by diameter, by the middle of a side, on to the edge"),
                new Deed("Shift, Ctrl while dragging", "hold to whole units and to the net; be free of both"),
                new Deed("Page Up, Page Down", "go through known points that lie close together"),
                new Deed("click, Shift+click", "select what is there; take in more"),
                new Deed("Shift+drag, Ctrl+Shift+drag", "select by a box; by a lasso, or whatever a stroke touches"),
                new Deed(
                        "drag what is selected",
                        "move it, with Shift along one axis; by its peg turn it, with "
                                + Habits.otherWay().get().held() + " scale it"),
                new Deed(
                        "arrows, Enter",
                        "carry the needle to a known point, set a leg, open the dividers, set the other"),
                new Deed("arrows, something selected", "nudge it, with Shift by ten units, with Ctrl by a tenth"),
                new Deed("Up, Down, just laid", "make it another kind of figure"),
                new Deed("double-click, Space, Delete", "on a path: add a point, make it corner or smooth, remove it"),
                new Deed("Ctrl+drag", "with a path: draw by hand"),
                new Deed("letters, digits", "begin a word; the first number of what is selected"),
                new Deed("Esc", "let go"));
    }

    @Override
    public String why() {
        return "Whatever is right here is right for ever: bands, weave and colours follow the lines.";
    }

    @Override
    public List<Phrase> idle(Bench bench) {
        return List.of(
                Phrase.of("Nothing selected. Drag from a known point. "),
                Phrase.about(Subject.OfDesign.NET),
                Phrase.of(" "),
                Phrase.about(Subject.OfDesign.PAGE));
    }
}
