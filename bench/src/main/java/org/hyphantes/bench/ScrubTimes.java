package org.hyphantes.bench;

import java.util.Arrays;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.setting.Amount;

/**
 * Drags the time line of Hand over back and forth by the pointer and prints how many pictures a second are shown. The argument tells of how
 * many tiles each way the cloth is that is cut.
 */
public final class ScrubTimes extends Application {
    private static final int SETTLED = 20;
    private static final int FRAMES = 200;

    /** How far the time line lies from the edges of the field (pixels). */
    private static final double ASIDE = 60;

    private static final double ABOVE = 66;

    private final Desk desk = new Desk();
    private final Robot robot = new Robot();

    @Override
    public void start(Stage window) throws Exception {
        RealWindow.open(window, desk);
        int tiles = Integer.parseInt(getParameters().getRaw().get(0));
        Design cloth = RingDesigns.cloth(1, tiles);
        Amount bed = Amount.of(20 * tiles + 50);
        desk.lay(cloth.withJob(cloth.job().with("width", bed).with("height", bed)));
        desk.open("hand-over");
        Node field = window.getScene().lookup(".field");
        new AnimationTimer() {
            private final long[] times = new long[FRAMES];
            private int pulse;
            private long began;

            @Override
            public void handle(long now) {
                began = began == 0 ? now : began;
                // So long the file is written and read again.
                if (now - began < 45_000_000_000L) {
                    return;
                }
                Bounds at = field.localToScreen(field.getLayoutBounds());
                double share = 0.5 - 0.5 * Math.cos(pulse / 12.0);
                robot.mouseMove(at.getMinX() + ASIDE + share * (at.getWidth() - 2 * ASIDE), at.getMaxY() - ABOVE);
                if (pulse == 2) {
                    robot.mousePress(MouseButton.PRIMARY);
                }
                if (pulse >= SETTLED) {
                    times[pulse - SETTLED] = now;
                }
                if (++pulse == SETTLED + FRAMES) {
                    stop();
                    robot.mouseRelease(MouseButton.PRIMARY);
                    moves();
                    print(times);
                    Platform.exit();
                }
            }
        }.start();
    }

    private void moves() {
        try {
            int moves = Handout.of(desk.design(), desk.resolved().finished()).cuts().contours().stream()
                    .mapToInt(c -> 1 + c.path().size())
                    .sum();
            System.out.print(moves + " moves: ");
        } catch (CannotHandOver e) {
            throw new IllegalStateException(e);
        }
    }

    private static void print(long[] times) {
        long[] steps = new long[times.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = times[i + 1] - times[i];
        }
        Arrays.sort(steps);
        System.out.printf(
                "%.1f pictures a second, median %.1f ms, 95 of 100 under %.1f ms%n",
                steps.length * 1e9 / (times[times.length - 1] - times[0]),
                steps[steps.length / 2] / 1e6,
                steps[steps.length * 95 / 100] / 1e6);
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] moves) {
            Application.launch(ScrubTimes.class, moves);
        }
    }
}
