package org.hyphantes.desktop.files;

import java.io.IOException;
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
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.wording.Question;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.project.Rescue;
import org.hyphantes.exchange.project.SketchPath;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.setting.Quoted;
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
    private final Aside aside;
    private final Autosave autosave;
    private final Opening opening;
    private final Writing writing;
    private FileChoice choice;

    public Documents(Desk desk, Wording wording, Remembered remembered, FileChoice choice) {
        this.desk = desk;
        this.wording = wording;
        this.remembered = remembered;
        this.choice = choice;
        this.opening =
                new Opening(seconds -> desk.say("Opening has taken " + seconds + " s; Ctrl+N or Ctrl+O leaves it."));
        this.writing = new Writing(desk);
        this.aside = new Aside(remembered.aside());
        file.addListener((o, was, now) ->
                desk.tracing().base(now.map(f -> f.toAbsolutePath().getParent())));
        this.autosave = new Autosave(desk, wording, aside, this::takeUp);
    }

    /** Waits a few seconds for what is still being written, before the window goes. */
    public void finish() {
        writing.finish();
        autosave.finish();
    }

    /** Breaks off what is being written; whether anything was. */
    public boolean breakOff() {
        return writing.breakOff();
    }

    /** What keeps unsaved work aside. */
    public Autosave autosave() {
        return autosave;
    }

    /** What is kept aside of designs that are on no desk. */
    public List<Aside.Kept> recovered() {
        return aside.kept();
    }

    /** Lays recovered work on the desk: it is in no file yet. */
    public void takeUp(Aside.Kept kept) {
        opening.read(
                kept.file(),
                design -> takeUp(kept, design, "This is the design as it was; save it to keep it."),
                e -> offer(e, rescue -> takeUp(kept, rescue.design(), opened(rescue))));
    }

    private void takeUp(Aside.Kept kept, Design design, String words) {
        aside.claimed(kept)
                .ifPresentOrElse(
                        own -> {
                            autosave.holds(own);
                            lay(design, Optional.empty(), true);
                            desk.say(words);
                        },
                        () -> desk.warn("Another window has taken it up already."));
    }

    /** Puts a design on the desk, of a file or of none. */
    private void lay(Design design, Optional<Path> of, boolean unsaved) {
        file.set(of);
        if (unsaved) {
            desk.layUnsaved(design);
        } else {
            desk.lay(design);
        }
    }

    /** Says why a file cannot be opened, and offers what can be read of it. */
    private void offer(CannotOpen refused, Consumer<Rescue> taken) {
        if (refused.rescue().isEmpty()) {
            desk.warn(refused.getMessage());
            return;
        }
        Rescue rescue = refused.rescue().get();
        desk.say("");
        wording.ask(new Question(
                refused.getMessage() + " Open it " + rescue.extent() + "?",
                List.of(
                        new Question.Answer("Open it", () -> taken.accept(rescue)),
                        new Question.Answer(
                                "Leave it", () -> desk.say("Nothing was opened; the file is as it was.")))));
    }

    private static String opened(Rescue rescue) {
        return "Opened " + rescue.extent() + "; the rest is kept aside.";
    }

    /** Has another chooser asked for files; for tests. */
    public void choosingBy(FileChoice other) {
        choice = other;
    }

    /** Asks for a picture to lay under the design. */
    public void picture(Consumer<Path> laid) {
        choice.toTrace().ifPresent(laid);
    }

    /** Asks for a drawing of others, for what brings it in. */
    public void drawing(Consumer<Path> brought) {
        choice.toBring(Incomings.EACH.stream()
                        .flatMap(i -> i.endings().stream())
                        .toList())
                .ifPresent(brought);
    }

    /** The file of the design on the desk; empty before it is first saved. */
    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    public void begin() {
        leaving("beginning a new one", () -> {
            autosave.forget();
            opening.leave();
            lay(Design.empty("New design"), Optional.empty(), false);
            desk.open(Gallery.SET_OUT);
            desk.say("A new design.");
        });
    }

    public void openDemo(Demo demo) {
        leaving("opening the demo", () -> {
            autosave.forget();
            opening.leave();
            lay(demo.design(), Optional.empty(), false);
            desk.say("The demo " + demo.title() + ": " + demo.what() + ".");
        });
    }

    public void open() {
        leaving("opening another", () -> choice.toOpen().ifPresent(this::load));
    }

    public void open(Path path) {
        leaving("opening another", () -> load(path));
    }

    /**
     * Lays the design of a file on the desk once it has been read, which another thread does; a file that cannot be read leaves the desk
     * as it is, says why, and offers what can be read of it.
     */
    public void load(Path path) {
        Design before = desk.design();
        desk.say("Opening " + Quoted.message(String.valueOf(path.getFileName())) + " ...");
        opening.read(
                path,
                design -> arrived(before, () -> {
                    layRead(design, path, false);
                    remembered.recent(path);
                    desk.say("Opened " + path.getFileName() + ".");
                }),
                e -> offer(
                        e,
                        rescue -> arrived(before, () -> {
                            aside.copied(path);
                            layRead(rescue.design(), path, true);
                            desk.say(opened(rescue));
                        })));
    }

    /** Lays what was read of a file, whole or rescued; of a stranger's design the picture waits until it is asked about. */
    private void layRead(Design design, Path path, boolean rescued) {
        boolean stranger = isStranger(design, path);
        if (stranger) {
            desk.tracing().withhold(design.sketch().file());
        }
        lay(design, rescued ? Optional.empty() : Optional.of(path), rescued);
        if (stranger) {
            askForSketch(design.sketch().file());
        }
    }

    /** Whether a design comes from elsewhere and names a picture outside its folder. */
    private boolean isStranger(Design design, Path path) {
        Path whole = path.toAbsolutePath();
        return !SketchPath.isWithin(design, whole.getParent())
                && !remembered.recent().contains(whole);
    }

    private void askForSketch(String picture) {
        wording.ask(new Question(
                "This design lays a picture under it that is not in its folder: " + Quoted.of(picture) + ". Show it?",
                List.of(
                        new Question.Answer("Show it", () -> desk.tracing().allow(picture)),
                        new Question.Answer(
                                "Leave it out",
                                () -> desk.say("The picture stays unread; type sketch none to be rid of it.")))));
    }

    /** What was done on the desk while a file was read is asked about before it is cleared. */
    private void arrived(Design before, Runnable laid) {
        Runnable act = () -> {
            autosave.forget();
            laid.run();
        };
        if (desk.design() == before) {
            act.run();
        } else {
            leaving("opening another", act);
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
        if (file.get().isEmpty()) {
            takeNameOf(path);
        }
        try {
            ProjectFile.save(desk.design(), path);
            file.set(Optional.of(path));
            desk.markSaved();
            remembered.recent(path);
            autosave.forget();
            desk.say("Saved " + LocalTime.now().format(CLOCK) + ".");
            return true;
        } catch (IOException e) {
            LOG.warn("not saved", e);
            desk.warn("Not saved: " + Refusal.words(e) + " The design is safe in memory; save it elsewhere.");
            return false;
        }
    }

    /** A design takes the name of its first file, unless the file has been named after it. */
    private void takeNameOf(Path path) {
        String plain = path.getFileName().toString();
        String base = plain.replaceFirst("\\" + ProjectFile.ENDING + "$", "");
        if (base.isBlank() || base.equals(fileName())) {
            return;
        }
        String words = base.replaceAll("[-_\\s\\p{Cc}\\p{Cs}]+", " ").strip();
        String name = words.isEmpty() ? base : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
        desk.edit(new Edit("Named " + name + ".", d -> d.named(name)));
    }

    /** Writes what is handed over. */
    public void write() {
        Resolved resolved = desk.resolved();
        if (resolved == null || resolved.finished().scene().isEmpty()) {
            desk.warn("There is nothing to write yet: add a figure first.");
            return;
        }
        boolean answered = desk.settledProperty().get() && resolved.design() == desk.design();
        if (!answered || !desk.pictured().isMeasured()) {
            desk.warn("The design is still being resolved; write it in a moment.");
            return;
        }
        try {
            Handout handout = Handout.of(resolved.design(), resolved.finished());
            choice.toWrite("Write the file", fileName(), Formats.EACH)
                    .ifPresent(path -> writing.write(path, () -> Writing.written(handout, path)));
        } catch (CannotHandOver e) {
            desk.warn(e.getMessage());
        }
    }

    /** Writes the strands, crossings and grounds in figures: as text, JSON or CSV, by the ending. */
    public void report(String ending) {
        Resolved resolved = desk.resolved();
        if (resolved == null || resolved.finished().scene().isEmpty()) {
            desk.warn("There is nothing to report yet: add a figure first.");
            return;
        }
        choice.toWrite("Write the report", fileName(), ending)
                .ifPresent(path -> writing.write(path, () -> {
                    new Report(resolved.design(), resolved.finished()).save(path);
                    return "";
                }));
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
}
