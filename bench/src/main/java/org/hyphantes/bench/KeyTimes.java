package org.hyphantes.bench;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.Frame;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.gauge.Mend;
import org.hyphantes.gauge.Snag;

/**
 * Presses a key every 25 ms in the real window, first at rest, then while a mend of a design of 1,000 crossings is tried over and over,
 * and while each file named is opened and when it is; prints how long each key waits until it has been answered.
 */
public final class KeyTimes extends Application {
    private static final int WARM_UP = 60;
    private static final int KEYS = 400;
    private static final int KEYS_OF_FILE = 200;

    private final Desk desk = new Desk();
    private final AtomicInteger tried = new AtomicInteger();
    private Frame frame;

    @Override
    public void start(Stage window) throws Exception {
        List<String> files = getParameters().getRaw();
        frame = RealWindow.open(window, desk);
        desk.lay(files.isEmpty() ? RingDesigns.cramped(1_000) : Demo.TIDE_RING.design());
        desk.open("weave");
        Thread hand = new Thread(() -> press(window, files), "hand");
        hand.setDaemon(true);
        hand.start();
    }

    private void press(Stage window, List<String> files) {
        try {
            if (!files.isEmpty()) {
                Thread.sleep(3_000);
                presses(window, WARM_UP);
                open(window, files);
                return;
            }
            while (!on(() -> desk.settledProperty().get() && desk.resolved() != null)) {
                Thread.sleep(100);
            }
            Thread.sleep(3_000);
            presses(window, WARM_UP);
            print("at rest", presses(window, KEYS));
            Snag snag = on(() -> desk.resolved().inspection().snags().stream()
                    .filter(s -> s.mend().isPresent())
                    .findFirst()
                    .orElseThrow());
            Mend mend = snag.mend().orElseThrow();
            Mend again = new Mend(mend.offer(), mend.done(), (design, watch) -> {
                Design last = design;
                while (true) {
                    // Until it is broken off, by the last key.
                    watch.step();
                    last = mend.change().of(design, watch);
                    tried.incrementAndGet();
                    if (tried.get() > 10_000) {
                        return last;
                    }
                }
            });
            Platform.runLater(() -> desk.mend(again));
            print("while this mend is tried: " + snag.words(), presses(window, KEYS));
            System.out.println("tried to its end " + tried.get() + " times meanwhile");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            Platform.exit();
            Runtime.getRuntime().halt(0);
        }
    }

    /** Opens each file twice, first as it comes, then when all has been seen once. */
    private void open(Stage window, List<String> files) throws InterruptedException {
        Design before = Demo.TIDE_RING.design();
        for (int round = 1; round <= 2; round++) {
            for (String file : files) {
                Platform.runLater(() -> frame.documents().load(Path.of(file)));
                print("while " + Path.of(file).getFileName() + " is opened, " + round, presses(window, KEYS_OF_FILE));
                for (int i = 0; i < 100 && !on(() -> desk.settledProperty().get()); i++) {
                    Thread.sleep(100);
                }
                Thread.sleep(1_000);
                print("when it is open, " + round, presses(window, KEYS_OF_FILE));
                Platform.runLater(() -> desk.lay(before));
                Thread.sleep(1_500);
            }
        }
    }

    private static <T> T on(java.util.function.Supplier<T> work) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Object[] made = new Object[1];
        Platform.runLater(() -> {
            made[0] = work.get();
            done.countDown();
        });
        done.await();
        @SuppressWarnings("unchecked")
        T result = (T) made[0];
        return result;
    }

    /** How long (ns) each of many keys waits. */
    private static long[] presses(Stage window, int keys) throws InterruptedException {
        long[] waits = new long[keys];
        for (int i = 0; i < keys; i++) {
            KeyCode key = i % 2 == 0 ? KeyCode.RIGHT : KeyCode.DOWN;
            long begun = System.nanoTime();
            on(() -> {
                Node focused = window.getScene().getFocusOwner();
                focused.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
                return true;
            });
            waits[i] = System.nanoTime() - begun;
            Thread.sleep(25);
        }
        Arrays.sort(waits);
        return waits;
    }

    private static void print(String when, long[] waits) {
        System.out.printf(
                "%d keys %s%n  median %.1f ms, 95 of 100 under %.1f ms, 99 under %.1f ms, longest %.1f ms%n",
                waits.length,
                when,
                waits[waits.length / 2] / 1e6,
                waits[waits.length * 95 / 100] / 1e6,
                waits[waits.length * 99 / 100] / 1e6,
                waits[waits.length - 1] / 1e6);
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] files) {
            Application.launch(KeyTimes.class, files);
        }
    }
}
