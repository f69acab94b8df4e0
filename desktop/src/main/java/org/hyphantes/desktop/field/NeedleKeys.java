package org.hyphantes.desktop.field;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Reach;

/** The keys of the field: the needle goes from one crossing or figure to the next, and acts where it stands. */
final class NeedleKeys {
    private final Desk desk;
    private final Field field;

    private record Stop(Hover hover, Optional<Subject> subject) {}

    NeedleKeys(Desk desk, Field field) {
        this.desk = desk;
        this.field = field;
    }

    void pressed(KeyEvent event) {
        if (event.isAltDown() || event.isMetaDown()) {
            return;
        }
        Point way = way(event.getCode());
        if (way != null && event.isControlDown() && event.isShiftDown()) {
            Camera camera = field.camera();
            field.see(camera.moved(-way.x() * camera.width() / 8, -way.y() * camera.height() / 8));
        } else if (desk.view().stage() == Stage.SET_OUT && setOut(event, way)) {
            field.drawMarksAgain();
        } else if (way != null && !event.isControlDown()) {
            go(way);
        } else if (event.getCode() == KeyCode.SPACE && !event.isControlDown()) {
            act(event.isShiftDown());
        } else if (event.getCode() == KeyCode.ENTER && hover().isCrossing() && !event.isControlDown()) {
            field.act(hover(), desk.reach(), true);
        } else if (event.getCode() == KeyCode.INSERT
                && desk.view().stage() == Stage.WEAVE
                && hover().place().isPresent()) {
            field.weaving()
                    .breakAt(
                            hover().place().get(),
                            event.isShiftDown() ? ReachWords.broader(desk.reach()) : desk.reach());
        } else if (event.getCode() == KeyCode.HOME) {
            desk.needle(Hover.at(Point.ORIGIN));
        } else if (event.getCode() == KeyCode.ESCAPE) {
            desk.hover(Hover.NONE);
            desk.lift(null);
            desk.ghost(null);
            desk.look(desk.view().about(null));
        } else {
            return;
        }
        event.consume();
    }

    /** The keys of Set out: dividers from needle to needle, nudges of what is selected, points lying close together. */
    private boolean setOut(KeyEvent event, Point way) {
        SetOutHand hand = field.hand();
        Dividers dividers = hand.dividers();
        boolean loose = dividers.isLoose();
        switch (event.getCode()) {
            case ENTER -> {
                if (event.isControlDown()) {
                    return false;
                }
                leg(hand, dividers, loose);
            }
            case ESCAPE -> {
                if (dividers.areOpen() && !loose) {
                    dividers.keep();
                    desk.say("Dividers closed.");
                } else if (hand.paths().point() >= 0) {
                    hand.paths().forget();
                } else {
                    dividers.keep();
                    desk.look(desk.view().about(null));
                }
            }
            case PAGE_UP, PAGE_DOWN -> {
                if (event.isControlDown() || !hand.nextNear(event.getCode() == KeyCode.PAGE_UP ? -1 : 1)) {
                    return false;
                }
            }
            case SPACE -> {
                return hand.paths().toggle();
            }
            case UP, DOWN, LEFT, RIGHT -> {
                return arrow(event, way, hand, loose);
            }
            case END -> desk.needle(
                    Hover.at(new Point(0, -desk.design().page().box().bottom())));
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean arrow(KeyEvent event, Point way, SetOutHand hand, boolean loose) {
        Dividers dividers = hand.dividers();
        if (loose && way.y() != 0) {
            dividers.nextNoun((int) way.y());
        } else if (!dividers.areOpen() || loose) {
            if (desk.view().chosen().isEmpty()) {
                return false;
            }
            dividers.keep();
            double by = event.isShiftDown() ? 10 : event.isControlDown() ? 0.1 : 1;
            desk.selection().move(way.times(by * desk.design().unit().millimetres()));
        } else {
            go(way);
            hover().place().ifPresent(p -> dividers.spread(p, event.isShiftDown()));
        }
        return true;
    }

    private void leg(SetOutHand hand, Dividers dividers, boolean loose) {
        Point needle = hover().place().orElse(Point.ORIGIN);
        if (loose) {
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
                    + hand.caught().map(k -> " on " + k.words()).orElse("")
                    + ". Arrows open the dividers, Enter sets the second leg.");
        }
    }

    private static Point way(KeyCode code) {
        return switch (code) {
            case LEFT -> new Point(-1, 0);
            case RIGHT -> new Point(1, 0);
            case UP -> new Point(0, -1);
            case DOWN -> new Point(0, 1);
            default -> null;
        };
    }

    private Hover hover() {
        return desk.hoverProperty().get();
    }

    private void act(boolean broader) {
        if (hover().isCrossing()) {
            Reach reach = desk.reach();
            field.act(hover(), broader ? ReachWords.broader(reach) : reach, false);
        } else if (desk.view().stage() == Stage.SET_OUT) {
            hover().place()
                    .flatMap(field.hand()::lineAt)
                    .ifPresent(id -> desk.look(
                            broader
                                    ? desk.view().toggling(desk.root().id(), id)
                                    : desk.view().choosing(desk.root().id(), Set.of(id))));
        }
    }

    /** The nearest stop in a direction: distance aside counts double, so that the needle keeps its heading. */
    private void go(Point way) {
        Point from = hover().place().orElse(field.camera().centre());
        stops().stream()
                .filter(s -> s.hover().place().orElseThrow().minus(from).dot(way) > 1e-6)
                .min(Comparator.comparingDouble(s -> {
                    Point to = s.hover().place().orElseThrow().minus(from);
                    return to.dot(way) + 2 * Math.abs(to.cross(way));
                }))
                .ifPresent(s -> {
                    Point place = s.hover().place().orElseThrow();
                    if (desk.view().stage() == Stage.SET_OUT) {
                        field.hand().catchAt(place);
                    }
                    desk.needle(s.hover());
                    follow(place);
                });
    }

    private void follow(Point place) {
        Camera camera = field.camera();
        if (!camera.seen().contains(place)) {
            field.see(new Camera(camera.width(), camera.height(), place, camera.scale()));
        }
    }

    private List<Stop> stops() {
        List<Stop> stops = new ArrayList<>();
        List<Laying> weaves = field.weaves();
        for (int w = 0; w < weaves.size(); w++) {
            for (int m = 0; m < weaves.get(w).weave().crossings().size(); m++) {
                Point at = weaves.get(w)
                        .placed()
                        .of(weaves.get(w).weave().crossings().get(m).place());
                stops.add(new Stop(new Hover(Optional.of(at), w, m), Optional.empty()));
            }
        }
        if (desk.view().stage() == Stage.SET_OUT) {
            desk.resolved().known().ifPresent(known -> known.all().stream()
                    .filter(p -> desk.view().points().contains(p.kind()))
                    .forEach(p -> stops.add(new Stop(Hover.at(p.place()), Optional.empty()))));
        }
        return stops;
    }
}
