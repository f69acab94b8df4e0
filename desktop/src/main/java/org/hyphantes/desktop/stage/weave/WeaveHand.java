package org.hyphantes.desktop.stage.weave;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Eyes;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.GradientGrips;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.desktop.stage.SnagMarks;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/**
 * The hand in Weave: a click swaps a crossing or lifts a strand by its letter; a drag begun on a band lays it; a stroke begun on the
 * ground breaks the crossing it goes through, or rejoins it.
 */
final class WeaveHand implements Hand {
    private static final double LETTER = 11;
    private static final int MOST_TEXTURED = 400;

    private final Desk desk;
    private final Glass glass;
    private final ReachActs reach;
    private final BreakingStroke stroke;
    private final CrossingActs crossings;
    private final GradientGrips grips;
    private Point pressed;
    private Point now;
    private Optional<StrandLaying> laying = Optional.empty();

    WeaveHand(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
        this.reach = new ReachActs(desk);
        this.stroke = new BreakingStroke(desk, glass);
        this.crossings = new CrossingActs(desk, glass);
        this.grips = new GradientGrips(desk, glass);
    }

    private List<Laying> weaves() {
        return desk.resolved() == null ? List.of() : desk.resolved().weaves();
    }

    private boolean isBusy() {
        return pressed != null && now != null;
    }

    @Override
    public Optional<Box> whole(Resolved resolved) {
        return resolved.finished().scene().isEmpty() ? Optional.empty() : Optional.of(resolved.round());
    }

    @Override
    public void draw(Sheet sheet) {
        Scene scene = desk.pictured().artwork().scene();
        int size = scene.size();
        Eyes eyes = desk.view().eyes();
        double edge = eyes.bare()
                ? 0
                : size <= MOST_TEXTURED ? 1.2 : desk.draggingProperty().get() ? 0 : 0.6;
        Look look = desk.view().textures()
                ? Looks.toldApart(sheet.palette(), edge).textured(size <= MOST_TEXTURED && isOnePiece())
                : Looks.own(sheet.palette(), edge);
        sheet.draw(scene, look.lifting(desk.liftedProperty().get()).seenBy(eyes.sight()));
        WeaveMarks marks = new WeaveMarks(sheet);
        for (Laying woven : desk.pictured().isMeasured() ? weaves() : List.<Laying>of()) {
            if (woven.placed().equals(Affine.IDENTITY)) {
                marks.still(woven.weave());
            }
        }
    }

    /** Of a cloth only the tile that is drawn in could have textures, which would tell it from the others. */
    private boolean isOnePiece() {
        return desk.pictured().artwork().work().cloth().isEmpty();
    }

    @Override
    public boolean isEmpty() {
        return desk.pictured().artwork().scene().isEmpty();
    }

    @Override
    public String emptyWords() {
        return "No two strands cross here. Go back to Set out and add figures.";
    }

    @Override
    public boolean hasMarks() {
        return isBusy()
                || grips.areThere()
                || hover().isCrossing()
                || desk.ghostProperty().get().isPresent()
                || !desk.pictured().snags().isEmpty();
    }

    @Override
    public void marks(Sheet sheet) {
        WeaveMarks marks = new WeaveMarks(sheet);
        SnagMarks snags = new SnagMarks(sheet);
        desk.ghostProperty().get().ifPresent(snags::ghost);
        if (isBusy()) {
            String words = laying.map(l -> l.draw(marks, reach.reach()))
                    .orElseGet(() -> stroke.draw(marks, weaves(), pressed, now, reach.reach()));
            glass.label(words, now, 16);
        } else if (hover().isCrossing()) {
            glass.label(crossings.draw(marks, hover()), hover().place().orElseThrow(), 26);
        }
        grips.draw(sheet);
        snags.flags(desk.pictured().snags());
    }

    private Hover hover() {
        return desk.hoverProperty().get();
    }

    @Override
    public void moved(MouseEvent event) {
        desk.hover(crossings.at(event.getX(), event.getY()));
    }

