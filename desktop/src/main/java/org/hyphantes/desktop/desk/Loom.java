package org.hyphantes.desktop.desk;

import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Resolver;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Resolves designs one after another on a thread of its own. Only the newest wish counts: an older one not yet begun is
 * passed over, and one that has been under way for long is broken off.
 */
final class Loom {
    private static final Logger LOG = LoggerFactory.getLogger(Loom.class);

    /**
     * Work younger than this (ns) is brought to its end though there is a newer wish: a hand that drags wishes at every pulse, and
     * would otherwise see nothing until it rests.
     */
    private static final long PATIENCE = 150_000_000L;

    private final Resolver resolver = new Resolver();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "loom");
        made.setDaemon(true);
        return made;
    });
    private volatile long newest;
    private volatile long newestGhost;

    /** Resolves what an edit would make of a design, and hands it over unless nobody wants it any more. */
    void ghost(Design design, Edit edit, Consumer<Artwork> done) {
        long wish = ++newestGhost;
        thread.execute(() -> {
            if (wish != newestGhost) {
                return;
            }
            try {
                Artwork made = new Resolver().resolve(edit.change().apply(design));
                Platform.runLater(() -> {
                    if (wish == newestGhost) {
                        done.accept(made);
                    }
                });
            } catch (RuntimeException e) {
                LOG.error("could not show a mend", e);
            }
        });
    }

    void ghostless() {
        newestGhost++;
    }

    /** Resolves, then hands the result over on the interface thread; what an older wish made is shown until the newer one is done. */
    void resolve(
            Design design,
            String group,
            int shuttle,
            boolean knowing,
            boolean measured,
            Consumer<Resolved> done,
            Consumer<RuntimeException> failed) {
        long wish = ++newest;
        thread.execute(() -> {
            if (wish != newest) {
                return;
            }
            try {
                long begun = System.nanoTime();
                Resolved resolved = Resolved.of(resolver, design, group, shuttle, knowing, measured, () -> {
                    if (wish != newest && System.nanoTime() - begun > PATIENCE) {
                        throw new CancellationException();
                    }
                });
                Platform.runLater(() -> done.accept(resolved));
            } catch (CancellationException e) {
                LOG.trace("passed over for a newer wish");
            } catch (RuntimeException e) {
                LOG.error("could not resolve", e);
                Platform.runLater(() -> failed.accept(e));
            }
        });
    }
}
