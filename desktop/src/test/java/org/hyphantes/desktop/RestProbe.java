package org.hyphantes.desktop;

import com.sun.javafx.perf.PerformanceTracker;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;

/**
 * Starts the application by its own launcher in a process of its own, works it by hand and
 * reports on standard output: the size of the window, how often it paints in a second of rest after each act, and every warning.
 */
final class RestProbe {
    private static final AtomicInteger PAINTED = new AtomicInteger();
    private static final List<String> WARNINGS = new ArrayList<>();
    private static final PrintStream REPORT = System.out;

    private RestProbe() {}

    public static void main(String[] args) throws Exception {
        System.setErr(new PrintStream(new Lines(), true, StandardCharsets.UTF_8));
        Thread launcher = new Thread(() -> Launcher.main(new String[0]), "launcher");
        launcher.setDaemon(true);
        launcher.start();
        Window window = await();
        OwnProcess.onFx(() -> {
            PerformanceTracker.getSceneTracker(window.getScene()).setOnRenderedFrameTask(PAINTED::incrementAndGet);
            return null;
        });
        rest("opening");
        REPORT.printf(
                "size %.0f x %.0f%n",
                window.getScene().getWidth(), window.getScene().getHeight());
        for (KeyCode key : List.of(KeyCode.F2, KeyCode.F3)) {
            press(key);
            rest("stage " + key.getName());
            drag(window, 0.42, 0.34, 0.5, 0.45);
            rest("a drag in stage " + key.getName());
        }
        List<Node> menus = OwnProcess.onFx(
                () -> List.copyOf(window.getScene().getRoot().lookupAll(".menu-bar > .container > .menu-button")));
        int opened = 0;
        for (Node menu : menus) {
            // A click on the menu that has the focus may close it again.
            for (int i = 0; i < 4 && !popup(true); i++) {
                click(menu);
            }
            opened += popup(true) ? 1 : 0;
            press(KeyCode.DOWN);
            for (int i = 0; i < 4 && !popup(false); i++) {
                press(KeyCode.ESCAPE);
            }
        }
        REPORT.println("menus " + opened + " of " + menus.size());
        rest("the menus");
        press(KeyCode.CONTROL, KeyCode.L);
        rest("the other theme");
        synchronized (WARNINGS) {
            WARNINGS.forEach(w -> REPORT.println("warning " + w));
        }
        REPORT.println("painted " + PAINTED.get());
        REPORT.println("end");
        Runtime.getRuntime().halt(0);
    }

    private static Window await() throws Exception {
        for (int i = 0; i < 600; i++) {
            Thread.sleep(100);
            try {
                Optional<Window> shown = OwnProcess.onFx(() ->
                        Window.getWindows().stream().filter(Window::isShowing).findFirst());
                if (shown.isPresent()) {
                    return shown.get();
                }
            } catch (IllegalStateException e) {
                // The toolkit is not up yet.
            }
        }
        throw new IllegalStateException("no window within a minute");
    }

    /** Waits for a second in which nothing is painted, thirty at most; reports how often the last of them painted. */
    private static void rest(String after) throws InterruptedException {
        int painted = 1;
        for (int i = 0; i < 30 && painted > 0; i++) {
            int before = PAINTED.get();
            Thread.sleep(1_000);
            painted = PAINTED.get() - before;
        }
        REPORT.println("rest " + painted + " after " + after);
    }

    /** Whether a menu is open, or none is, within half a second. */
    private static boolean popup(boolean open) throws Exception {
        for (int i = 0; i < 10; i++) {
            if (OwnProcess.onFx(() -> Window.getWindows().size() > 1) == open) {
                return true;
            }
            Thread.sleep(50);
        }
        return false;
    }

    private static void press(KeyCode... keys) throws Exception {
        Robot robot = OwnProcess.onFx(Robot::new);
        for (KeyCode key : keys) {
            OwnProcess.onFx(() -> {
                robot.keyPress(key);
                return null;
            });
        }
        for (int i = keys.length - 1; i >= 0; i--) {
            KeyCode key = keys[i];
            OwnProcess.onFx(() -> {
                robot.keyRelease(key);
                return null;
            });
        }
        Thread.sleep(150);
    }

    private static void click(Node node) throws Exception {
        Point2D at = OwnProcess.onFx(() -> node.localToScreen(
                node.getBoundsInLocal().getCenterX(), node.getBoundsInLocal().getCenterY()));
        OwnProcess.onFx(() -> {
            Robot robot = new Robot();
            robot.mouseMove(at);
            robot.mouseClick(MouseButton.PRIMARY);
            return null;
        });
        Thread.sleep(200);
    }

    /** Drags across the window, from one share of its width and height to another. */
    private static void drag(Window window, double x0, double y0, double x1, double y1) throws Exception {
        Robot robot = OwnProcess.onFx(Robot::new);
        for (int i = 0; i <= 10; i++) {
            double x = window.getX() + window.getWidth() * (x0 + (x1 - x0) * i / 10);
            double y = window.getY() + window.getHeight() * (y0 + (y1 - y0) * i / 10);
            boolean first = i == 0;
            OwnProcess.onFx(() -> {
                robot.mouseMove(x, y);
                if (first) {
                    robot.mousePress(MouseButton.PRIMARY);
                }
                return null;
            });
            Thread.sleep(30);
        }
        OwnProcess.onFx(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            return null;
        });
    }

    /** Takes what is said of warnings line by line. */
    private static final class Lines extends OutputStream {
        private final StringBuilder line = new StringBuilder();

        @Override
        public synchronized void write(int b) {
            if (b != '\n') {
                line.append((char) b);
                return;
            }
            String said = line.toString();
            line.setLength(0);
            if (said.contains("WARNING") && !said.contains("Unsupported JavaFX configuration")
                    || said.contains("Exception")) {
                synchronized (WARNINGS) {
                    WARNINGS.add(said);
                }
            }
        }
    }
}
