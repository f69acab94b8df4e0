package org.hyphantes.desktop.stage.setout;

import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Point;

/** A drag that moves the sketch. */
final class SketchMoving implements Drag {
    private final Desk desk;
    private Point moved;

    SketchMoving(Desk desk, Point pressed) {
        this.desk = desk;
        this.moved = pressed;
    }

    @Override
    public void to(MouseEvent event, Point place) {
        Point by = place.minus(moved);
        moved = place;
        desk.drag(new Edit(
                "Sketch moved.",
                d -> d.withSketch(d.sketch().at(d.sketch().middle().plus(by)))));
    }

    @Override
    public boolean done(boolean wasMoved) {
        desk.dropped();
        return false;
    }
}