    @Override
    public void pressed(MouseEvent event) {
        if (grips.pressed(event)) {
            return;
        }
        pressed = glass.camera().place(event.getX(), event.getY());
        now = null;
        laying = Optional.empty();
    }

    /** Takes a drag up; a strand to lay is known by where it began and which way it goes. */
    @Override
    public void dragged(MouseEvent event) {
        if (grips.dragged(event)) {
            return;
        }
        if (pressed == null) {
            return;
        }
        Point at = glass.camera().place(event.getX(), event.getY());
        if (now == null) {
            laying = StrandLaying.begun(weaves(), pressed, at, Glass.isOtherWay(event));
        }
        now = at;
        laying.ifPresent(l -> l.to(at));
        glass.redrawMarks();
    }

    @Override
    public void released(MouseEvent event, boolean still) {
        if (grips.released()) {
            return;
        }
        Point begin = pressed;
        pressed = null;
        if (begin == null) {
            return;
        }
        if (still || now == null) {
            click(event);
        } else {
            List<Laying> weaves = desk.weavesToActOn();
            if (!weaves.isEmpty() && laying.isPresent()) {
                laying.get()
                        .edit(weaves, reach(event))
                        .ifPresentOrElse(
                                desk::edit,
                                () -> desk.say(
                                        "Drag along the strand over a crossing to lay it; from the ground through a crossing to break"
                                                + " it."));
            } else if (!weaves.isEmpty()) {
                stroke.done(weaves, begin, now, reach(event));
            }
        }
        now = null;
        laying = Optional.empty();
        glass.redrawMarks();
    }

    private void click(MouseEvent event) {
        Optional<StrandKey> letter = letter(event.getX(), event.getY());
        Hover at = crossings.at(event.getX(), event.getY());
        if (letter.isPresent()) {
            desk.lift(letter.get());
        } else if (at.isCrossing()) {
            desk.hover(at);
            crossings.act(at, reach(event), Glass.isOtherWay(event));
        }
    }

    private Reach reach(MouseEvent event) {
        return event.isShiftDown()
                ? ReachWords.broader(reach.reach())
                : event.isControlDown() ? Reach.THIS_ONE : reach.reach();
    }

    private Optional<StrandKey> letter(double x, double y) {
        for (Laying woven : weaves()) {
            Weave weave = woven.weave();
            for (int s = 0; s < weave.strands().size() && weave.strands().size() <= WeaveMarks.MOST_LETTERS; s++) {
                Point p = woven.placed().of(weave.clearest(s));
                if (Math.hypot(glass.camera().x(p) - x, glass.camera().y(p) - y) < LETTER) {
                    return Optional.of(weave.strands().get(s).key());
                }
            }
        }
        return Optional.empty();
    }

    @Override
    public boolean key(KeyEvent event, Point way) {
        if (event.isControlDown()) {
            return false;
        }
        Reach wide = event.isShiftDown() ? ReachWords.broader(reach.reach()) : reach.reach();
        switch (event.getCode()) {
            case SPACE -> {
                if (hover().isCrossing()) {
                    crossings.act(hover(), wide, false);
                }
            }
            case ENTER -> {
                if (!hover().isCrossing()) {
                    return false;
                }
                crossings.act(hover(), reach.reach(), true);
            }
            case INSERT -> {
                if (hover().place().isEmpty()) {
                    return false;
                }
                stroke.at(hover().place().get(), wide);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    @Override
    public List<Hover> stops() {
        return crossings.all();
    }

    @Override
    public String at() {
        return crossings.words(hover());
    }

    @Override
    public void resolved() {
        if (!crossings.isThere(hover())) {
            desk.hover(Hover.NONE);
        }
    }

    /** Fills the strand that is lifted; without one a digit means the sentence. */
    @Override
    public boolean digit(int digit) {
        return desk.liftedProperty().get().isPresent() && new StrandFilling(desk).fill(Optional.empty(), digit);
    }
}
