package org.hyphantes.desktop.field;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
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
        } else if (way != null && !event.isControlDown()) {
            go(way);
        } else if (event.getCode() == KeyCode.SPACE && !event.isControlDown()) {
            act(event.isShiftDown());
        } else if (event.getCode() == KeyCode.ENTER && hover().isCrossing() && !event.isControlDown()) {
            field.act(hover(), desk.view().reach(), true);
        } else if (event.getCode() == KeyCode.HOME) {
            desk.hover(Hover.at(Point.ORIGIN));
        } else if (event.getCode() == KeyCode.ESCAPE) {
            desk.hover(Hover.NONE);
            desk.look(desk.view().about(null));
        } else {
            return;
        }
        event.consume();
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
            field.act(hover(), broader ? Reach.EVERY_TURN : desk.view().reach(), false);
        } else if (desk.view().stage() == Stage.SET_OUT) {
            stops().stream()
                    .filter(s -> s.hover().equals(hover()))
                    .findFirst()
                    .ifPresent(s -> desk.look(desk.view().about(s.subject().orElse(null))));
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
                    desk.hover(s.hover());
                    follow(s.hover().place().orElseThrow());
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
            for (Member member : desk.root().members()) {
                if (member instanceof Figure figure) {
                    stops.add(new Stop(
                            Hover.at(figure.form().path().start()),
                            Optional.of(new Subject.OfFigure(desk.root().id(), figure.id()))));
                }
            }
        }
        return stops;
    }
}
