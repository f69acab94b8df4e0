package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Work;

/**
 * Drags a radius in the real window and prints how long a frame takes, from one drawn result to the next: the edit, the
 * resolving, the painting of field, corners and strip, and the toolkit's own rendering. Arguments: numbers of crossings
 * in a ring, {@code rosette}, or {@code pieces} and {@code jointed}: a thousand pieces, without and with a joint;
 * {@code along}: a ring of a thousand courses with gradients along them; {@code cloth}: a tile of a hundred crossings, 5 by 5
 * seen; {@code copies-100} and {@code copies-10000}: a circle woven with its own copies.
 */
public final class FrameTimes extends Application {
    private static final int WARM_UP = 40;
    private static final int FRAMES = 160;

    private final Desk desk = new Desk();
    private final List<Long> times = new ArrayList<>();
    private List<String> sizes;
    private int frame;

    @Override
    public void start(Stage window) throws Exception {
        sizes = new ArrayList<>(getParameters().getRaw());
        if (sizes.isEmpty()) {
            sizes.addAll(List.of("32", "200", "1000", "rosette"));
        }
        RealWindow.open(window, desk);
        next();
    }

    private void next() {
        if (sizes.isEmpty()) {
            Platform.exit();
            return;
        }
        String size = sizes.remove(0);
        desk.lay(
                switch (size) {
                    case "rosette" -> RingDesigns.rosette();
                    case "pieces" -> RingDesigns.pieces(0);
                    case "along" -> RingDesigns.along(1000);
                    case "cloth" -> RingDesigns.cloth(5, 5);
                    case "copies-100" -> RingDesigns.cloth(1, 10);
                    case "copies-10000" -> RingDesigns.cloth(1, 100);
                    case "jointed" -> RingDesigns.pieces(0.1);
                    default -> RingDesigns.ofCrossings(Integer.parseInt(size));
                });
        if (!desk.root().last(Pieces.class).isEmpty()) {
            desk.open("pieces");
        }
        double radius = Character.isDigit(size.charAt(0)) || size.equals("along") || size.startsWith("c")
                ? RingDesigns.RADIUS
                : 39;
        frame = 0;
        times.clear();
        new AnimationTimer() {
            private Resolved drawn;
            private long before;
            private int pulse;

            @Override
            public void handle(long now) {
                // A hand moves on at every pulse, whatever has been drawn by then.
                Design moved = RingDesigns.withRadius(desk.design(), radius + Math.sin(pulse++ / 14.0));
                desk.drag(new Edit("dragged", d -> moved));
                if (desk.resolved() == null || desk.resolved() == drawn) {
                    return;
                }
                drawn = desk.resolved();
                long time = System.nanoTime();
                if (frame++ > WARM_UP) {
                    times.add(time - before);
                }
                before = time;
                if (frame > WARM_UP + FRAMES) {
                    stop();
                    print(size);
                    next();
                }
            }
        }.start();
    }

    private void print(String size) {
        long[] sorted = times.stream().mapToLong(Long::longValue).sorted().toArray();
        double median = sorted[sorted.length / 2] / 1e6;
        double slow = sorted[sorted.length * 95 / 100] / 1e6;
        System.out.printf(
                "%s, %d crossings or pieces: median %.1f ms a frame (%.0f frames a second), 95 of 100 under %.1f ms, in all %.1f frames a second%n",
                size,
                parts(desk.resolved().finished().work()),
                median,
                1000 / median,
                slow,
                sorted.length * 1e9 / Arrays.stream(sorted).sum());
    }

    private static int parts(Work work) {
        return work.mosaics().isEmpty()
                ? work.weaves().get(0).weave().crossings().size()
                : work.mosaics().get(0).mosaic().pieces().size();
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] crossings) {
            Application.launch(FrameTimes.class, crossings);
        }
    }
}
