package org.hyphantes.desktop;

import java.io.PrintStream;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
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
        await();
        Robot robot = onFx(Robot::new);
        for (int laid = 1; ; laid++) {
            for (KeyCode key : new KeyCode[] {
                KeyCode.B, KeyCode.O, KeyCode.X, KeyCode.SPACE, KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.ENTER
            }) {
                type(robot, key);
            }
            REPORT.println("laid " + laid + " " + System.currentTimeMillis());
            if (laid % 9 == 0) {
                onFx(() -> {
                    robot.keyPress(KeyCode.CONTROL);
                    return null;
                });
                type(robot, KeyCode.S);
                onFx(() -> {
                    robot.keyRelease(KeyCode.CONTROL);
                    return null;
                });
            }
        }
    }

    private static void type(Robot robot, KeyCode key) throws Exception {
        onFx(() -> {
            robot.keyType(key);
            return null;
        });
        Thread.sleep(15);
    }

    private static void await() throws Exception {
        for (int i = 0; i < 600; i++) {
            Thread.sleep(100);
            try {
                if (onFx(() -> Window.getWindows().stream().anyMatch(Window::isFocused))) {
                    Thread.sleep(1_500);
                    return;
                }
            } catch (IllegalStateException e) {
                // The toolkit is not up yet.
            }
        }
        throw new IllegalStateException("no window within a minute");
    }

    private static <T> T onFx(Callable<T> call) throws Exception {
        FutureTask<T> task = new FutureTask<>(call);
        Platform.runLater(task);
        return task.get();
    }
}
