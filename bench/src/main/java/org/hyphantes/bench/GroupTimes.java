package org.hyphantes.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.symmetry.RepeatGroup;

/**
 * Pages through all groups of a repeat in the real window, round and round, and prints how long it takes until something of the new group is
 * handed to be drawn, and until it is woven and measured. Arguments: how long (ms) a hand rests on each group before it goes on, how many rounds, and
 * the designs' files; the last round counts.
 */
public final class GroupTimes extends Application {
    private static final int GROUPS = RepeatGroup.values().length;

    private final Desk desk = new Desk();
    private final RepeatActs acts = new RepeatActs(desk);
    private Scene scene;
    private PacedActs paging;
    private List<String> files;
    private double rest;
    private int rounds;

    @Override
    public void start(Stage window) throws Exception {
        List<String> arguments = getParameters().getRaw();
        rest = Double.parseDouble(arguments.get(0)) * 1e6;
        rounds = Integer.parseInt(arguments.get(1));
        files = new ArrayList<>(arguments.subList(2, arguments.size()));
        RealWindow.open(window, desk);
        scene = window.getScene();
        next();
    }

    private void next() throws Exception {
        if (files.isEmpty()) {
            Platform.exit();
            return;
        }
        Design design = ProjectFile.open(Path.of(files.remove(0)));
        desk.lay(design);
        desk.open("repeat");
        String name = design.name();
        paging = new PacedActs(desk, scene, rest, rounds * GROUPS, number -> acts.next(1), () -> {
            System.out.printf(
                    "%s: seen after %s ms, woven and measured after %s ms%n",
                    name, paging.seen(GROUPS), paging.answered(GROUPS));
            then();
        });
        paging.start();
    }

    private void then() {
        try {
            next();
        } catch (Exception e) {
            throw new IllegalStateException("a file that cannot be opened", e);
        }
    }

    /** Starts the window; as in the application, an entry point that is no Application itself. */
    public static final class Main {
        private Main() {}

        public static void main(String[] arguments) {
            Application.launch(GroupTimes.class, arguments);
        }
    }
}
