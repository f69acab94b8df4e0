package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;

/**
 * Changes a radius now and then in the real window, as by a typed number, and prints how long it takes until something of it is handed to
 * be drawn, and until all of it is resolved and all gauges have told. Arguments: numbers of crossings in a ring.
 */
public final class ChangeTimes extends Application {
    private static final int WARM_UP = 20;
    private static final int CHANGES = 40;

    /** How long (ns) a hand rests before the next. */
    private static final long REST = 500_000_000L;

    private final Desk desk = new Desk();
    private final List<String> sizes = new ArrayList<>();
    private Scene scene;
    private PacedActs changing;

    @Override
    public void start(Stage window) throws Exception {
        sizes.addAll(getParameters().getRaw());
        RealWindow.open(window, desk);
        scene = window.getScene();
        next();
    }

    private void next() {
        if (sizes.isEmpty()) {
            Platform.exit();
            return;
        }
        String size = sizes.remove(0);
        desk.lay(RingDesigns.ofCrossings(Integer.parseInt(size)));
        changing = new PacedActs(desk, scene, REST, WARM_UP + CHANGES, this::change, () -> {
            System.out.printf(
                    "%s crossings: something seen after %s ms, all gauges told after %s ms%n",
                    size, changing.seen(CHANGES), changing.answered(CHANGES));
            next();
        });
        changing.start();
    }

    private void change(int number) {
        double radius = RingDesigns.RADIUS + Math.sin(number);
        desk.edit(new Edit("changed", d -> RingDesigns.withRadius(d, radius)));
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] sizes) {
            Application.launch(ChangeTimes.class, sizes);
        }
    }
}
