package org.hyphantes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.hyphantes.desktop.Launcher;

/**
 * How long the application takes until its window is up, beside an empty window of the same toolkit and size, in turn, each in a Java
 * machine and a home of its own: {@code StartTimes TIMES [OPTION OF THE JAVA MACHINE OF THE APPLICATION]...}.
 */
public final class StartTimes {
    private StartTimes() {}

    public static void main(String[] words) throws Exception {
        int times = Integer.parseInt(words[0]);
        List<String> options = Arrays.asList(words).subList(1, words.length);
        long[] empty = new long[times];
        long[] ours = new long[times];
        // The first of each is not counted: the discs are cold.
        for (int i = -1; i < times; i++) {
            long emptyTook = up(List.of(), Empty.class);
            long oursTook = up(options, Ours.class);
            if (i >= 0) {
                empty[i] = emptyTook;
                ours[i] = oursTook;
            }
        }
        Arrays.sort(empty);
        Arrays.sort(ours);
        System.out.printf("empty window %s ms%napplication  %s ms%n", Arrays.toString(empty), Arrays.toString(ours));
        System.out.printf(
                "medians %d and %d ms, ratio %.2f%n",
                empty[times / 2], ours[times / 2], (double) ours[times / 2] / empty[times / 2]);
    }

    /** How long (ms) from the start of the process until its window has been painted and it has ended. */
    private static long up(List<String> options, Class<?> entry) throws IOException, InterruptedException {
        Path home = Files.createTempDirectory("hyphantes-start");
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Dprism.order=sw"));
        command.add("-Duser.home=" + home);
        command.addAll(options);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), entry.getName()));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("HOME", home.toString());
        builder.environment().put("XDG_STATE_HOME", home.resolve("state").toString());
        long begun = System.nanoTime();
        builder.redirectError(ProcessBuilder.Redirect.DISCARD).start().waitFor();
        return (System.nanoTime() - begun) / 1_000_000;
    }

    /** Ends the process, after its usual farewell if asked by the property, when its window has been painted. */
    private static void endWhenUp() {
        Thread watch = new Thread(
                () -> {
                    while (true) {
                        try {
                            Thread.sleep(5);
                            Platform.runLater(StartTimes::look);
                        } catch (IllegalStateException e) {
                            // The toolkit is not up yet.
                        } catch (InterruptedException e) {
                            return;
                        }
                    }
                },
                "watch");
        watch.setDaemon(true);
        watch.start();
    }

    private static boolean seen;

    private static void look() {
        if (seen || Window.getWindows().stream().noneMatch(Window::isShowing)) {
            return;
        }
        seen = true;
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                pulses++;
                if (pulses == 3) {
                    end();
                }
            }
        }.start();
    }

    private static void end() {
        if (Boolean.getBoolean("hyphantes.farewell")) {
            Platform.exit();
            System.exit(0);
        }
        Runtime.getRuntime().halt(0);
    }

    /** The application, by its own launcher. */
    public static final class Ours {
        private Ours() {}

        public static void main(String[] files) {
            endWhenUp();
            Launcher.main(files);
        }
    }

    /** An empty window. */
    public static final class Empty {
        private Empty() {}

        public static void main(String[] files) {
            endWhenUp();
            Application.launch(EmptyWindow.class);
        }
    }

    /** As large as the application's. */
    public static final class EmptyWindow extends Application {
        @Override
        public void start(Stage window) {
            window.setScene(new Scene(new StackPane(), 1280, 800));
            window.show();
        }
    }
}
