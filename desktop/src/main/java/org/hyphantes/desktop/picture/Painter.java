package org.hyphantes.desktop.picture;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.canvas.GraphicsContext;
import javafx.stage.Screen;
import javafx.util.Duration;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.background.Spells;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Draws scenes on one canvas: a small one at once, a large one, and one with fills that are laid in layers, on a thread of its own, so that the keys never wait for it.
 * Until it is done what was drawn last stands, moved to where it is now seen; but not for long when that was another scene.
 *
 * <p>A prompt painter lays one tile of a cloth that is new, or newly seen, in all its places, and draws all of them exactly when nothing newer has come.
 */
public final class Painter {
    private static final Logger LOG = LoggerFactory.getLogger(Painter.class);

    /** So many marks are drawn at once: more take longer than a key should wait. */
    private static final int AT_ONCE = 3_000;

    /** Work younger than this (ns) is brought to its end though something newer is wanted, so that a drag is seen. */
    private static final long PATIENCE = 150_000_000L;

    /** Of more marks edges come when all is drawn exactly: they take longer than all else. */
    private static final int MOST_EDGED = 600;

    /** So long (s) a cloth stands as it was laid. */
    private static final double UNTIL_EXACT = 0.15;

    /** So many drawn ahead are kept: the groups before and after the one in hand, and one that is pointed at, with their bands and woven. */
    private static final int MOST_AHEAD = 6;

    private static final ExecutorService PAINTING = OwnThread.named("painter");

    /** What is looked at first does not wait for small pictures of the same. */
    private static final ExecutorService FIRST = OwnThread.named("first painter");

    private final Runnable again;
    private final boolean prompt;
    private final AtomicLong newest = new AtomicLong();

    /** A scene does not stand for long in the place of another. */
    private final PauseTransition stale = new PauseTransition(Duration.seconds(0.3));

    private final PauseTransition exactly = new PauseTransition(Duration.seconds(UNTIL_EXACT));

    private volatile List<LaidCloth> ahead = List.of();

    /** What was drawn last, and as seen by what. */
    private Scene drawn;

    private Camera from;

    private Raster last;

    /** How a cloth was laid that is still seen so; it stands until it has been drawn exactly. */
    private Optional<LaidCloth> laid = Optional.empty();

    private Scene scene;
    private Look look;
    private Camera camera;

    /** @param again draws the canvas again, when what takes longer has been drawn */
    public Painter(Runnable again) {
        this(again, false);
    }

    /** What is looked at first: see the class. */
    public static Painter prompt(Runnable again) {
        return new Painter(again, true);
    }

    private Painter(Runnable again, boolean prompt) {
        this.again = again;
        this.prompt = prompt;
        exactly.setOnFinished(e -> again.run());
        stale.setOnFinished(e -> {
            if (last != null && last.scene() != scene) {
                last = null;
                again.run();
            }
        });
    }

    /** Draws what the camera sees of a scene, as a look has it. */
    public void draw(Scene wanted, Look as, GraphicsContext gc, Camera seen) {
        boolean isNew = wanted != drawn || !seen.equals(from);
        drawn = wanted;
        from = seen;
        boolean isPrompt = !as.hurried() && isPrompt(isNew, wanted);
        Look first = isPrompt ? first(wanted, as) : as;
        Optional<LaidCloth> stamped = Stamping.draw(wanted, first, gc, seen, as.hurried() || isPrompt, ahead);
        laid = stamped.isPresent() || isNew ? stamped : laid;
        if (stamped.isPresent()) {
            newest.incrementAndGet();
            stale.stop();
            last = null;
            scene = null;
            return;
        }
        if (wanted.size() <= AT_ONCE && (as.hurried() || !wanted.layered())) {
            newest.incrementAndGet();
            stale.stop();
            last = null;
            scene = null;
            CanvasOutput.draw(wanted, as, gc, seen);
            return;
        }
        if (last == null || !last.isOf(wanted, as, seen)) {
            want(wanted, as, seen);
        }
        if (last != null) {
            last.lay(gc, seen);
        } else {
            laid.ifPresent(l -> gc.drawImage(l.image(), 0, 0));
        }
    }

    private static Look first(Scene wanted, Look as) {
        return wanted.size() > MOST_EDGED ? as.edged(0) : as;
    }

    /** Draws a cloth that may be wanted next, when nothing else is drawn. */
    public void foresee(Scene likely, Look as, Camera seen) {
        if (prompt && !likely.layered()) {
            Look first = first(likely, as);
            FIRST.execute(() -> Tiled.of(likely, seen.seen())
                    .filter(cloth -> ahead.stream().noneMatch(l -> l.isOf(cloth, first, seen, true)))
                    .flatMap(cloth -> LaidCloth.of(cloth, first, seen, true))
                    .ifPresent(this::keep));
        }
    }

    /** On the painting thread alone. */
    private void keep(LaidCloth laid) {
        ahead = Stream.concat(Stream.of(laid), ahead.stream()).limit(MOST_AHEAD).toList();
    }

    private boolean isPrompt(boolean isNew, Scene wanted) {
        if (!prompt || wanted.layered()) {
            return false;
        }
        if (isNew) {
            exactly.playFromStart();
        }
        return exactly.getStatus() == Animation.Status.RUNNING;
    }

    private void want(Scene wanted, Look as, Camera seen) {
        if (wanted == scene && as.equals(look) && seen.equals(camera)) {
            return;
        }
        scene = wanted;
        look = as;
        camera = seen;
        if (last != null && last.scene() != scene && stale.getStatus() != PauseTransition.Status.RUNNING) {
            stale.playFromStart();
        }
        double dense = Screen.getPrimary().getOutputScaleX();
        long number = newest.incrementAndGet();
        (prompt ? FIRST : PAINTING).execute(() -> {
            long begun = System.nanoTime();
            Spells spells = new Spells();
            Watch watch = () -> {
                if (number != newest.get() && System.nanoTime() - begun > PATIENCE) {
                    throw new BrokenOff();
                }
                spells.rest();
            };
            if (number == newest.get()) {
                paint(watch, wanted, as, seen, dense);
            }
        });
    }

    /** Only the field shows every tile as it is; in a small picture one is laid in all its places. */
    private Raster painted(Scene wanted, Look as, Camera seen, double dense) {
        Optional<Tiled> cloth = prompt || wanted.layered() ? Optional.empty() : Tiled.of(wanted, seen.seen());
        return cloth.flatMap(c -> LaidCloth.of(c, as, seen, false, dense))
                .map(c -> new Raster(wanted, as, seen, c.image()))
                .orElseGet(() -> Raster.of(wanted, as, seen, dense));
    }

    private void paint(Watch watch, Scene wanted, Look as, Camera seen, double dense) {
        try {
            Raster made = Watch.over(watch, () -> painted(wanted, as, seen, dense));
            Platform.runLater(() -> {
                // Something small may have taken its place meanwhile.
                if (scene != null) {
                    if (made.scene() == scene) {
                        stale.stop();
                    } else {
                        stale.playFromStart();
                    }
                    last = made;
                    again.run();
                }
            });
        } catch (BrokenOff e) {
            LOG.trace("broken off for a newer drawing");
        }
    }
}
