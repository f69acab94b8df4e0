package org.hyphantes.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.HyphantesApp;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.symmetry.RepeatGroup;

/**
 * Pages through all groups of a repeat in the real window, round and round, and prints how long it takes until something of the new group is
 * handed to be drawn, and until it is woven and measured. Arguments: how long (ms) a hand rests on each group before it goes on, how many rounds, and
 * the designs' files; the last round counts.
 */
public final class GroupTimes extends Application {
    private static final int GROUPS = RepeatGroup.values().length;

    private final Desk desk = new Desk();
    private final RepeatActs acts = new RepeatActs(desk);
    private final List<Double> seen = new ArrayList<>();
    private final List<Double> answered = new ArrayList<>();
    private Scene scene;
    private List<String> files;
    private double rest;
    private int rounds;

    @Override
    public void start(Stage window) throws Exception {
        Typefaces.load();
        List<String> arguments = getParameters().getRaw();
        rest = Double.parseDouble(arguments.get(0)) * 1e6;
        rounds = Integer.parseInt(arguments.get(1));
        files = new ArrayList<>(arguments.subList(2, arguments.size()));
        HyphantesApp.open(window, desk, new Remembered(Files.createTempDirectory("hyphantes-bench")));
        scene = window.getScene();
        next();
    }

    private void next() throws Exception {
        if (files.isEmpty()) {
            Platform.exit();
            return;
        }
        Design design = ProjectFile.open(Path.of(files.remove(0)));
        desk.lay(design);
        desk.open("repeat");
        seen.clear();
        answered.clear();
        new Paging(design.name()).start();
    }

    /** Pages on whenever the hand has rested; between pulses, as an act by hand comes. */
    private final class Paging extends AnimationTimer {
        private final String name;
        private final Runnable laidOut = this::laidOut;
        private int paged;
        private Artwork before;
        private long began;
        private long settled = System.nanoTime();
        private boolean isSeen = true;

        Paging(String name) {
            this.name = name;
            scene.addPostLayoutPulseListener(laidOut);
        }

        /** A pulse hands over to be drawn all that has been laid out. */
        private void laidOut() {
            if (!isSeen && desk.pictured().artwork() != before) {
                isSeen = true;
                seen.add((System.nanoTime() - began) / 1e6);
            }
        }

        @Override
        public void handle(long now) {
            long time = System.nanoTime();
            boolean isAnswered = isSeen && desk.settledProperty().get();
            if (settled == 0 && isAnswered) {
                settled = time;
                answered.add((time - began) / 1e6);
            }
            if (!isAnswered || time - settled <= rest) {
                return;
            }
            if (paged == rounds * GROUPS) {
                stop();
                scene.removePostLayoutPulseListener(laidOut);
                print(name);
                then();
            } else {
                paged++;
                isSeen = false;
                settled = 0;
                before = desk.pictured().artwork();
                Platform.runLater(() -> {
                    began = System.nanoTime();
                    acts.next(1);
                });
            }
        }
    }

    private void then() {
        try {
            next();
        } catch (Exception e) {
            throw new IllegalStateException("a file that cannot be opened", e);
        }
    }

    private void print(String name) {
        System.out.printf(
                Locale.ROOT,
                "%s: seen after %s ms, woven and measured after %s ms%n",
                name,
                spread(seen.subList(seen.size() - GROUPS, seen.size())),
                spread(answered.subList(answered.size() - GROUPS, answered.size())));
    }

    /** The median, and the longest. */
    private static String spread(List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        return String.format(
                Locale.ROOT, "%.0f (at most %.0f)", sorted.get(sorted.size() / 2), sorted.get(sorted.size() - 1));
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] arguments) {
            Application.launch(GroupTimes.class, arguments);
        }
    }
}
