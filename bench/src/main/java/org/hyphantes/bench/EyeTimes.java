package org.hyphantes.bench;

import java.awt.AWTException;
import java.awt.Rectangle;
import java.awt.Robot;
import java.awt.event.KeyEvent;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.hyphantes.desktop.Launcher;

/**
 * How long it is before something is seen, from outside the process, from Page Down to the first other pixel in the field in Repeat, beside an empty window
 * of the same toolkit, nearly as large, that fills its canvas anew at every key: {@code EyeTimes REST_MS KEYS FILE [OPTION OF THE JAVA MACHINE OF
 * THE APPLICATION]...}. Each in a Java machine and a home of its own. The display needs a window manager, which gives keys to the window.
 */
public final class EyeTimes {
    /** Places in the field that are watched: in most groups bands come to lie there or go. */
    private static final List<Rectangle> PLACES =
            List.of(new Rectangle(470, 230, 12, 12), new Rectangle(600, 300, 12, 12), new Rectangle(760, 480, 12, 12));

    private static final long UP_MS = 12_000;
    private static final long STAGE_MS = 4_000;
    private static final long LONGEST_NS = 1_500_000_000L;

    private EyeTimes() {}

    public static void main(String[] words) throws Exception {
        int rest = Integer.parseInt(words[0]);
        int keys = Integer.parseInt(words[1]);
        List<String> options = Arrays.asList(words).subList(3, words.length);
        seen("empty window", List.of(), Plain.class, words[2], rest, keys);
        seen("application ", options, Ours.class, words[2], rest, keys);
    }

    private static void seen(String name, List<String> options, Class<?> entry, String file, int rest, int keys)
            throws IOException, InterruptedException, AWTException {
        Path home = Files.createTempDirectory("hyphantes-eye");
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Dprism.order=sw"));
        command.add("-Duser.home=" + home);
        command.addAll(options);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), entry.getName(), file));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("HOME", home.toString());
        builder.environment().put("XDG_STATE_HOME", home.resolve("state").toString());
        Process process = builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
        try {
            Robot robot = new Robot();
            Thread.sleep(UP_MS);
            press(robot, KeyEvent.VK_F5);
            Thread.sleep(STAGE_MS);
            double[] times = new double[keys];
            for (int k = 0; k < keys; k++) {
                times[k] = untilOther(robot);
                Thread.sleep(rest);
            }
            System.out.printf(
                    "%s %s%n",
                    name,
                    Arrays.toString(Arrays.stream(times).mapToLong(Math::round).toArray()));
            double[] later = Arrays.copyOfRange(times, keys / 2, keys);
            Arrays.sort(times);
            Arrays.sort(later);
            System.out.printf(
                    "%s median %.0f ms, longest %.0f; second half %.0f, %.0f%n",
                    name, times[keys / 2], times[keys - 1], later[later.length / 2], later[later.length - 1]);
        } finally {
            process.destroy();
            process.waitFor();
        }
    }

    private static void press(Robot robot, int key) {
        robot.keyPress(key);
        robot.keyRelease(key);
    }

    /** From the key to another pixel (ms), with the robot's own looking, which takes about 5 ms. */
    private static double untilOther(Robot robot) throws InterruptedException {
        int before = pixels(robot);
        long begun = System.nanoTime();
        press(robot, KeyEvent.VK_PAGE_DOWN);
        while (System.nanoTime() - begun < LONGEST_NS && pixels(robot) == before) {
            Thread.sleep(2);
        }
        return (System.nanoTime() - begun) / 1e6;
    }

    private static int pixels(Robot robot) {
        int all = 1;
        for (Rectangle place : PLACES) {
            int[] rgb = robot.createScreenCapture(place).getRGB(0, 0, place.width, place.height, null, 0, place.width);
            all = 31 * all + Arrays.hashCode(rgb);
        }
        return all;
    }

    /** The application, by its own launcher. */
    public static final class Ours {
        private Ours() {}

        public static void main(String[] files) {
            Launcher.main(files);
        }
    }

    /** A window with a canvas. */
    public static final class Plain {
        private Plain() {}

        public static void main(String[] files) {
            Application.launch(PlainWindow.class);
        }
    }

    /** Nearly as large as the application, its canvas filled anew at every key. */
    public static final class PlainWindow extends Application {
        private int shade;

        @Override
        public void start(Stage window) {
            Canvas canvas = new Canvas(1_200, 700);
            Scene scene = new Scene(new StackPane(canvas));
            scene.setOnKeyPressed(e -> {
                shade = (shade + 40) % 256;
                canvas.getGraphicsContext2D().setFill(Color.grayRgb(shade));
                canvas.getGraphicsContext2D().fillRect(0, 0, 1_200, 700);
            });
            window.setScene(scene);
            window.setMinWidth(1_200);
            window.setMinHeight(700);
            window.show();
            window.requestFocus();
        }
    }
}
