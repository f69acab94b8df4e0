package org.hyphantes.desktop.act;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Group;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.exchange.incoming.Brought;
import org.hyphantes.exchange.incoming.CannotBring;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Brings in what others drew, as figures in a group of their own; read on a thread of its own, a newer wish breaking an older one off. */
public final class BringActs {
    private static final Logger LOG = LoggerFactory.getLogger(BringActs.class);
    private static final ExecutorService READER = OwnThread.named("bringer");
    private static final AtomicLong NEWEST = new AtomicLong();

    private final Desk desk;

    public BringActs(Desk desk) {
        this.desk = desk;
    }

    /** What reads something that is brought in. */
    private interface Source {
        Brought read() throws IOException, CannotBring;
    }

    /** Whether a file is of a kind that can be brought in. */
    public static boolean isKnown(Path file) {
        return Incomings.of(file).isPresent();
    }

    /** Brings in a file. */
    public void bring(Path file) {
        String name = String.valueOf(file.getFileName());
        bring(name.replaceFirst("\\.[^.]*$", ""), () -> Incomings.read(file));
    }

    /** Brings in the text of an SVG from elsewhere. */
    public void bringSvg(String text) {
        bring("Pasted", () -> Incomings.svg().read(text.getBytes(StandardCharsets.UTF_8)));
    }

    private void bring(String name, Source source) {
        long number = NEWEST.incrementAndGet();
        Watch watch = () -> {
            if (number != NEWEST.get()) {
                throw new BrokenOff();
            }
        };
        desk.say("Bringing in " + name + " ...");
        READER.execute(() -> {
            try {
                Runnable outcome = Watch.over(watch, () -> outcome(name, source));
                Platform.runLater(outcome);
            } catch (BrokenOff e) {
                LOG.trace("broken off for a newer wish");
            } catch (RuntimeException | Error e) {
                LOG.error("not brought in", e);
                Platform.runLater(() -> desk.warn("Not brought in: it needs more than this computer has."));
            }
        });
    }

    private Runnable outcome(String name, Source source) {
        try {
            Brought brought = source.read();
            return () -> lay(name, brought);
        } catch (CannotBring e) {
            return () -> desk.warn("Not brought in. " + e.getMessage());
        } catch (IOException e) {
            LOG.warn("not brought in", e);
            return () -> desk.warn("Not brought in: the file cannot be read.");
        }
    }

    private void lay(String name, Brought brought) {
        Box drawn = desk.resolved() == null
                ? Scene.EMPTY.box()
                : desk.resolved().finished().scene().box();
        String told = "Brought in: " + brought.told(desk.design());
        Design with = brought.into(desk.design(), drawn, name);
        Group group = (Group) with.root().members().get(with.root().members().size() - 1);
        desk.edit(new Edit(told, d -> with));
        desk.open(Gallery.SET_OUT);
        desk.look(desk.view().choosing(desk.root().id(), Set.of(group.id())));
        desk.say(told);
    }
}
