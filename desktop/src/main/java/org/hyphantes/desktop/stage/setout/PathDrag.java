package org.hyphantes.desktop.stage.setout;

import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Point;

/** A drag of a point of the selected path, or of one of its sides. */
final class PathDrag implements Drag {
    private final Desk desk;
    private final PathHand paths;
    private final KnownCatch known;
    private final Dividers dividers;
    private final PathHand.Grip grip;

    PathDrag(Desk desk, PathHand paths, KnownCatch known, Dividers dividers, PathHand.Grip grip) {
        this.desk = desk;
        this.paths = paths;
        this.known = known;
        this.dividers = dividers;
        this.grip = grip;
    }

    @Override
    public void to(MouseEvent event, Point place) {
        if (grip == PathHand.Grip.POINT) {
            paths.dragPoint(known.meant(event, dividers.first()));
        } else {
            paths.dragSide(place);
        }
    }

    @Override
    public boolean done(boolean moved) {
        desk.dropped();
        if (moved) {
            return false;
        }
        if (grip == PathHand.Grip.POINT) {
            // A press on the first point of a path just begun closes it.
            if (paths.point() == 0 && dividers.isLoose()) {
                Point start =
                        paths.path().orElseThrow().paths().get(paths.part()).start();
                if (paths.runOn(start, paths.reach())) {
                    dividers.keep();
                }
            }
            return false;
        }
        paths.forget();
        return true;
    }
}
