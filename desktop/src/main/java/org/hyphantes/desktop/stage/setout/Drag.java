package org.hyphantes.desktop.stage.setout;

import javafx.scene.input.MouseEvent;
import org.hyphantes.geometry.Point;

/** A drag under way, from the press to the release. */
interface Drag {
    /** A press that does nothing. */
    Drag NONE = (event, place) -> {};

    /** The pointer has come to a place (mm). */
    void to(MouseEvent event, Point place);

    /**
     * The pointer is released.
     *
     * @param moved whether it has moved since the press
     * @return whether the press was no more than a click
     */
    default boolean done(boolean moved) {
        return false;
    }
}
