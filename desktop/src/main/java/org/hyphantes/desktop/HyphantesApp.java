package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.PrivateFolder;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.files.SystemFileChoice;
import org.hyphantes.exchange.Leftovers;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Form;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The application: one window, opening a file named on the command line, or the demo. */
public final class HyphantesApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 1100;
    private static final double LEAST_HEIGHT = 700;

    private static final Logger LOG = LoggerFactory.getLogger(HyphantesApp.class);

    private final Desk desk = new Desk();

    @Override
    public void start(Stage window) {
        Typefaces.load();
        Remembered remembered = new Remembered(PrivateFolder.usual());
        Habits.type().set(remembered.type());
        Habits.otherWay().set(remembered.otherWay());
        Habits.cloth().set(remembered.cloth());
        Habits.type().addListener(o -> remembered.type(Habits.type().get()));
        Habits.otherWay().addListener(o -> remembered.otherWay(Habits.otherWay().get()));
        Habits.cloth().addListener(o -> remembered.cloth(Habits.cloth().get()));
        Frame frame = open(window, desk, remembered);
        List<String> files = getParameters().getUnnamed();
        if (files.isEmpty()) {
            desk.lay(Demo.TIDE_RING.design());
        } else {
            // Nothing that is not of the file stands under its name, whatever comes of it.
            desk.lay(Design.empty("New design"));
            frame.documents().load(Path.of(files.get(0)));
        }
        frame.documents().autosave().begin();
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> unforeseen(e));
        clearLeftovers(remembered);
    }

    /** Whatever was not foreseen ends as a message, and in the log; the design stays on the desk. */
    private void unforeseen(Throwable e) {
        LOG.error("unforeseen", e);
        Platform.runLater(() -> desk.warn(
                "Something here went wrong. The design is safe; save it, and if this comes again, start anew."));
    }

    /** Clears what an earlier run was writing when it was stopped, off the interface thread: folders may lie on slow discs. */
    private static void clearLeftovers(Remembered remembered) {
        List<Path> recent = remembered.recent();
        Thread clearing = new Thread(
                () -> {
                    Leftovers.clear(PrivateFolder.usual());
                    recent.stream().map(Path::getParent).distinct().forEach(Leftovers::clear);
                },
                "leftovers");
        clearing.setDaemon(true);
        clearing.start();
    }

    /** Has a window tell its keys to a filter, in place of that of a frame which was in it before: it would keep all of that. */
    @SuppressWarnings("unchecked")
    private static void hear(Stage window, EventHandler<KeyEvent> letters) {
        Object before = window.getProperties().put(EventHandler.class, letters);
        if (before != null) {
            window.removeEventFilter(KeyEvent.ANY, (EventHandler<KeyEvent>) before);
        }
        window.addEventFilter(KeyEvent.ANY, letters);
    }

    /** Builds the window round a desk; also what tests and benchmarks open. */
    public static Frame open(Stage window, Desk desk, Remembered remembered) {
        Frame[] built = new Frame[1];
        Runnable quit = () -> built[0].documents().leaving("closing", () -> {
            built[0].documents().autosave().forget();
            built[0].documents().finish();
            remember(window, remembered);
            remembered.finish();
            window.close();
            Platform.exit();
        });
        Bench bench = Bench.of(desk);
        desk.hang(new Stages());
        Frame frame = new Frame(bench, remembered, new SystemFileChoice(window, remembered), quit);
        built[0] = frame;
        Scene scene = new Scene(frame, WIDTH, HEIGHT);
        scene.getStylesheets().setAll(Theme.sheets(false));
        window.setScene(scene);
        window.setTitle("Hyphantes");
        size(window, remembered);
        hear(window, frame.menuLetters());
        window.setOnCloseRequest(e -> {
            e.consume();
            quit.run();
        });
        frame.onFullScreen(() -> window.setFullScreen(!window.isFullScreen()));
        Form.EACH.forEach(form -> bench.nouns().startLike(remembered.starting(form)));
        bench.nouns().onStarting(form -> remembered.starting(form.schema().word(), form));
        desk.look(desk.view().inTheDark(remembered.dark()).textured(remembered.textures()));
        window.show();
        frame.field().requestFocus();
        return frame;
    }

    /** What the window is like when it is not spread over the screen. */
    private static void remember(Stage window, Remembered remembered) {
        if (!window.isFullScreen() && !window.isMaximized() && !window.isIconified()) {
            remembered.window(
                    window.getX(),
                    window.getY(),
                    window.getScene().getWidth(),
                    window.getScene().getHeight());
        }
    }

    /**
     * Opens the window as it was last, or as large as it was drawn for, or as the screens allow. Some window managers open a window at its
     * least size, if that is said; so it is said when the window is up.
     */
    private static void size(Stage window, Remembered remembered) {
        Optional<Rectangle2D> last = remembered.window();
        Optional<Screen> there = last.flatMap(l -> Screen.getScreensForRectangle(l).stream()
                .filter(s -> holds(s, l))
                .findFirst());
        window.setOnShown(e -> Platform.runLater(() -> {
            Rectangle2D screen = there.orElse(Screen.getPrimary()).getVisualBounds();
            double rims = window.getWidth() - window.getScene().getWidth();
            double bars = window.getHeight() - window.getScene().getHeight();
            double width = Math.min(last.map(Rectangle2D::getWidth).orElse(WIDTH) + rims, screen.getWidth());
            double height = Math.min(last.map(Rectangle2D::getHeight).orElse(HEIGHT) + bars, screen.getHeight());
            window.setMinWidth(Math.min(LEAST_WIDTH, width));
            window.setMinHeight(Math.min(LEAST_HEIGHT, height));
            window.setWidth(width);
            window.setHeight(height);
            there.ifPresent(s -> {
                window.setX(last.get().getMinX());
                window.setY(last.get().getMinY());
            });
        }));
    }

    /** Whether the top of a window would be in reach on a screen. */
    private static boolean holds(Screen screen, Rectangle2D window) {
        Rectangle2D bounds = screen.getVisualBounds();
        return bounds.contains(window.getMinX() + window.getWidth() / 2, window.getMinY() + 10);
    }
}
