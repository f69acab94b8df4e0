package org.hyphantes.desktop.stage.setout;

import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Point;

/** The keys of Set out: dividers from needle to needle, nudges of what is selected, points lying close together. */
final class SetOutKeys {
    private final Desk desk;
    private final Glass glass;
    private final KnownCatch known;
    private final Picking picking;
    private final Dividers dividers;
    private final PathHand paths;

    SetOutKeys(Desk desk, Glass glass, KnownCatch known, Picking picking, Dividers dividers, PathHand paths) {
        this.desk = desk;
        this.glass = glass;
        this.known = known;
        this.picking = picking;
        this.dividers = dividers;
        this.paths = paths;
    }

    /** Takes a key, if it is one of these. */
    boolean pressed(KeyEvent event, Point way) {
        switch (event.getCode()) {
            case ENTER -> {
                if (event.isControlDown()) {
                    return false;
                }
                leg();
            }
            case ESCAPE -> letGo();
            case PAGE_UP, PAGE_DOWN -> {
                return !event.isControlDown() && known.next(event.getCode() == KeyCode.PAGE_UP ? -1 : 1);
            }
            case SPACE -> {
                return !event.isControlDown() && (paths.toggle() || select(event.isShiftDown()));
            }
            case UP, DOWN, LEFT, RIGHT -> {
                return arrow(event, way);
            }
            case END ->
                desk.needle(Hover.at(new Point(0, -desk.design().page().box().bottom())));
            default -> {
                return false;
            }
        }
        return true;
    }

    private void letGo() {
        if (dividers.areOpen() && !dividers.isLoose()) {
            dividers.keep();
            desk.say("Dividers closed.");
        } else if (paths.point() >= 0) {
            paths.forget();
        } else {
            dividers.keep();
            desk.look(desk.view().about(null));
        }
    }

    /** Selects the figure at the needle, or takes it in as well. */
    private boolean select(boolean more) {
        Optional<String> id = desk.hoverProperty().get().place().flatMap(picking::at);
        String root = desk.root().id();
        id.ifPresent(found ->
                desk.look(more ? desk.view().toggling(root, found) : desk.view().choosing(root, Set.of(found))));
        return true;
    }

    private boolean arrow(KeyEvent event, Point way) {
        boolean loose = dividers.isLoose();
        if (loose && way.y() != 0) {
            dividers.nextNoun((int) way.y());
        } else if (!dividers.areOpen() || loose) {
            if (desk.view().chosen().isEmpty()) {
                return false;
            }
            dividers.keep();
            double by = event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1;
            new Arrange(desk).move(way.times(by * desk.design().unit().millimetres()));
        } else {
            glass.go(way);
            desk.hoverProperty().get().place().ifPresent(p -> dividers.spread(p, event.isShiftDown()));
        }
        return true;
    }

    private void leg() {
        Point needle = desk.hoverProperty().get().place().orElse(Point.ORIGIN);
        if (dividers.isLoose()) {
            dividers.keep();
            desk.say("Kept.");
        } else if (dividers.areOpen()) {
            dividers.spread(needle, false);
            dividers.lay();
            desk.say("Up and Down make it another figure, Enter keeps it; digits set its first number.");
        } else {
            dividers.open(needle);
            desk.needle(Hover.at(needle));
            desk.say("First leg set"
                    + known.caught().map(k -> " on " + k.words()).orElse("")
                    + ". Arrows open the dividers, Enter sets the second leg.");
        }
    }
}
