package org.hyphantes.desktop.stage.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Group;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.PassActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Offer;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Scope;

/** The stage in which the file that goes to a machine is read again and cut on the simulated bed. */
public final class HandOver implements Stage {
    @Override
    public String id() {
        return "hand-over";
    }

    @Override
    public String title() {
        return "Hand over";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F6;
    }

    @Override
    public Home home() {
        return Home.CLASP;
    }

    @Override
    public List<String> bite() {
        return List.of("cut");
    }

    @Override
    public boolean hasOwnPlane() {
        return true;
    }

    @Override
    public void drawHint(GraphicsContext gc, double x, double y) {
        gc.strokeRect(x - 30, y - 20, 60, 40);
    }

    @Override
    public View opened(View there, Group root) {
        return there.about(Subject.OfDesign.JOB);
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return new HandOverHand(bench, glass);
    }

    @Override
    public Optional<Region> card(Bench bench) {
        return Optional.of(new PassesCard(bench));
    }

    @Override
    public Optional<Region> rightCard(Bench bench) {
        return Optional.of(new ReadoutCard(bench));
    }

    @Override
    public List<Offer> offers(Bench bench) {
        List<Offer> offers = new ArrayList<>();
        offers.add(Offer.hint("Space", "run, pause"));
        offers.add(Offer.hint("arrows", "one move"));
        for (Format format : Formats.forMachines()) {
            if (format != bench.workshop().formatProperty().get()) {
                offers.add(Offer.act("as " + format.title(), () -> {
                    bench.workshop().formatProperty().set(format);
                    bench.desk().say("The " + format.title() + " is written and replayed.");
                }));
            }
        }
        offers.add(about(bench, "the job", Subject.OfDesign.JOB));
        offers.add(about(bench, "what goes out", Subject.OfDesign.HANDING));
        return offers;
    }

    private static Offer about(Bench bench, String word, Subject subject) {
        return Offer.act(word, () -> bench.desk().look(bench.desk().view().about(subject)));
    }

    @Override
    public List<Deed> deeds() {
        return List.of(
                new Deed("Space", "run or pause: the head follows the file that was written and read again"),
                new Deed("Left, Right", "one move back, one on"),
                new Deed("Home, End", "the start, the end"),
                new Deed("Page Up, Page Down", "the pass before, the next"),
                new Deed("1 to 9", "as fast as the machine, or 2, 5, 10, 20, 50, 100, 200, 500 times; 0 as suits it"),
                new Deed("drag the time line", "any moment"),
                new Deed("click a line", "when it is cut"),
                new Deed("drag a pass in Passes, Ctrl+Up, Ctrl+Down", "the order of passes"),
                new Deed("Delete", "take the pass out that the sentence is about"),
                new Deed("pass score lines", "add a pass: what it does, and what it takes"));
    }

    @Override
    public String why() {
        return "Files for a printer, a cutter and a colleague: what was written is read again and cut before it leaves.";
    }

    @Override
    public List<String> words() {
        return List.of("pass");
    }

    /** {@code pass score well 3}: what it does, then what it takes. */
    @Override
    public boolean run(Bench bench, String word, String rest) {
        String[] words = rest.toLowerCase(Locale.ROOT).trim().split("\\s+", 2);
        PassActs acts = new PassActs(bench.desk());
        Pass pass = Pass.CUT;
        try {
            if (!words[0].isEmpty()) {
                pass = read(pass, "work", words[0]);
            }
            if (words.length > 1 && words[1].startsWith("well ")) {
                pass = read(pass.taking(Pass.Takes.WELL), "well", words[1].substring(5));
            } else if (words.length > 1 && words[1].startsWith("strand ")) {
                pass = read(
                        pass.taking(Pass.Takes.STRAND),
                        "strand",
                        words[1].substring(7).toUpperCase(Locale.ROOT));
            } else if (words.length > 1) {
                pass = read(pass, "takes", words[1]);
            }
        } catch (CannotRead e) {
            bench.desk().warn(e.getMessage() + " Type such as: pass score lines, or pass draw well 3.");
            return false;
        }
        bench.desk().open(id());
        acts.add(pass);
        return true;
    }

    private static Pass read(Pass pass, String key, String text) throws CannotRead {
        return pass.schema().read(pass, key, text, Scope.PLAIN).value();
    }
}
