package org.hyphantes.bench;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.HyphantesApp;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.Remembered;

/**
 * Changes a radius now and then in the real window, as by a typed number, and prints how long it takes until something of it is handed to
 * be drawn, and until all of it is resolved and all gauges have told. Arguments: numbers of crossings in a ring.
 */
public final class ChangeTimes extends Application {
    private static final int WARM_UP = 20;
    private static final int CHANGES = 40;

    /** How long (ns) a hand rests before the next. */
    private static final long REST = 500_000_000L;

    private final Desk desk = new Desk();
    private final List<String> sizes = new ArrayList<>();
    private Scene scene;

    @Override
    public void start(Stage window) throws Exception {
        Typefaces.load();
        sizes.addAll(getParameters().getRaw());
        HyphantesApp.open(window, desk, new Remembered(Files.createTempDirectory("hyphantes-bench")));
        scene = window.getScene();
        next();
    }

    private void next() {
        if (sizes.isEmpty()) {
            Platform.exit();
            return;
        }
        String size = sizes.remove(0);
        desk.lay(RingDesigns.ofCrossings(Integer.parseInt(size)));
        new Changing(size).start();
    }

    /** Changes between pulses, as an act by hand comes. */
    private final class Changing extends AnimationTimer {
        private final String size;
        private final Runnable laidOut = this::laidOut;
        private final List<Double> seen = new ArrayList<>();
        private final List<Double> answered = new ArrayList<>();
        private int changes;
        private Artwork before;
        private long began;
        private long settled = System.nanoTime();
        private boolean isSeen = true;

        Changing(String size) {
            this.size = size;
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
            if (!isAnswered || time - settled <= REST) {
                return;
            }
            if (changes == WARM_UP + CHANGES) {
                stop();
                scene.removePostLayoutPulseListener(laidOut);
                print("something seen", seen);
                print("resolved, all gauges told", answered);
                next();
                return;
            }
            changes++;
            isSeen = false;
            settled = 0;
            before = desk.pictured().artwork();
            Platform.runLater(() -> {
                began = System.nanoTime();
                double radius = RingDesigns.RADIUS + Math.sin(changes);
                desk.edit(new Edit("changed", d -> RingDesigns.withRadius(d, radius)));
            });
        }

        private void print(String what, List<Double> times) {
            List<Double> sorted =
                    times.subList(WARM_UP, times.size()).stream().sorted().toList();
            System.out.printf(
                    Locale.ROOT,
                    "%s crossings, %s: median %.0f ms, longest %.0f%n",
                    size,
                    what,
                    sorted.get(sorted.size() / 2),
                    sorted.get(sorted.size() - 1));
        }
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] sizes) {
            Application.launch(ChangeTimes.class, sizes);
        }
    }
}
