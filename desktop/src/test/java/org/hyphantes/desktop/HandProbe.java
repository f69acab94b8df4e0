package org.hyphantes.desktop;

import java.io.PrintStream;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Window;

/**
 * Starts the application by its own launcher on a file, types one word after another by keys, saves now and then, and says when each act
 * was done, until it is killed.
 */
final class HandProbe {
    private static final PrintStream REPORT = System.out;

    private HandProbe() {}

    public static void main(String[] file) throws Exception {
        Thread launcher = new Thread(() -> Launcher.main(file), "launcher");
        launcher.setDaemon(true);
        launcher.start();
        Frame frame = await();
        Robot robot = OwnProcess.onFx(Robot::new);
        // A hand killed before may have left it pressed.
        OwnProcess.onFx(() -> {
            robot.keyRelease(KeyCode.CONTROL);
            return null;
        });
        for (int word = 1; ; word++) {
            for (KeyCode key : new KeyCode[] {
                KeyCode.B, KeyCode.O, KeyCode.X, KeyCode.SPACE, KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.ENTER
            }) {
                type(robot, key);
            }
            int laid =
                    OwnProcess.onFx(() -> frame.desk().design().root().members().size());
            REPORT.println("laid " + laid + " " + System.currentTimeMillis());
            if (word % 9 == 0) {
                OwnProcess.onFx(() -> {
                    robot.keyPress(KeyCode.CONTROL);
                    return null;
                });
                type(robot, KeyCode.S);
                OwnProcess.onFx(() -> {
                    robot.keyRelease(KeyCode.CONTROL);
                    return null;
                });
            }
        }
    }

    private static void type(Robot robot, KeyCode key) throws Exception {
        OwnProcess.onFx(() -> {
            robot.keyType(key);
            return null;
        });
        Thread.sleep(15);
    }

    private static Frame await() throws Exception {
        for (int i = 0; i < 600; i++) {
            Thread.sleep(100);
            try {
                Optional<Window> window = OwnProcess.onFx(() ->
                        Window.getWindows().stream().filter(Window::isFocused).findFirst());
                if (window.isPresent()) {
                    Thread.sleep(1_500);
                    return (Frame) window.get().getScene().getRoot();
                }
            } catch (IllegalStateException e) {
                // The toolkit is not up yet.
            }
        }
        throw new IllegalStateException("no window within a minute");
    }
}
