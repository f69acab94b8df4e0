package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;

/** A probe in a Java machine and a home of its own, and what probes share. */
final class OwnProcess {
    private OwnProcess() {}

    static ProcessBuilder of(Path home, Class<?> probe, String... words) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dprism.order=sw",
                "-Duser.home=" + home,
                "-cp",
                System.getProperty("java.class.path"),
                probe.getName()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("HOME", home.toString());
        builder.environment().put("XDG_STATE_HOME", home.resolve("state").toString());
        return builder;
    }

    /** Does something on the interface thread and waits for it. */
    static <T> T onFx(Callable<T> call) throws Exception {
        FutureTask<T> task = new FutureTask<>(call);
        Platform.runLater(task);
        return task.get();
    }
}
