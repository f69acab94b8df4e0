package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.files.SystemFileChoice;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Form;

/** The application: one window, opening a file named on the command line, or the demo. */
public final class HyphantesApp extends Application {
    private final Desk desk = new Desk();
    private final PauseTransition pause = new PauseTransition(Duration.seconds(2));

    @Override
    public void start(Stage window) {
        Typefaces.load();
        Remembered remembered = new Remembered(Remembered.usualHome());
        Frame frame = open(window, desk, remembered);
        List<String> files = getParameters().getUnnamed();
        desk.lay(Demo.TIDE_RING.design());
        if (!files.isEmpty()) {
            frame.documents().load(Path.of(files.get(0)));
        }
        frame.documents().offerRecovered();
        pause.setOnFinished(e -> aside(frame));
        desk.historyProperty().addListener(o -> pause.playFromStart());
    }

    private void aside(Frame frame) {
        Design design = desk.design();
        if (desk.isSaved()) {
            return;
        }
        Thread writer = new Thread(() -> frame.documents().keepAside(design), "autosave");
        writer.setDaemon(true);
        writer.start();
    }

    /** Builds the window round a desk; also what tests and benchmarks open. */
    public static Frame open(Stage window, Desk desk, Remembered remembered) {
        Frame[] built = new Frame[1];
        Runnable quit = () -> built[0].documents().leaving("closing", () -> {
            built[0].documents().forgetAside();
            desk.closed();
            window.close();
            Platform.exit();
        });
        Frame frame = new Frame(desk, remembered, new SystemFileChoice(window, remembered), quit);
        built[0] = frame;
        Scene scene = new Scene(frame, 1280, 800);
        scene.getStylesheets()
                .add(HyphantesApp.class.getResource("hyphantes.css").toExternalForm());
        window.setScene(scene);
        window.setTitle("Hyphantes");
        window.setMinWidth(1100);
        window.setMinHeight(700);
        window.setOnCloseRequest(e -> {
            e.consume();
            quit.run();
        });
        frame.onFullScreen(() -> window.setFullScreen(!window.isFullScreen()));
        Form.EACH.forEach(form -> desk.startLike(remembered.starting(form)));
        desk.onStarting(form -> remembered.starting(form.schema().word(), form));
        desk.look(desk.view().inTheDark(remembered.dark()).textured(remembered.textures()));
        window.show();
        frame.field().requestFocus();
        return frame;
    }
}
