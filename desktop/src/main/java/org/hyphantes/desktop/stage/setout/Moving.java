package org.hyphantes.desktop.stage.setout;

import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Arranging;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;

/** A drag that moves what is selected; with Shift along one axis. */
final class Moving implements Drag {
    private final Desk desk;
    private final Point pressed;
    private Point moved;

    Moving(Desk desk, Point pressed) {
        this.desk = desk;
        this.pressed = pressed;
        this.moved = pressed;
    }

    @Override
    public void to(MouseEvent event, Point place) {
        Point by = place.minus(moved);
        if (event.isShiftDown()) {
            // Held to the axis along which it has gone further.
            Point whole = place.minus(pressed);
            Point kept = Math.abs(whole.x()) >= Math.abs(whole.y()) ? new Point(whole.x(), 0) : new Point(0, whole.y());
            by = kept.minus(moved.minus(pressed));
        }
        moved = moved.plus(by);
        desk.drag(Arranging.carry(desk.root().id(), desk.view().chosen(), Affine.shift(by), "Moved."));
    }

    @Override
    public boolean done(boolean wasMoved) {
        desk.dropped();
        return !wasMoved;
    }
}
