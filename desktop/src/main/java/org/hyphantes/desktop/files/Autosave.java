package org.hyphantes.desktop.files;

import static java.nio.file.StandardCopyOption.REPLACE_EXISTING;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.wording.Question;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Keeps unsaved work aside two seconds after each change, in case the application stops, and offers it at the next start. */
public final class Autosave {
    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);

    private final Desk desk;
    private final Wording wording;
    private final Path aside;
    private final Consumer<Design> takenUp;

    /** Whether it is still asked what is to become of the work found; until then it is neither overwritten nor deleted. */
    private boolean asked;

    private final PauseTransition pause = new PauseTransition(Duration.seconds(2));

    /** One writer, so that what is forgotten after it was kept stays forgotten. */
    private final ExecutorService writer = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "autosave");
        made.setDaemon(true);
        return made;
    });

    Autosave(Desk desk, Wording wording, Path aside, Consumer<Design> takenUp) {
        this.desk = desk;
        this.wording = wording;
        this.aside = aside;
        this.takenUp = takenUp;
        pause.setOnFinished(e -> keep());
    }

    /** Offers what an earlier run kept aside and did not save, and keeps aside what is changed from now on. */
    public void begin() {
        if (Files.isRegularFile(aside)) {
            asked = true;
            wording.ask(new Question(
                    "Hyphantes stopped before its work was saved. Take it up again?",
                    List.of(
                            new Question.Answer("Take it up", this::takeUp),
                            new Question.Answer("Throw it away", this::throwAway))));
        }
        desk.historyProperty().addListener(o -> pause.playFromStart());
    }

    /** Keeps aside what is on the desk and not saved, off the interface thread. */
    public void keep() {
        if (!asked && !desk.isSaved()) {
            Design design = desk.design();
            writer.execute(() -> keep(design));
        }
    }

    private void keep(Design design) {
        try {
            Files.createDirectories(aside.getParent());
            ProjectFile.save(design, aside);
        } catch (IOException e) {
            LOG.warn("could not keep unsaved work aside", e);
        }
    }

    private void throwAway() {
        asked = false;
        forget();
        keep();
    }

    private void takeUp() {
        try {
            Design found = ProjectFile.open(aside);
            asked = false;
            takenUp.accept(found);
            desk.say("This is the design as it was; save it to keep it.");
        } catch (CannotOpen e) {
            setAside();
            desk.warn(e.getMessage());
        }
    }

    /** Puts a file that cannot be read out of the way of the next one, but keeps it. */
    private void setAside() {
        try {
            Files.move(aside, aside.resolveSibling("damaged-" + aside.getFileName()), REPLACE_EXISTING);
            asked = false;
        } catch (IOException e) {
            LOG.warn("could not set aside damaged work", e);
        }
    }

    /** Forgets what was kept aside, as when all is saved or given up. */
    public void forget() {
        pause.stop();
        if (asked) {
            return;
        }
        try {
            writer.submit(() -> Files.deleteIfExists(aside)).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException e) {
            LOG.warn("could not clear recovered work", e);
        }
    }
}
