package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.wording.Question;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.exchange.svg.SvgFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** New, open, save, write: never losing what is on the desk without asking, and leaving it be when something fails. */
public final class Documents {
    private static final Logger LOG = LoggerFactory.getLogger(Documents.class);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final Desk desk;
    private final Wording wording;
    private final Remembered remembered;
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private FileChoice choice;

    public Documents(Desk desk, Wording wording, Remembered remembered, FileChoice choice) {
        this.desk = desk;
        this.wording = wording;
        this.remembered = remembered;
        this.choice = choice;
    }

    /** Has another chooser asked for files; for tests. */
    public void choosingBy(FileChoice other) {
        choice = other;
    }

    /** Asks for a picture to lay under the design. */
    public void picture(Consumer<Path> laid) {
        choice.toTrace().ifPresent(laid);
    }

    /** The file of the design on the desk; empty before it is first saved. */
    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    public void begin() {
        leaving("beginning a new one", () -> {
            file.set(Optional.empty());
            desk.lay(Design.empty("New design"));
            desk.openStage(Stage.SET_OUT);
            desk.say("A new design.");
        });
    }

    public void openDemo(Demo demo) {
        leaving("opening the demo", () -> {
            file.set(Optional.empty());
            desk.lay(demo.design());
            desk.say("The demo " + demo.title() + ": " + demo.what() + ".");
        });
    }

    public void open() {
        leaving("opening another", () -> choice.toOpen().ifPresent(this::load));
    }

    public void open(Path path) {
        leaving("opening another", () -> load(path));
    }

    /** Lays the design of a file on the desk; a file that cannot be read leaves the desk as it is and says why. */
    public void load(Path path) {
        try {
            Design design = ProjectFile.open(path);
            desk.lay(design);
            file.set(Optional.of(path));
            remembered.recent(path);
            desk.say("Opened " + path.getFileName() + ".");
        } catch (CannotOpen e) {
            desk.warn(e.getMessage());
        }
    }

    public boolean save() {
        return file.get().map(this::save).orElseGet(this::saveAs);
    }

    public boolean saveAs() {
        return choice.toWrite("Save the design", fileName(), ProjectFile.ENDING)
                .map(this::save)
                .orElse(false);
    }

    private boolean save(Path path) {
        try {
            ProjectFile.save(desk.design(), path);
            file.set(Optional.of(path));
            desk.markSaved();
            remembered.recent(path);
            Files.deleteIfExists(remembered.recovery());
            desk.say("Saved " + LocalTime.now().format(CLOCK) + ".");
            return true;
        } catch (IOException e) {
            LOG.warn("not saved", e);
            desk.warn("Not saved: " + reason(e) + " The design is safe in memory; save it elsewhere.");
            return false;
        }
    }

    /** Writes what is handed over. */
    public void write() {
        Resolved resolved = desk.resolved();
        if (resolved == null || resolved.finished().shapes().isEmpty()) {
            desk.warn("There is nothing to write yet: add a figure first.");
            return;
        }
        if (!desk.settledProperty().get() || !resolved.design().equals(desk.design())) {
            desk.warn("The design is still being resolved; write it in a moment.");
            return;
        }
        choice.toWrite("Write the file", fileName(), ".svg").ifPresent(path -> {
            try {
                SvgFile.save(resolved.design(), resolved.finished(), path);
                desk.say("Written: " + path.getFileName() + ", "
                        + resolved.finished().shapes().size() + " paths.");
            } catch (IOException e) {
                LOG.warn("not written", e);
                desk.warn("Not written: " + reason(e) + " Choose another folder.");
            }
        });
    }

    /** Writes the strands, crossings and grounds in figures: as text, JSON or CSV, by the ending. */
    public void report(String ending) {
        Resolved resolved = desk.resolved();
        if (resolved == null || resolved.finished().shapes().isEmpty()) {
            desk.warn("There is nothing to report yet: add a figure first.");
            return;
        }
        choice.toWrite("Write the report", fileName(), ending).ifPresent(path -> {
            try {
                Report report = new Report(resolved.design(), resolved.finished());
                report.save(path);
                desk.say("Written: " + path.getFileName() + ".");
            } catch (IOException e) {
                LOG.warn("not written", e);
                desk.warn("Not written: " + reason(e) + " Choose another folder.");
            }
        });
    }

    private static String reason(IOException e) {
        return e instanceof AccessDeniedException
                ? "this folder cannot be written to."
                : e instanceof NoSuchFileException ? "the folder is not there (any more)." : e.getMessage() + ".";
    }

    private String fileName() {
        String name = desk.design().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return name.replaceAll("^-|-$", "").isEmpty() ? "design" : name.replaceAll("^-|-$", "");
    }

    /** Does something that clears the desk, asking first when that would lose work. */
    public void leaving(String why, Runnable act) {
        if (desk.isSaved()) {
            act.run();
            return;
        }
        if (wording.isAsking()) {
            return;
        }
        wording.ask(new Question(
                "Save " + desk.design().name() + " before " + why + "?",
                List.of(
                        new Question.Answer("Save", () -> {
                            if (save()) {
                                act.run();
                            }
                        }),
                        new Question.Answer("Leave unsaved", act),
                        new Question.Answer("Stay", () -> desk.say("Nothing was closed.")))));
    }

    /** Keeps unsaved work aside, in case the application stops. Called now and then, off the interface thread. */
    public void keepAside(Design design) {
        try {
            Files.createDirectories(remembered.recovery().getParent());
            ProjectFile.save(design, remembered.recovery());
        } catch (IOException e) {
            LOG.warn("could not keep unsaved work aside", e);
        }
    }

    /** Offers work that an earlier run kept aside and did not save. */
    public void offerRecovered() {
        Path aside = remembered.recovery();
        if (!Files.isRegularFile(aside)) {
            return;
        }
        wording.ask(new Question(
                "Hyphantes stopped before its work was saved. Take it up again?",
                List.of(
                        new Question.Answer("Take it up", () -> takeUp(aside)),
                        new Question.Answer("Throw it away", this::forgetAside))));
    }

    private void takeUp(Path aside) {
        try {
            desk.layUnsaved(ProjectFile.open(aside));
            file.set(Optional.empty());
            desk.say("This is the design as it was; save it to keep it.");
        } catch (CannotOpen e) {
            desk.warn(e.getMessage());
        }
    }

    /** Forgets what was kept aside, as when all is saved or given up. */
    public void forgetAside() {
        try {
            Files.deleteIfExists(remembered.recovery());
        } catch (IOException e) {
            LOG.warn("could not clear recovered work", e);
        }
    }
}
