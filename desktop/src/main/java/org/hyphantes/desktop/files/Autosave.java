package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.wording.Question;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.exchange.project.ProjectFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Keeps unsaved work aside within two seconds of each change, in case the application stops, and offers it at the next start. */
public final class Autosave {
    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);

    private final Desk desk;
    private final Wording wording;
    private final Aside aside;
    private final Consumer<Aside.Kept> takenUp;
    private Optional<Path> file = Optional.empty();
    private boolean warned;

    /** Runs from the first change on, not from the last: a hand that never rests loses two seconds of work, not all of it. */
    private final PauseTransition pause = new PauseTransition(Duration.seconds(2));

    /** One writer, so that what is forgotten after it was kept stays forgotten. */
    private final ExecutorService writer = OwnThread.named("autosave");

    Autosave(Desk desk, Wording wording, Aside aside, Consumer<Aside.Kept> takenUp) {
        this.desk = desk;
        this.wording = wording;
        this.aside = aside;
        this.takenUp = takenUp;
        pause.setOnFinished(e -> keep());
    }

    /** Offers what an earlier run kept aside and did not save, and keeps aside what is changed from now on. */
    public void begin() {
        aside.tidy();
        List<Aside.Kept> left = aside.kept();
        left.stream().findFirst().ifPresent(newest -> offer(newest, left.size() - 1));
        desk.historyProperty().addListener(o -> {
            if (pause.getStatus() != Animation.Status.RUNNING) {
                pause.playFromStart();
            }
        });
    }

    private void offer(Aside.Kept newest, int more) {
        wording.ask(new Question(
                "Hyphantes stopped before its work was saved. Take it up again?"
                        + (more > 0
                                ? " Under File, Recovered, there " + (more == 1 ? "is 1" : "are " + more) + " more."
                                : ""),
                List.of(
                        new Question.Answer("Take it up", () -> takenUp.accept(newest)),
                        new Question.Answer("Throw it away", () -> refuse(newest)),
                        new Question.Answer("Later", () -> desk.say("It stays under File, Recovered.")))));
    }

    private void refuse(Aside.Kept kept) {
        aside.claimed(kept).ifPresent(Autosave::clear);
    }

    /** Keeps aside what is on the desk and not saved, off the interface thread. */
    public void keep() {
        if (!desk.isSaved()) {
            Design design = desk.design();
            Path own = file.orElseGet(() -> aside.fresh(design.name()));
            file = Optional.of(own);
            aside.hold(file);
            writer.execute(() -> keep(design, own));
        }
    }

    private void keep(Design design, Path own) {
        try {
            aside.ready();
            ProjectFile.save(design, own);
            warned = false;
        } catch (IOException | RuntimeException e) {
            LOG.warn("could not keep unsaved work aside", e);
            if (!warned) {
                warned = true;
                Platform.runLater(
                        () -> desk.warn("Unsaved work cannot be kept aside here: save it yourself now and then."));
            }
        }
    }

    /** From now on the desk's design is the one of a file kept aside; what was on the desk before stays aside as it is. */
    void holds(Path own) {
        keep();
        pause.stop();
        file = Optional.of(own);
        aside.hold(file);
    }

    /** Forgets what was kept aside of the design on the desk, as when all is saved or given up. */
    public void forget() {
        pause.stop();
        Optional<Path> own = file;
        file = Optional.empty();
        aside.hold(file);
        own.ifPresent(gone -> writer.execute(() -> clear(gone)));
    }

    private static void clear(Path gone) {
        try {
            Files.deleteIfExists(gone);
        } catch (IOException e) {
            LOG.warn("could not clear what was kept aside", e);
        }
    }

    /** Waits until all that was to be kept or cleared is. */
    void finish() {
        try {
            writer.submit(() -> {}).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException e) {
            LOG.warn("could not finish keeping work aside", e);
        }
    }
}
